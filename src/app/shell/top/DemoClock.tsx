import { isDemo } from '../../browser/db.ts';
import { useNow } from '../../browser/useNow.ts';
import { useWall } from '../../open/useWall.ts';
import css from './top.module.scss';

/** The demo's kitchen has a clock of its own; it says so. */
export function DemoClock() {
  const now = useNow();
  const wall = useWall();
  if (!isDemo) return null;
  return (
    <span className={css.demo}>
      demo, <span className="num">{wall.clock(now)}</span>
    </span>
  );
}
