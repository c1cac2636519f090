import { useQuery } from '@tanstack/react-query';
import { useEffect, useMemo } from 'react';
import { begunAt, learnedBefore } from '@/core/log/index.ts';
import type { LoadedMeal } from '@/store/meals.ts';
import { loadedOf } from '@/store/rows.ts';
import { mealKey, readMeal } from './memory.ts';
import { ensureTaught, taughtNow } from './taught.ts';
import { useKept } from './useKept.ts';
import { useWatched } from '../browser/watched.ts';

/** The open meal as it stands in memory; undefined while it is read, null if there is none. */
export function useMeal(mealId: string): LoadedMeal | null | undefined {
  const { data } = useQuery({
    queryKey: mealKey(mealId),
    queryFn: () => readMeal(mealId),
    // What cannot be read at all is told by the page that stands for a broken one.
    throwOnError: true,
    staleTime: Infinity,
  });
  const kept = useKept();
  const loaded = useMemo(() => {
    if (!data) return data;
    // Of what all meals share the kitchen counts here, wherever it was last changed.
    const kitchen = kept.get('kitchen') ?? data.kept.get('kitchen');
    const shared = kitchen === data.kept.get('kitchen');
    return loadedOf(shared ? data : { ...data, kept: kept }) ?? null;
  }, [data, kept]);
  useEffect(() => {
    ensureTaught().catch(reportError);
  }, []);
  const past = useWatched(taughtNow);
  const own = data?.meals.get(mealId)?.kitchen !== undefined;
  const serving = loaded?.meal.serving;
  const begun = loaded ? begunAt(loaded.batches) : undefined;
  // What came with a kitchen of its own was reckoned by what that one had learned.
  const learned = useMemo(
    () => (own ? undefined : learnedBefore(past, { id: mealId, ...(serving && { serving }) }, begun)),
    [past, own, mealId, serving, begun],
  );
  return useMemo(() => (loaded && learned ? { ...loaded, learned } : loaded), [loaded, learned]);
}
