import { useId } from 'react';
import type { LotSlices } from './lotSlices.ts';
import css from './log.module.scss';

interface Props {
  readonly lot: LotSlices;
  readonly words: string;
}

/** mm. */
const MARGIN = 6;
const TICK = 100;
const AXIS = 22;

/** A lot on the board, cut across, to the centimetre below it: bone, seams and fat are as large as they will weigh. */
export function LotPicture({ lot: { slices, widthMm, heightMm }, words }: Props) {
  const id = useId();
  const ticks = Array.from({ length: Math.floor(widthMm / TICK) + 1 }, (_, i) => i * TICK);
  const view = [-MARGIN, -MARGIN, widthMm + 2 * MARGIN, heightMm + 2 * MARGIN + AXIS].map(String).join(' ');
  return (
    <svg className={css.picture} viewBox={view} preserveAspectRatio="xMinYMid" role="img" aria-label={words}>
      {slices.map(({ x, y, outline, rimMm, bone, marrow, seams, seamMm }, i) => (
        <g key={i} transform={`translate(${String(x)} ${String(y)})`}>
          <clipPath id={`${id}-${String(i)}`}>
            <path d={outline} />
          </clipPath>
          <g clipPath={`url(#${id}-${String(i)})`}>
            <path d={outline} fill="var(--meat)" />
            {seams.map((d) => (
              <path key={d} d={d} className={css.seam} strokeWidth={seamMm} />
            ))}
            {/* Half of a line lies outside of the edge that cuts it off. */}
            <path d={outline} className={css.rim} strokeWidth={2 * rimMm} />
          </g>
          {bone !== undefined && <path d={bone} className={css.boneCut} />}
          {marrow && <circle cx={marrow.x} cy={marrow.y} r={marrow.r} className={css.marrow} />}
          <path d={outline} className={css.edge} />
        </g>
      ))}
      <g transform={`translate(0 ${String(heightMm + 10)})`} className={css.ruler}>
        <path d={`M0 0H${String(widthMm)}`} />
        {ticks.map((mm) => (
          <path key={mm} d={`M${String(mm)} 0v9`} />
        ))}
      </g>
    </svg>
  );
}
