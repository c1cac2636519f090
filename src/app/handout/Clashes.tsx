import { useMemo } from 'react';
import { type Clash, type Judged, judged, keeping, leftOpen } from '@/core/handout/index.ts';
import { cooksOf } from '@/core/meal/index.ts';
import { clashTitle, judgedWords } from '@/words/index.ts';
import { deviceNow } from '../browser/device.ts';
import { settleClash } from '../open/edits/handout.ts';
import { useOpenMeal } from '../open/MealContext.ts';
import { useSaid } from '../open/useSaid.ts';
import { useWall } from '../open/useWall.ts';
import css from './handout.module.scss';

/** What two have weighed otherwise: one at a time, as the ledger judges it. */
export function Clashes({ clashes }: { readonly clashes: readonly Clash[] }) {
  const { opened, loaded } = useOpenMeal();
  const [first, ...more] = clashes;
  const sides = useMemo(() => (first ? judged(opened, first) : []), [opened, first]);
  if (!first) return null;
  const pot = loaded.batches.find(({ id }) => id === first.batch)?.name ?? '';
  const settle = (entries: ReturnType<typeof keeping>) => settleClash(loaded.meal.id, entries);
  return (
    <div className={css.clash} role="group" aria-label="Weighed twice">
      <h3>{clashTitle(first)}</h3>
      <p className="quiet">
        {pot}
        {more.length > 0 && ` · ${more.length} more after it`}
      </p>
      <ul>
        {sides.map((side) => (
          <Side key={side.entry.id} side={side} onKeep={() => settle(keeping(first, side.entry))} />
        ))}
      </ul>
      <button type="button" className="link" onClick={() => settle(leftOpen(first, loaded.kitchen.vessels))}>
        Leave it open: a range over both
      </button>
    </div>
  );
}

function Side({ side, onKeep }: { readonly side: Judged; readonly onKeep: () => void }) {
  const { loaded } = useOpenMeal();
  const said = useSaid();
  const wall = useWall(loaded.meal.serving?.zone);
  const { entry } = side;
  const { by } = entry;
  const name = cooksOf(loaded.meal, loaded.kitchen).find(({ id }) => id === by?.who)?.name;
  const where = name ?? (by === undefined || by.device === deviceNow() ? 'here' : 'on another device');
  return (
    <li>
      <button type="button" className="btn act" onClick={onKeep}>
        Keep {entry.value?.text}
      </button>{' '}
      <span>
        {where}, {wall.clock(entry.at)}
        {by?.clock !== undefined && ` (their clock said ${wall.clock(by.clock)})`}: {judgedWords(side, said)}.
      </span>
    </li>
  );
}
