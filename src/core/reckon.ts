import type { LedgerFlow } from './ledger/index.ts';
import { batchReckoning, needOfBatch, stillInPot, type BatchReckoning } from './reckoning/batch.ts';
import { centreOf, ledgerOf, plansOf } from './reckoning/centre/centre.ts';
import { tooMuchLiquid } from './reckoning/centre/slowCooker.ts';
import { saltProblems } from './reckoning/centre/salt.ts';
import { numberOfDraws, type Sampler } from './reckoning/draws/drawn.ts';
import type { Input, Problem } from './reckoning/input.ts';
import { mealReckoning, type MealReckoning } from './reckoning/meal.ts';
import { planMeal } from './reckoning/plan/plan.ts';
import { unaccountedOf, type Unaccounted } from './reckoning/unaccounted.ts';

export type { BatchReckoning } from './reckoning/batch.ts';
export type { MealReckoning } from './reckoning/meal.ts';
export { FULL_DRAWS } from './reckoning/draws/drawn.ts';
export type { LotReckoning } from './reckoning/centre/lotReckoning.ts';
export type { Input, Problem } from './reckoning/input.ts';
export type { PotPicture, VesselPicture } from './reckoning/pictures/pot.ts';

export interface Reckoning {
  readonly meal: MealReckoning;
  readonly batches: readonly BatchReckoning[];
  readonly ledger: readonly LedgerFlow[];
  /** Missing and found, as flows, g. */
  readonly unaccounted: readonly Unaccounted[];
  readonly problems: readonly Problem[];
  readonly draws: number;
}

/**
 * All that can be known of a meal and its batches: plan, centre, ledger, draws.
 * Without draws only the centre is worked out (under a millisecond); with them every figure that
 * nobody can know gets its range, and "enough" its chance. The same input gives the same figures.
 */
export function reckon(input: Input, sampler?: Sampler): Reckoning {
  const mealPlan = planMeal(input);
  const { planned, now } = plansOf(mealPlan, input);
  const plannedCentre = centreOf(mealPlan, planned);
  const centre = input.entries.length === 0 ? plannedCentre : centreOf(mealPlan, now);
  const ledger = ledgerOf(plannedCentre.flows, centre.flows, now);
  const n = sampler ? numberOfDraws(now) : 0;
  const drawn = sampler?.(input.meal.id, mealPlan, now, centre, n);
  return {
    meal: mealReckoning(mealPlan.tickets, centre, now, drawn),
    batches: centre.batches.map((one) => batchReckoning(one, centre, mealPlan, drawn, input)),
    ledger,
    unaccounted: unaccountedOf(ledger),
    problems: [
      ...mealPlan.problems,
      ...centre.batches.flatMap((one) => [
        ...saltProblems(one, input),
        ...stillInPot(one, input),
        ...tooMuchLiquid(one, needOfBatch(one, centre, mealPlan).liquidMl),
      ]),
    ],
    draws: n,
  };
}
