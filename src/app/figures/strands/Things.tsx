import { writeMass, writeVolume } from '@/core/quantity/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { edgeOf, fillOf } from '../materials.ts';
import type { StrandsLayout } from './layout.ts';
import type { Size } from './measure.ts';
import { atRow } from './rows.ts';

interface Props {
  readonly layout: Pick<StrandsLayout, 'board' | 'jug' | 'shelf' | 'labels'>;
  readonly size: Size;
}

/** What the strands run between: the board, the jug and the shelf, and the words beside what has left. */
export function Things({ layout: { board, jug, shelf, labels }, size }: Props) {
  const { units } = useOpenMeal();
  return (
    <g aria-hidden="true">
      <rect
        className="ink-line"
        x={board.x}
        y={board.y}
        width={board.w}
        height={board.h}
        rx="5"
        strokeWidth="1.8"
      />
      <rect
        x={board.x + 6}
        y={board.y + 5}
        width={Math.max(0, board.w - 12)}
        height={board.h - 10}
        rx="3"
        fill="url(#meat)"
      />
      {jug.w > 14 && (
        <path
          fill="url(#broth)"
          stroke="var(--ink)"
          strokeWidth="1.8"
          d={`M${jug.x - 5} ${jug.y}H${jug.x + jug.w + 5}L${jug.x + jug.w} ${jug.y + jug.h}H${jug.x}Z`}
        />
      )}
      {shelf.map((tub) => (
        <g key={tub.material}>
          {tub.filled && (
            <rect
              x={tub.x + 5}
              y={tub.y - 14}
              width={Math.max(1, tub.w - 10)}
              height={14}
              fill={fillOf(tub.material, false)}
              stroke={edgeOf(tub.material)}
            />
          )}
          <rect
            className="ink-line"
            x={tub.x}
            y={tub.y}
            width={tub.w}
            height={tub.h}
            rx="3"
            strokeWidth="1.8"
          />
        </g>
      ))}
      <KeptWords {...size} />
      {labels.map(({ id, x, y, anchor, words, grams }) => (
        <text key={id} x={x} y={y} textAnchor={anchor}>
          <tspan>{words}</tspan>{' '}
          <tspan className="num" x={x} dy="14" data-flow={id}>
            {short(writeMass(grams, units))}
          </tspan>
        </text>
      ))}
    </g>
  );
}

const short = ({ value, unit }: { value: string; unit: string }) => `${value} ${unit}`;

/** Under the tubs: what is kept of this pot, and of the others. */
function KeptWords({ width, height }: Size) {
  const { units } = useOpenMeal();
  const { reckoning, batchReckoning } = useFigures();
  const mine = batchReckoning.kept.liquidMl;
  const all = reckoning.ofAllPots.keeps.ml;
  if (all <= 0) return null;
  return (
    <text x={width - 8} y={atRow('keep', 0.82, height)} textAnchor="end">
      <tspan className="num">{short(writeVolume(mine, units))}</tspan>
      {reckoning.batches.length > 1 && ` of ${short(writeVolume(all, units))} is this pot’s`}
    </text>
  );
}
