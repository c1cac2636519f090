import { loadMeal, type LoadedMeal } from '@/store/meals.ts';
import { db } from './db.ts';

let first: { readonly id: string; readonly loaded: LoadedMeal } | undefined;

/**
 * Reads the meal that the address names before anything is drawn, so that the first picture of the
 * page already has its figures.
 */
export async function readFirstMeal(path: string): Promise<void> {
  const id = /^\/meals\/([^/]+)\//.exec(path)?.[1];
  const loaded = id === undefined ? undefined : await loadMeal(db, id);
  if (id !== undefined && loaded) first = { id, loaded };
}

/** The meal as it was when the page opened, if it is this one: once, while the live query starts. */
export function firstMealOf(id: string): LoadedMeal | undefined {
  return first?.id === id ? first.loaded : undefined;
}

/** From then on the live query answers. */
export function forgetFirstMeal(): void {
  first = undefined;
}
