import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { reckon, type Reckoning } from '@/core/reckon.ts';
import { withOldRanges } from '@/core/reckoning/pictures/overlay.ts';
import { reference } from '@/reference/index.ts';
import type { LoadedMeal } from '@/store/meals.ts';
import { askRanges } from '@/workers/client.ts';
import { afterFirstPaint } from './afterFirstPaint.ts';

export interface Reckoned {
  readonly reckoning: Reckoning;
  /** The ranges are still those of a moment ago. */
  readonly working: boolean;
  /** Why there are no ranges, if the worker could not answer. */
  readonly failed?: string;
}

/**
 * The reckoning of a meal: its centre at once, its ranges as soon as the worker has them. The
 * question is its own key, so a change drops the old question.
 */
export function useReckoning(loaded: LoadedMeal): Reckoned {
  const { meal, batches, entries, kitchen } = loaded;
  const question = useMemo(() => ({ meal, batches, entries, kitchen }), [meal, batches, entries, kitchen]);
  const centre = useMemo(() => reckon({ ...question, reference }), [question]);
  const { data, isPlaceholderData, error } = useQuery({
    queryKey: ['reckon', question] as const,
    queryFn: async ({ signal }) => {
      await afterFirstPaint;
      return askRanges(question, signal);
    },
    // Old ranges stand in for a moment, but never another meal's.
    placeholderData: (before, query) => (query?.queryKey[1].meal.id === meal.id ? before : undefined),
    staleTime: Infinity,
    gcTime: 60_000,
  });
  const working = data === undefined || isPlaceholderData;
  const reckoning = useMemo(
    () => (data && !working ? data : data ? withOldRanges(centre, data) : centre),
    [centre, data, working],
  );
  return { reckoning, working, ...(error && { failed: error.message }) };
}
