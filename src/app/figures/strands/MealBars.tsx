import { writeMass, writeVolume } from '@/core/quantity/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { edgeOf, fillOf } from '../materials.ts';
import { Slices } from './Slices.tsx';
import type { StrandsLayout } from './layout.ts';
import { atRow } from './rows.ts';
import css from './strands.module.scss';

/** Left of the bars stand the words of the stations, right of them what there is in all, px. */
const X = 134;
const FIGURE = 64;
const TALL = 13;

interface Props {
  readonly width: number;
  readonly height: number;
  readonly ends: StrandsLayout['ends'];
}

/**
 * What is of the meal and not of this pot: at the order what all pots give beside what the plates want, at the plates what goes
 * there. Each bar has a scale of its own, so that all of it fits; each pot is a slice, this one's in a heavy outline, and the need a
 * dashed one over all.
 */
export function MealBars({ width, height, ends }: Props) {
  const { units, batch } = useOpenMeal();
  const { reckoning } = useFigures();
  const { meal, batches } = reckoning;
  if (meal.needG <= 0 && meal.needMl <= 0) return null;
  const room = width - X - Math.max(FIGURE, ends.keptW + 16);
  const mass = (grams: number) => plain(writeMass(grams, units));
  const volume = (ml: number) => plain(writeVolume(ml, units));
  const at = (stage: 'order' | 'plates', px: number) => atRow(stage, 0, height) + px;
  const bars = [
    {
      material: 'meat' as const,
      needed: meal.needG,
      over: meal.over.g,
      write: mass,
      gives: batches.map(({ id, gives }) => ({ id, much: gives.g })),
      plated: batches.map(({ id, toPlates }) => ({ id, much: toPlates.g })),
      from: ends.meat,
      ys: [at('order', 27), at('plates', 24)] as const,
    },
    {
      material: 'broth' as const,
      needed: meal.needMl,
      over: meal.over.ml,
      write: volume,
      gives: batches.map(({ id, gives }) => ({ id, much: gives.ml })),
      plated: batches.map(({ id, toPlates }) => ({ id, much: toPlates.ml })),
      from: undefined,
      ys: [at('order', 70), at('plates', 58)] as const,
    },
  ];
  return (
    <g>
      <text x={X} y={at('order', 17)} className="num" aria-hidden="true">
        needed
      </text>
      {bars.map(({ material, needed, over, write, gives, plated, from, ys }) => {
        const all = sum(gives);
        if (all <= 0 && needed <= 0) return null;
        const wide = (much: number) => (room * much) / Math.max(all, needed);
        const mine = gives.find(({ id }) => id === batch.id)?.much ?? 0;
        const out = plated.find(({ id }) => id === batch.id)?.much ?? 0;
        const look = { fill: fillOf(material, false), stroke: edgeOf(material) };
        const [order, plates] = ys;
        const others = all - mine;
        return (
          <g key={material}>
            <Slices of={gives} x={X} y={order} h={TALL} wide={wide} look={look} />
            <rect
              className={css.need}
              x={X - 3}
              y={order - 3}
              width={wide(needed) + 3}
              height={TALL + 6}
              aria-hidden="true"
            />
            <g aria-hidden="true">
              <text className="num" x={width - 8} y={order + 11} textAnchor="end">
                {write(all)}
              </text>
              <text x={X} y={order + 28}>
                {others > 0 ? `this pot ${write(mine)}, others ${write(others)}` : 'all of it from this pot'}
              </text>
              <text className={over < 0 ? css.short : 'num'} x={width - 8} y={order + 28} textAnchor="end">
                {overWords(over, needed, write)}
              </text>
            </g>
            {from && (
              <path
                className={css.lead}
                aria-hidden="true"
                d={leads(from, X + wide(before(plated, batch.id)), wide(out), plates)}
              />
            )}
            <Slices
              of={plated}
              x={X}
              y={plates}
              h={TALL}
              wide={wide}
              look={{ ...look, fill: material === 'meat' ? fillOf('served', false) : look.fill }}
            />
            <path
              className={css.mark}
              aria-hidden="true"
              d={`M${X + wide(needed)} ${plates - 5}v${TALL + 10}`}
            />
            <text x={X} y={plates + 28} aria-hidden="true">
              {others > 0
                ? `${write(out)} of ${write(sum(plated))} is this pot’s`
                : `${write(out)} to the plates`}
            </text>
          </g>
        );
      })}
    </g>
  );
}

const sum = (of: readonly { readonly much: number }[]) => of.reduce((total, { much }) => total + much, 0);

/** What stands before the slice of a pot. */
const before = (of: readonly { readonly id: string; readonly much: number }[], id: string) =>
  sum(
    of.slice(
      0,
      of.findIndex((one) => one.id === id),
    ),
  );

/** From the end of a pot’s strand to its slice. */
const leads = ({ x, y, w }: StrandsLayout['ends']['meat'], to: number, wide: number, top: number) =>
  w > 0 && wide > 0 ? `M${x} ${y}L${to} ${top}M${x + w} ${y}L${to + wide} ${top}` : '';

/** Nearer than this it is just enough, of what is needed. */
const ENOUGH = 0.01;

function overWords(over: number, needed: number, write: (much: number) => string): string {
  if (Math.abs(over) <= ENOUGH * needed) return 'enough';
  return over > 0 ? `${write(over)} over` : `${write(-over)} short`;
}

const plain = ({ value, unit }: { readonly value: string; readonly unit: string }) => `${value} ${unit}`;
