import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect } from 'react';
import { loadMeal, type LoadedMeal } from '@/store/meals.ts';
import { db } from './db.ts';
import { firstMealOf, forgetFirstMeal } from './firstMeal.ts';

/** A meal as it is stored, kept up to date; undefined while it is read, null if there is none. */
export function useMeal(mealId: string): LoadedMeal | null | undefined {
  const live = useLiveQuery(async () => (await loadMeal(db, mealId)) ?? null, [mealId], firstMealOf(mealId));
  useEffect(() => {
    if (live !== undefined) forgetFirstMeal();
  }, [live]);
  return live;
}
