import { picksAll } from '../../meat/index.ts';
import type { BatchPlan } from '../plan/plan.ts';
import type { BatchColumns } from './figures.ts';

export const FULL_DRAWS = 5_000;
/** Above this many lots the draws fall, so that editing stays smooth; the screen says so. */
const MANY_LOTS = 20;
const FEW_DRAWS = 1_000;

/** One finished liquid in every draw: ml, and salt in per cent. */
export interface LiquidColumns {
  readonly ml: Float64Array;
  readonly saltPct: Float64Array;
}

/** Every draw of what can be asked about a meal: columns as long as there are draws. */
export interface Drawn {
  readonly n: number;
  readonly batches: ReadonlyMap<string, BatchColumns>;
  /** Of each batch its finished liquids, in the order of its plan. */
  readonly liquids: ReadonlyMap<string, readonly LiquidColumns[]>;
  readonly plates: Float64Array;
  /** Full servings of each ticket, and which part ran short of it. */
  readonly filled: readonly Float64Array[];
  readonly shortOf: readonly Uint8Array[];
  readonly needG: Float64Array;
  readonly needMl: Float64Array;
  readonly shredG: Float64Array;
  readonly liquidMl: Float64Array;
  /** What of both is not out yet. */
  readonly restG: Float64Array;
  readonly restMl: Float64Array;
  /** All of each batch. */
  readonly shredBy: readonly Float64Array[];
  readonly liquidBy: readonly Float64Array[];
  readonly leftG: Float64Array;
  readonly leftMl: Float64Array;
  /** One serving of each ticket. */
  readonly meatG: readonly Float64Array[];
  readonly servedMl: readonly Float64Array[];
  readonly heldMl: readonly Float64Array[];
  /** Shred of each lot, by its place among all lots of all batches. */
  readonly lotShredG: readonly Float64Array[];
}

export function numberOfDraws(plans: readonly BatchPlan[]): number {
  return plans.reduce((sum, plan) => sum + plan.lots.length, 0) > MANY_LOTS ? FEW_DRAWS : FULL_DRAWS;
}

/** The largest lot by raw weight: the one that "how much more" adds to. */
export function largestLot(plans: readonly BatchPlan[]): { batch: string; lot: string } | undefined {
  let largest: { batch: string; lot: string; rawG: number } | undefined;
  for (const plan of plans) {
    for (const { id, rawG, pick } of plan.lots) {
      if (!picksAll(pick) && rawG > (largest?.rawG ?? 0)) largest = { batch: plan.id, lot: id, rawG };
    }
  }
  return largest;
}
