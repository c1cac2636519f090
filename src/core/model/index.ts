export { drawsOf, meatDrawsOf, servingColumns } from './run/draws.ts';
export { FULL_DRAWS, largestLot, numberOfDraws, type Drawn } from './run/drawn.ts';
export {
  batchColumns,
  liquidFigures,
  meatFigures,
  type BatchFigure,
  type LiquidFigure,
  type MeatFigure,
} from './run/figures.ts';
export { sampleNormals } from './run/normals.ts';
export { LOT_SPREAD } from './belief/latents.ts';
export { measuresOf } from './plan/shared.ts';
export { HAND, learnSpreads, nextOf, priorFor, tenderGroup } from './belief/spreads.ts';
export { posteriorOf } from './belief/posterior.ts';
export type { ReadingOf } from './belief/readings.ts';
export { ingredientsById, ingredientsOf, type Input } from './input.ts';
export type { Problem, Remedy, Says } from './problem.ts';
export type { Nominal } from './run/nominal.ts';
export { NO_ALCOHOL, oneServing } from './run/oneServing.ts';
export type { NominalBatch } from './run/run.ts';
export { bowlG, stretchedG } from './plan/stretch.ts';
export { openMeal, type OpenedMeal } from './openMeal.ts';
export {
  allergensByDish,
  allergensInPot,
  forGuests,
  type Allergens,
  type DishAllergens,
  type ForGuests,
  type From,
} from './allergens.ts';
export { saltTyped } from './plan/liquid.ts';
export { type BatchPlan, isTooFull, type MealPlan } from './plan/plan.ts';
export type { BoilsCovered } from './plan/steam.ts';
export { searedAs, toSear, type SearFigures } from './plan/sear.ts';
export type { FilledVessel } from './plan/vessels.ts';
export { keptFor } from './kept.ts';
