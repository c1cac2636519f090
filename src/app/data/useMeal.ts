import { useLiveQuery } from 'dexie-react-hooks';
import { loadMeal, type LoadedMeal } from '@/store/meals.ts';
import { db } from './db.ts';

/** A meal as it is stored, kept up to date; undefined while it is read, null if there is none. */
export function useMeal(mealId: string): LoadedMeal | null | undefined {
  return useLiveQuery(async () => (await loadMeal(db, mealId)) ?? null, [mealId]);
}
