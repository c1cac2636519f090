import clsx from 'clsx';
import { edgeOf, fillOf } from '../../figures/materials.ts';
import css from './log.module.scss';

interface Props {
  /** Width as bought, of the widest. */
  readonly wide: number;
  /** Shred of that; undefined: nobody weighed it. */
  readonly narrow: number | undefined;
  readonly isOut: boolean;
}

const MOST = 92;
const HIGH = 46;
/** Of what was not weighed the lower end is drawn as planned, pale. */
const UNWEIGHED = 0.4;

/** A cook as a taper: wide as bought, narrow as shredded. */
export function Taper({ wide, narrow, isOut }: Props) {
  const top = Math.max(18, wide * MOST);
  const low = Math.max(4, top * (narrow ?? UNWEIGHED));
  const [x, u] = [(MOST - top) / 2, (MOST - low) / 2];
  return (
    <svg
      className={clsx(css.taper, isOut && css.isDashed)}
      viewBox={`-2 -2 ${String(MOST + 4)} ${String(HIGH + 4)}`}
      aria-hidden
    >
      <path
        d={`M${String(x)} 0h${String(top)}c0 18 ${String(x - u)} 16 ${String(x - u)} 32v14h${String(-low)}v-14c0-16 ${String(x - u)} -14 ${String(x - u)} -32z`}
        fill={fillOf('meat', narrow !== undefined && !isOut)}
        stroke={edgeOf('meat')}
      />
    </svg>
  );
}
