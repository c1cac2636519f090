import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { reckon, type Reckoning } from '@/core/reckon.ts';
import { withOldRanges } from '@/core/reckoning/overlay.ts';
import { reference } from '@/reference/index.ts';
import type { LoadedMeal } from '@/store/meals.ts';
import { askRanges } from '@/workers/client.ts';
import { afterFirstPaint } from './afterFirstPaint.ts';

export interface Reckoned {
  readonly reckoning: Reckoning;
  /** The ranges are still those of a moment ago. */
  readonly working: boolean;
}

/**
 * The reckoning of a meal: its centre at once, its ranges as soon as the worker has them. The
 * question is its own key, so a change drops the old question.
 */
export function useReckoning(loaded: LoadedMeal): Reckoned {
  const { meal, batches, entries, kitchen } = loaded;
  const question = useMemo(() => ({ meal, batches, entries, kitchen }), [meal, batches, entries, kitchen]);
  const centre = useMemo(() => reckon({ ...question, reference }), [question]);
  const { data, isPlaceholderData } = useQuery({
    queryKey: ['reckon', question],
    queryFn: async ({ signal }) => {
      await afterFirstPaint;
      return askRanges(question, signal);
    },
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    gcTime: 60_000,
  });
  const working = data === undefined || isPlaceholderData;
  const reckoning = useMemo(
    () => (data && !working ? data : data ? withOldRanges(centre, data) : centre),
    [centre, data, working],
  );
  return { reckoning, working };
}
