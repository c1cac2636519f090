import { useLiveQuery } from 'dexie-react-hooks';
import { loadMeal, type LoadedMeal } from '@/store/meals.ts';
import { db } from './db.ts';

/** Every meal that is kept, newest first; undefined while they are read. */
export function useAllMeals(): readonly LoadedMeal[] | undefined {
  return useLiveQuery(async () => {
    const ids = await db.meals.orderBy('made').reverse().primaryKeys();
    const meals = await Promise.all(ids.map((id) => loadMeal(db, id)));
    return meals.filter((meal) => meal !== undefined);
  }, []);
}
