import { afterEach, beforeEach, expect, test } from '@jest/globals';
import { weighedEntry } from '@/core/testing/meals.ts';
import { keep } from './acts.ts';
import { openDb, type SlowSpoonDb } from './db.ts';
import { storageFaultOf } from './faults.ts';
import { deleteMeal, loadRows, newMeal } from './meals.ts';
import { changesOf, type RowEdits, type Rows } from './rows.ts';

let db: SlowSpoonDb;
beforeEach(() => {
  db = openDb('cleared');
});
afterEach(() => db.delete());

const rename =
  (id: string, name: string) =>
  (edits: RowEdits): void =>
    edits.edit('meals', id, (row) => ({ ...row, meal: { ...row.meal, name } }));
const keepName = async (id: string, rows: Rows) => {
  const what = rename(id, 'Other');
  return keep(db, { words: 'the name' }, id, changesOf(rows, what), what).catch((error: unknown) => error);
};
const rowsOf = async (id: string): Promise<Rows> => {
  const rows = await loadRows(db, id);
  if (!rows) throw new Error('no meal');
  return rows;
};

const keepReading = async (id: string, rows: Rows) => {
  const entry = { ...weighedEntry({ what: 'sum', flow: 'shred' }, 900), id: 'reading' };
  const what = (edits: RowEdits): void => edits.append({ id: entry.id, mealId: id, entry });
  return keep(db, { words: 'a weight' }, id, changesOf(rows, what), what).catch((error: unknown) => error);
};

test('an act on a meal of a store that was cleared is refused as that, and so is a reading: neither is lost, nor left without its meal', async () => {
  const { mealId } = await newMeal(db, 'Lunch');
  const rows = await rowsOf(mealId);
  await Promise.all(db.tables.map((table) => table.clear()));
  for (const kept of [keepName, keepReading])
    expect(storageFaultOf(await kept(mealId, rows))).toBe('cleared');
  expect(await db.entries.count()).toBe(0);
});

test('one that was taken away in another tab was not cleared: nothing of it is left lying about', async () => {
  const { mealId } = await newMeal(db, 'Lunch');
  const rows = await rowsOf(mealId);
  await deleteMeal(db, mealId, 'Lunch');
  for (const kept of [keepName, keepReading]) expect(await kept(mealId, rows)).toBe(false);
  expect([await db.entries.count(), await db.meals.count()]).toEqual([0, 0]);
});
