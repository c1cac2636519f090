import { type Reckoning, reckon } from '../reckoning/index.ts';
import { drawsOf, openMeal, type Input } from '../model/index.ts';

/** The reckoning with its ranges, as the worker gives it. */
export function reckonDrawn(input: Input): Reckoning {
  const meal = openMeal(input);
  return reckon(meal, drawsOf(meal));
}
