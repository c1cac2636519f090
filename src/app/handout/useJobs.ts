import { useMemo } from 'react';
import { benchCards, type DayPlan } from '@/core/answers/index.ts';
import { type DealtJob, jobsOf } from '@/core/handout/index.ts';
import { cooksOf } from '@/core/meal/index.ts';
import { capital, doingWords, onScaleWords, shortName } from '@/words/index.ts';
import { useFigures, useOpenMeal } from '../open/MealContext.ts';
import { useShares } from '../open/useShares.ts';

/** Everything that the day wants hands for, by those who have names. */
export function useJobs(day: DayPlan | undefined): {
  readonly jobs: readonly DealtJob[];
  /** What a plate gets is still being shared out. */
  readonly isSharing: boolean;
} {
  const { loaded } = useOpenMeal();
  const { reckoning } = useFigures();
  const { data, error } = useShares();
  const jobs = useMemo(() => {
    if (!day) return [];
    const { meal, kitchen, batches } = loaded;
    const names = new Map(cooksOf(meal, kitchen).map(({ id, name }) => [id, name]));
    return jobsOf(
      day,
      reckoning.batches,
      benchCards(loaded, day),
      {
        line: ({ does }) => doingWords(does),
        weighed: (what) =>
          'lot' in what
            ? `${shortName(what.lot)}, trimmed`
            : 'liquid' in what
              ? `The ${what.liquid}, by weight or volume`
              : capitalOf(what.step),
        person: (id) => names.get(id) ?? '',
        onPlate: (dish) => data?.dishes.find((one) => one.dish === dish)?.from,
      },
      batches[0]?.id ?? '',
    );
  }, [day, loaded, reckoning, data]);
  return { jobs, isSharing: data === undefined && error === null };
}

function capitalOf(step: Parameters<typeof onScaleWords>[0]): string | undefined {
  const words = onScaleWords(step)?.inBowl;
  return words === undefined ? undefined : capital(words);
}
