import type { DayPlan } from '@/core/answers/index.ts';
import type { LoadedMeal } from '@/store/meals.ts';
import { firstPlan, planAt, triesFor } from './dayPlans.ts';
import { useAnswerOf } from './useAnswer.ts';

interface DayAnswer {
  readonly day: DayPlan | undefined;
  /** It is the one before: the new one is being worked out. */
  readonly isOld: boolean;
  /** The first answer stands, a better one is looked for. */
  readonly levelling: boolean;
  readonly failed: Error | null;
}

/**
 * The day of a meal, one for all sheets. Where none is there yet a first plan comes at once and the levelled one after it; from
 * then on the one before stands, told as such, until the new one takes its place: no cook reads two new times in a row.
 */
export function useDay(loaded: LoadedMeal, now: number, enabled = true): DayAnswer {
  // The thread works on one thing at a time: the quick list goes before the levelling.
  const first = useAnswerOf(loaded, 'day', firstPlan(now), { enabled });
  const levelled = useAnswerOf(loaded, 'day', planAt(now, triesFor(loaded.batches.length)), {
    enabled: enabled && first.data !== undefined && !first.isPlaceholderData,
  });
  return {
    day: levelled.data ?? first.data,
    isOld: levelled.data !== undefined && levelled.isPlaceholderData,
    levelling: levelled.data === undefined && first.data !== undefined,
    failed: first.error ?? levelled.error,
  };
}
