import type { BackupMeal } from '@/core/meal/file/index.ts';
import type { Entry } from '@/core/meal/index.ts';
import type { SlowSpoonDb } from '../db.ts';
import type { BatchRow, MealRow, ReadingsRow } from '../kinds.ts';

/** So many meals are read at a time. */
const AT_A_TIME = 50;

/**
 * Meals as a backup holds them, some at a time.
 * @param ids of all meals that are kept, in the order of the store: each read is then one stretch of a table
 */
export async function* backupRows(
  db: SlowSpoonDb,
  ids: readonly string[],
): AsyncGenerator<{ readonly meals: readonly BackupMeal[]; readonly done: number }> {
  for (let from = 0; from < ids.length; from += AT_A_TIME) {
    const some = ids.slice(from, from + AT_A_TIME);
    const [first = '', last = ''] = [some[0], some.at(-1)];
    const [rows, batches, readings, gone] = await Promise.all([
      db.meals.where('id').between(first, last, true, true).toArray(),
      db.batches.where('mealId').between(first, last, true, true).toArray(),
      db.entries.where('mealId').between(first, last, true, true).toArray(),
      db.gone.where('id').between(first, last, true, true).toArray(),
    ]);
    const goneOf = new Map(gone.map((row) => [row.id, row.ids]));
    const of = <T extends { readonly mealId: string }>(all: readonly T[], id: string) =>
      all.filter(({ mealId }) => mealId === id);
    const meals = rows.map((row) =>
      backupMealOf(row, of(batches, row.id), of(readings, row.id), goneOf.get(row.id)),
    );
    yield { meals, done: from + some.length };
  }
}

/** A damaged row goes out as it lies: whoever reads it is told, and it must not keep the others from going out. */
const backupMealOf = (
  { made, meal, kitchen, learned }: MealRow,
  batches: readonly BatchRow[],
  readings: readonly ReadingsRow[],
  gone: readonly string[] | undefined,
): BackupMeal => ({
  made,
  meal,
  batches: batches.map(({ batch }) => batch),
  // In the order in which they were made, whatever their readings' order is.
  entries: inOrder(readings.flatMap(({ entries }) => entries)),
  ...(kitchen && { kitchen }),
  ...(learned && { learned }),
  ...(gone && { gone: [...gone] }),
});

function inOrder(entries: readonly Entry[]): Entry[] {
  try {
    return entries.toSorted((a, b) => a.at - b.at || (a.id < b.id ? -1 : 1));
  } catch {
    return [...entries];
  }
}
