import type { Entry } from '@/core/meal/index.ts';
import type { PastMeal } from '@/core/log/index.ts';
import { act } from './acts.ts';
import type { SlowSpoonDb } from './db.ts';

/** Puts past meals in, all of them as one act or none; undo takes them out again. */
export async function putPastMeals(db: SlowSpoonDb, past: readonly PastMeal[], words: string): Promise<void> {
  await act(db, { words, ofNoMeal: true }, undefined, (edits) => {
    for (const { meal, batches, entries } of past) {
      edits.put('meals', { id: meal.id, meal, made: batches[0]?.closed?.at ?? Date.now() });
      for (const batch of batches) edits.put('batches', { id: batch.id, mealId: meal.id, batch });
      for (const entry of entries) edits.put('entries', { id: entry.id, mealId: meal.id, entry });
    }
  });
}

/** All entries that are kept, oldest first. */
export async function entriesOf(db: SlowSpoonDb): Promise<readonly Entry[]> {
  const readings = await db.entries.toArray();
  return readings.flatMap(({ entries }) => entries).sort((a, b) => a.at - b.at);
}
