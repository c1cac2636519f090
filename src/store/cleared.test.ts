import { afterEach, beforeEach, expect, test } from '@jest/globals';
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

test('an act on a meal of a store that was cleared is refused as that, and not lost as one on a meal that is gone', async () => {
  const { mealId } = await newMeal(db, 'Lunch');
  const rows = await rowsOf(mealId);
  await Promise.all(db.tables.map((table) => table.clear()));
  expect(storageFaultOf(await keepName(mealId, rows))).toBe('cleared');
});

test('one that was taken away was not cleared', async () => {
  const { mealId } = await newMeal(db, 'Lunch');
  const rows = await rowsOf(mealId);
  await deleteMeal(db, mealId, 'Lunch');
  expect(storageFaultOf(await keepName(mealId, rows))).toBeUndefined();
});
