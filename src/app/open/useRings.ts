import { useEffect } from 'react';
import { ringsOf } from '@/core/day/index.ts';
import type { DayPlan } from '@/core/answers/index.ts';
import { callWords } from '@/words/index.ts';
import type { LoadedMeal } from '@/store/meals.ts';
import { ringByPlan } from '../browser/timers.ts';
import { instantOf } from './dayPlans.ts';

/** From the lid on what the plan calls to rings by itself, on every page; with the last pot off the heat nothing does. */
export function useRings({ meal, batches }: LoadedMeal, day: DayPlan | undefined, now: number): void {
  const at = instantOf(now);
  useEffect(() => {
    if (!day) return;
    const names = new Map(batches.map(({ id, name }) => [id, name]));
    ringByPlan(
      meal.id,
      ringsOf(day.lines, batches, at).map((ring) => ({
        key: ring.key,
        name: callWords(ring.call, names.get(ring.batch) ?? ''),
        at: ring.at,
      })),
    );
  }, [meal.id, batches, day, at]);
}
