import type { Copy, Version } from '@/core/meal/index.ts';
import { act } from './acts.ts';
import type { SlowSpoonDb } from './db.ts';
import { alsoGone } from './gone.ts';
import type { BatchRow, EntryRow } from './kinds.ts';
import { keepVersion } from './versions.ts';

/**
 * Keeps two copies of a meal that were put together, as one act: the meal here becomes what both are, in the kitchen that it has here.
 * @param theirs the copy that came
 */
export async function keepTogether(
  db: SlowSpoonDb,
  { meal: both, batches, entries, gone = [] }: Copy,
  theirs: Version,
): Promise<void> {
  const mealId = both.id;
  const version = await keepVersion(db, theirs, { theirs: true });
  const meal = { ...both, merged: [...new Set([...(both.merged ?? []), version])].toSorted() };
  const rows = {
    batches: batches.map((batch): BatchRow => ({ id: batch.id, mealId, batch })),
    entries: entries.map((entry): EntryRow => ({ id: entry.id, mealId, entry })),
  };
  const words = `putting two copies of “${meal.name}” together`;
  await act(
    db,
    { words, ofNoMeal: true },
    mealId,
    (edits) => {
      edits.edit('meals', mealId, (row) => ({ ...row, meal }));
      for (const table of ['batches', 'entries'] as const) {
        const stand = new Set(rows[table].map(({ id }) => id));
        for (const id of edits.idsOf(table, mealId)) if (!stand.has(id)) edits.remove(table, id);
        for (const row of rows[table]) edits.put(table, row);
      }
    },
    (tx) => alsoGone(tx, mealId, gone, [{ id: mealId, meal, made: 0 }, ...rows.batches, ...rows.entries]),
  );
}
