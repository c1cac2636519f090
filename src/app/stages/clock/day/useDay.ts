import type { DayPlan } from '@/core/answers/index.ts';
import { firstPlan, planAt, triesFor } from '../../../open/dayPlans.ts';
import { useAnswer } from '../../../open/useAnswer.ts';
import { useOpenMeal } from '../../../open/MealContext.ts';

export interface DayAnswer {
  readonly day: DayPlan | undefined;
  /** The first answer stands, a better one is looked for. */
  readonly levelling: boolean;
  readonly failed: Error | null;
}

/** The day of the open meal: a first plan at once, the levelled one as soon as it is there. */
export function useDay(now: number): DayAnswer {
  const { loaded } = useOpenMeal();
  const first = useAnswer('day', firstPlan(now));
  const levelled = useAnswer('day', planAt(now, triesFor(loaded.batches.length)), {
    enabled: first.data !== undefined && !first.isPlaceholderData,
    fresh: true,
  });
  return {
    day: levelled.data ?? first.data,
    levelling: levelled.isFetching,
    failed: first.error ?? levelled.error,
  };
}
