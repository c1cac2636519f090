import type { BackupMeal } from '@/core/batch/file/index.ts';
import type { SlowSpoonDb } from '../db.ts';
import { unpacked } from '../packs.ts';

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
    const [rows, batches, packs] = await Promise.all([
      db.meals.where('id').between(first, last, true, true).toArray(),
      db.batches.where('mealId').between(first, last, true, true).toArray(),
      db.entries.where('mealId').between(first, last, true, true).toArray(),
    ]);
    const meals = rows.map((row) => {
      const own = batches.filter(({ mealId }) => mealId === row.id).map(({ batch }) => batch);
      const entries = packs
        .filter(({ mealId }) => mealId === row.id)
        .flatMap(unpacked)
        .map(({ entry }) => entry);
      return {
        made: row.made,
        meal: row.meal,
        batches: own.sort((a, b) => (a.id < b.id ? -1 : 1)),
        entries: entries.sort((a, b) => a.at - b.at || (a.id < b.id ? -1 : 1)),
        ...(row.kitchen && { kitchen: row.kitchen }),
      };
    });
    yield { meals, done: from + some.length };
  }
}
