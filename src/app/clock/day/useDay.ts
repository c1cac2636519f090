import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import type { DayPlan } from '@/core/reckoning/day/day.ts';
import { askDay } from '@/workers/client.ts';
import { useOpenMeal } from '../../data/MealContext.ts';

/** Orders that the levelling tries for three batches: a second of them or so; more batches get fewer, since each takes longer. */
const TRIES = 1500;
const triesFor = (batches: number) => Math.round(TRIES / Math.max(1, batches / 3) ** 2);
const ZONE = Intl.DateTimeFormat().resolvedOptions().timeZone;
const FIVE_MINUTES = 300_000;

export interface DayAnswer {
  readonly day: DayPlan | undefined;
  /** The first answer stands, a better one is looked for. */
  readonly levelling: boolean;
  readonly failed: Error | null;
}

/** The day of the open meal: a first plan at once, the levelled one as soon as it is there. */
export function useDay(now: number): DayAnswer {
  const { loaded } = useOpenMeal();
  const { meal, batches, entries, kitchen } = loaded;
  const question = useMemo(() => ({ meal, batches, entries, kitchen }), [meal, batches, entries, kitchen]);
  // The plan moves with the clock, but not with each of its ticks.
  const at = Math.floor(now / FIVE_MINUTES) * FIVE_MINUTES;
  const ask = (tries: number) => ({
    queryKey: ['day', tries, at, question] as const,
    queryFn: ({ signal }: { signal: AbortSignal }) =>
      askDay(question, { now: at, tries, zone: ZONE }, signal),
    staleTime: Infinity,
    gcTime: 60_000,
  });
  const first = useQuery({ ...ask(0), placeholderData: (before) => before });
  const levelled = useQuery({
    ...ask(triesFor(batches.length)),
    enabled: first.data !== undefined && !first.isPlaceholderData,
  });
  return {
    day: levelled.data ?? first.data,
    levelling: levelled.isFetching,
    failed: first.error ?? levelled.error,
  };
}
