import type { Quantity } from '../../quantity/index.ts';
import { drawsOf, type Input, openMeal } from '../../model/index.ts';
import { mealReckoning, type MealReckoning } from '../mealReckoning.ts';

/** Draws of a trial: a chance near one is known to a hundredth by so many. */
const TRIAL = 1000;
/** Nobody tells this from 95 in 100. */
const AS_GOOD = 0.93;

/**
 * The advice to buy more meat, tried: more of it in the pot steams, holds and juices otherwise than what is there. It is told
 * with the chance that it gives, or, where the liquid runs short then, with the liquid that is needed beside it.
 */
export function triedMeat(meal: MealReckoning, input: Input): MealReckoning {
  const { more } = meal;
  if (!more) return meal;
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
  const opened = openMeal({ ...input, batches });
  const { plan, nominal, now } = opened;
  const then = mealReckoning(plan.tickets, nominal, now, drawsOf(opened, TRIAL));
  const { enough, moreMl } = then;
  // Where nobody knows how much liquid there will be, no chance is told.
  if (enough === null) return meal;
  if (enough < AS_GOOD && moreMl !== null) return { ...meal, moreMl: Math.max(moreMl, meal.moreMl ?? 0) };
  return { ...meal, moreMl: null, more: { ...more, enough } };
}
