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
/** Less than this left over is just enough, of what is needed. */
const ENOUGH = 0.01;

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
  const { reckoning, batchReckoning: mine } = useFigures();
  const { meal, batches } = reckoning;
  if (meal.needG <= 0 && meal.needMl <= 0) return null;
  const room = width - X - Math.max(FIGURE, ends.keptW + 16);
  const at = (stage: 'order' | 'plates', px: number) => atRow(stage, 0, height) + px;
  const { gives, toPlates, keeps } = reckoning.ofAllPots;
  const bars = [
    {
      material: 'meat' as const,
      of: 'g' as const,
      needed: meal.needG,
      isShort: meal.runsShort.meat,
      write: (grams: number) => plain(writeMass(grams, units)),
      ys: [at('order', 27), at('plates', 24)] as const,
    },
    {
      material: 'broth' as const,
      of: 'ml' as const,
      needed: meal.needMl,
      isShort: meal.runsShort.liquid,
      write: (ml: number) => plain(writeVolume(ml, units)),
      ys: [at('order', 70), at('plates', 58)] as const,
    },
  ];
  return (
    <g>
      <text x={X} y={at('order', 17)} className="num" aria-hidden="true">
        needed
      </text>
      {bars.map(({ material, of, needed, isShort, write, ys: [order, plates] }) => {
        if (gives[of] <= 0 && needed <= 0) return null;
        const wide = (much: number) => (room * much) / Math.max(gives[of], needed);
        const look = { fill: fillOf(material, false), stroke: edgeOf(material) };
        const slices = (key: 'gives' | 'toPlates') =>
          batches.map((one) => ({ id: one.id, much: one[key][of] }));
        return (
          <g key={material}>
            <Slices of={slices('gives')} x={X} y={order} h={TALL} wide={wide} look={look} />
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
                {write(gives[of])}
              </text>
              <text x={X} y={order + 28}>
                {batches.length > 1 ? `${write(mine.gives[of])} is this pot’s` : 'all from this pot'}
              </text>
              <text className={isShort ? css.short : 'num'} x={width - 8} y={order + 28} textAnchor="end">
                {isShort ? 'runs short' : enoughWords(gives[of], needed, keeps[of], write)}
              </text>
            </g>
            {material === 'meat' && (
              <path
                className={css.lead}
                aria-hidden="true"
                d={leads(
                  ends.meat,
                  X + wide(before(slices('toPlates'), batch.id)),
                  wide(mine.toPlates[of]),
                  plates,
                )}
              />
            )}
            <Slices
              of={slices('toPlates')}
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
              {batches.length > 1
                ? `${write(mine.toPlates[of])} of ${write(toPlates[of])} is this pot’s`
                : `${write(toPlates[of])} to the plates`}
            </text>
          </g>
        );
      })}
    </g>
  );
}

/** What stands before the slice of a pot. */
const before = (of: readonly { readonly id: string; readonly much: number }[], id: string) =>
  of
    .slice(
      0,
      of.findIndex((one) => one.id === id),
    )
    .reduce((sum, { much }) => sum + much, 0);

/** From the end of a pot’s strand to its slice. */
const leads = ({ x, y, w }: StrandsLayout['ends']['meat'], to: number, wide: number, top: number) =>
  w > 0 && wide > 0 ? `M${x} ${y}L${to} ${top}M${x + w} ${y}L${to + wide} ${top}` : '';

const plain = ({ value, unit }: { readonly value: string; readonly unit: string }) => `${value} ${unit}`;

/** Where all plates can be filled: what is left over, or that their portions are smaller than wanted. */
function enoughWords(gives: number, needed: number, keeps: number, write: (much: number) => string): string {
  if (gives < (1 - ENOUGH) * needed) return 'smaller portions';
  return keeps > ENOUGH * needed ? `${write(keeps)} left` : 'enough';
}
