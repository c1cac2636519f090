import { centreOf, plansOf } from '../reckoning/centre/centre.ts';
import { drawMeal, servingColumns } from '../reckoning/draws/draws.ts';
import { numberOfDraws } from '../reckoning/draws/drawn.ts';
import type { Input } from '../reckoning/input.ts';
import { planMeal } from '../reckoning/plan/plan.ts';
import { percentileOfSorted } from '../quantity/range.ts';
import { emptyServed, serve } from '../plates/index.ts';

export interface Feeds {
  /** How many of each dish, if it were the only one. */
  readonly alone: readonly { readonly dish: string; readonly name: string; readonly count: number }[];
  /** How many times over the order as it stands is fed, with the chance asked for. */
  readonly times: number;
}

/** More servings than this nobody counts. */
const MOST = 100_000;

/**
 * What the meat and the liquid that are planned feed, with a given chance: of each dish alone, and of
 * the order as it stands. Null where there is nothing to feed or no liquid is known.
 */
export function feeds(input: Input, chance: number): Feeds | null {
  const mealPlan = planMeal(input);
  const { now } = plansOf(mealPlan, input);
  if (mealPlan.tickets.length === 0 || now.some((plan) => plan.liquid === undefined)) return null;
  const centre = centreOf(mealPlan, now);
  const n = numberOfDraws(now);
  const drawn = drawMeal(input.meal.id, mealPlan, now, centre, n);
  const surely = (column: Float64Array) => percentileOfSorted(column.toSorted(), 1 - chance);
  const alone = mealPlan.tickets.map((ticket) => {
    const [columns] = servingColumns(input.meal.id, [ticket], n);
    const only = [{ ...ticket, count: MOST, way: 'set' as const }];
    const served = emptyServed(1);
    const draw = { portion: new Float64Array(1), serving: new Float64Array(1), held: new Float64Array(1) };
    const counts = new Float64Array(n).map((_, d) => {
      draw.portion[0] = columns?.portion[d] ?? 1;
      draw.serving[0] = columns?.serving[d] ?? 0;
      draw.held[0] = columns?.held[d] ?? 1;
      serve(only, drawn.shredG[d] ?? 0, drawn.liquidMl[d] ?? 0, draw, served);
      return served.plates;
    });
    return { dish: ticket.id, name: ticket.name, count: Math.floor(surely(counts)) };
  });
  const ratio = (have: Float64Array, need: Float64Array) =>
    have.map((x, d) => ((need[d] ?? 0) > 0 ? x / (need[d] ?? 1) : Infinity));
  const meat = ratio(drawn.shredG, drawn.needG);
  const liquid = ratio(drawn.liquidMl, drawn.needMl);
  return { alone, times: surely(meat.map((x, d) => Math.min(x, liquid[d] ?? Infinity))) };
}
