import { mlOf } from '../broth/index.ts';
import { type Strands, strandsOf } from '../ledger/index.ts';
import type { OpenedMeal } from '../model/index.ts';
import { potTimes } from './fromForks.ts';

/** How a batch came out beside how it was planned: its strands, its liquid, and how long it took. */
export interface Outcome {
  readonly strands: Strands;
  /** ml of the finished liquid. */
  readonly liquidMl: { readonly planned: number; readonly now: number };
  /** Minutes from its start to tender: foretold, and as forks had it; undefined where nobody looked. */
  readonly minutes: { readonly foretold: number; readonly took: number } | undefined;
}

/** The outcome of one batch of a meal; undefined of one that is not in it. */
export function outcomeOf(meal: OpenedMeal, batchId: string): Outcome | undefined {
  const i = meal.now.findIndex(({ id }) => id === batchId);
  const [plan, before, now] = [meal.now[i], meal.plannedRun.batches[i]?.mass, meal.nominal.batches[i]?.mass];
  if (!plan || !before || !now) return undefined;
  return {
    strands: strandsOf(meal.ledger, batchId),
    liquidMl: { planned: mlOf(before.liquid), now: mlOf(now.liquid) },
    minutes: potTimes(meal, plan),
  };
}
