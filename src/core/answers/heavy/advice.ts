import type { Quantity } from '../../quantity/index.ts';
import { drawsOf, openMeal, type OpenedMeal } from '../../model/index.ts';
import { type Advice, mealReckoning, type MealReckoning } from '../../reckoning/index.ts';

/** Draws of a trial: a chance near one is known to a hundredth by so many. */
const TRIAL = 1000;
/** Nobody tells this from 95 in 100. */
const AS_GOOD = 0.93;

/**
 * What would bring a meal to 95 in 100, tried: more meat in the pot steams, holds and juices otherwise than what is there. It is
 * told with the chance that it gives, or, where the liquid runs short then, with the liquid that is needed beside it.
 */
export function advice(meal: OpenedMeal): Advice {
  const { input } = meal;
  const { more, moreMl, lacksMeat } = wholeOf(meal);
  if (!more) return { more, moreMl, lacksMeat };
  const heavier = (weight: Quantity): Quantity => ({
    ...weight,
    lo: (weight.lo ?? 0) + more.grams,
    hi: (weight.hi ?? 0) + more.grams,
  });
  const batches = input.batches.map((batch) =>
    batch.id === more.batch
      ? {
          ...batch,
          lots: batch.lots.map((lot) =>
            lot.id === more.lot ? { ...lot, weight: heavier(lot.weight) } : lot,
          ),
        }
      : batch,
  );
  const then = wholeOf(openMeal({ ...input, batches }), TRIAL);
  // Where nobody knows how much liquid there will be, no chance is told.
  if (then.enough === null) return { more, moreMl, lacksMeat };
  if (then.enough < AS_GOOD && then.moreMl !== null)
    return { more, moreMl: Math.max(then.moreMl, moreMl ?? 0), lacksMeat };
  return { more: { ...more, enough: then.enough }, moreMl: null, lacksMeat };
}

function wholeOf(meal: OpenedMeal, draws?: number): MealReckoning {
  const { plan, nominal, now } = meal;
  return mealReckoning(plan.tickets, nominal, now, drawsOf(meal, draws));
}
