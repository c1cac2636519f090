import { drawsOf, servingColumns, type OpenedMeal } from '../../model/index.ts';
import { valueAt, entryAt } from '../../columns/index.ts';
import { percentileOfSorted } from '../../quantity/index.ts';
import { emptyServed, serve } from '../../plates/index.ts';

export interface Feeds {
  /** How many of each dish, if it were the only one. */
  readonly alone: readonly { readonly dish: string; readonly name: string; readonly count: number }[];
  /** How many times over the order as it stands is fed, with the chance asked for. */
  readonly times: number;
}

/** More servings than this nobody counts. */
const MOST = 100_000;

/** So many are fed in at least that share of the draws. */
const atLeast = (counts: Float64Array, chance: number): number =>
  valueAt(counts.toSorted(), Math.min(counts.length - 1, Math.floor((1 - chance) * counts.length + HAIR)));
const HAIR = 1e-6;

/**
 * What the meat and the liquid that are planned feed, with a given chance: of each dish alone, and of
 * the order as it stands. Null where there is nothing to feed or no liquid is known.
 */
export function feeds(meal: OpenedMeal, { chance }: { readonly chance: number }): Feeds | null {
  const { tickets } = meal.plan;
  if (tickets.length === 0 || meal.now.some((plan) => plan.liquid === undefined)) return null;
  const drawn = drawsOf(meal);
  const { n } = drawn;
  const surely = (column: Float64Array) => percentileOfSorted(column.toSorted(), 1 - chance);
  const alone = tickets.map((ticket) => {
    const columns = entryAt(servingColumns(meal.input.meal.id, [ticket], n), 0);
    const only = [{ ...ticket, count: MOST, way: 'set' as const }];
    const served = emptyServed(1);
    const draw = { portion: new Float64Array(1), serving: new Float64Array(1), held: new Float64Array(1) };
    const counts = new Float64Array(n).map((_, d) => {
      draw.portion[0] = valueAt(columns.portion, d);
      draw.serving[0] = valueAt(columns.serving, d);
      draw.held[0] = valueAt(columns.held, d);
      serve(only, valueAt(drawn.shredG, d), valueAt(drawn.liquidMl, d), draw, served);
      return served.plates;
    });
    return { dish: ticket.id, name: ticket.name, count: atLeast(counts, chance) };
  });
  const ratio = (have: Float64Array, need: Float64Array) =>
    have.map((x, d) => (valueAt(need, d) > 0 ? x / valueAt(need, d) : Infinity));
  const meat = ratio(drawn.shredG, drawn.needG);
  const liquid = ratio(drawn.liquidMl, drawn.needMl);
  return { alone, times: surely(meat.map((x, d) => Math.min(x, liquid[d] ?? Infinity))) };
}
