import { expect, test } from '@jest/globals';
import { usualKitchen, usualLot } from '@/core/meal/index.ts';
import { readMealFile } from '@/core/meal/file/index.ts';
import { act, redo, undo } from './acts.ts';
import { emptyBin } from './bin.ts';
import { saveAll } from './backup/save.ts';
import { readBackup } from './backup/read.ts';
import { restore } from './backup/restore.ts';
import { openDb, type SlowSpoonDb } from './db.ts';
import { exportMeal } from './files.ts';
import type { RowEdits } from './rows.ts';
import { deleteMeal, importMeal, loadMeal, newMeal, putBack } from './meals.ts';
import { loadRows } from './meals.ts';
import { changesOf, loadedOf, withChanges } from './rows.ts';

/** A meal in a store of its own, with a second lot and a reading. */
async function kitchenOf(name: string) {
  const db = openDb(name);
  const { mealId, batchId } = await newMeal(db, 'Supper');
  const reading = (edits: RowEdits) =>
    edits.append({
      id: 'reading',
      mealId,
      entry: {
        id: 'reading',
        at: 1,
        batch: batchId,
        measures: { what: 'sum', flow: 'shred' },
        value: { text: '1 kg', lo: 1000, hi: 1000 },
        measure: 'mass',
        source: 'typed',
      },
    });
  await act(db, { words: 'a second lot' }, mealId, withLot(batchId));
  return { db, mealId, batchId, reading };
}
const withLot = (batchId: string) => (edits: RowEdits) =>
  edits.edit('batches', batchId, (row) => ({
    ...row,
    batch: { ...row.batch, lots: [...row.batch.lots, usualLot('second')] },
  }));
const withoutLot = (batchId: string) => (edits: RowEdits) =>
  edits.edit('batches', batchId, (row) => ({
    ...row,
    batch: { ...row.batch, lots: row.batch.lots.filter(({ id }) => id !== 'second') },
  }));
const goneOf = async (db: SlowSpoonDb, mealId: string) => (await loadMeal(db, mealId))?.gone ?? [];

test('what is taken away leaves its id, and what is brought back takes it up again', async () => {
  const { db, mealId, batchId, reading } = await kitchenOf('gone');
  expect(await goneOf(db, mealId)).toEqual([]);
  await act(db, { words: 'no second lot' }, mealId, withoutLot(batchId));
  expect(await goneOf(db, mealId)).toEqual([`${batchId}/second`]);
  await undo(db, mealId);
  expect(await goneOf(db, mealId)).toEqual([]);
  // What was undone stays in the journal alone, and its id in the meal.
  await undo(db, mealId);
  expect(await goneOf(db, mealId)).toEqual([`${batchId}/second`]);
  await redo(db, mealId);
  expect(await goneOf(db, mealId)).toEqual([]);
  await act(db, { words: 'a reading' }, mealId, reading);
  await undo(db, mealId);
  expect(await goneOf(db, mealId)).toEqual(['reading']);
  // What comes and goes within one act was never there; what was there and goes in its second edit is gone.
  await act(db, { words: 'to and fro' }, mealId, (edits) => {
    edits.edit('batches', batchId, (row) => ({ ...row, batch: { ...row.batch, name: 'Pot' } }));
    withoutLot(batchId)(edits);
  });
  expect(await goneOf(db, mealId)).toEqual([`${batchId}/second`, 'reading'].toSorted());
  await undo(db, mealId);
  expect(await goneOf(db, mealId)).toEqual(['reading']);
  // The same in memory, before anything is on the disk.
  const rows = await loadRows(db, mealId);
  if (!rows) throw new Error('the meal is gone');
  const changed = withChanges(rows, changesOf(rows, withoutLot(batchId)));
  expect(loadedOf(changed)?.gone).toEqual([`${batchId}/second`, 'reading'].toSorted());
});

test('it goes out with the meal, comes in with it, and is put to what is gone there', async () => {
  const { db, mealId, batchId, reading } = await kitchenOf('gone-out');
  await act(db, { words: 'no second lot' }, mealId, withoutLot(batchId));
  const read = readMealFile(await exportMeal(db, mealId));
  if (!read.ok) throw new Error(read.error);
  expect(read.file.gone).toEqual([`${batchId}/second`]);

  await act(db, { words: 'a reading' }, mealId, reading);
  await undo(db, mealId);
  await importMeal(db, read.file);
  expect(await goneOf(db, mealId)).toEqual([`${batchId}/second`, 'reading'].toSorted());
  const other = openDb('gone-elsewhere');
  await importMeal(other, read.file);
  expect(await goneOf(other, mealId)).toEqual([`${batchId}/second`]);
  expect(JSON.parse(await exportMeal(other, mealId))).toMatchObject({ gone: [`${batchId}/second`] });

  const backup = await readBackup(await saveAll(db));
  if (!backup.ok) throw new Error(backup.error);
  const third = openDb('gone-third');
  await restore(third, backup.backup, 'replace');
  expect(await goneOf(third, mealId)).toEqual(await goneOf(db, mealId));
});

test('a meal that goes as a whole keeps what was gone from it as long as it can be put back', async () => {
  const { db, mealId, batchId } = await kitchenOf('gone-whole');
  await act(db, { words: 'no second lot' }, mealId, withoutLot(batchId));
  await deleteMeal(db, mealId, 'Supper');
  await putBack(db, mealId);
  expect(await goneOf(db, mealId)).toEqual([`${batchId}/second`]);
  await deleteMeal(db, mealId, 'Supper');
  await emptyBin(db, Date.now() + 40 * 86_400_000);
  expect(await db.gone.count()).toBe(0);
});

test('a kitchen’s things leave their ids too: in each meal that is cooked in it, in its file, and back with undo', async () => {
  const { db, mealId } = await kitchenOf('gone kitchen');
  const without = (edits: RowEdits) =>
    edits.put('kept', {
      id: 'kitchen',
      kitchen: { ...usualKitchen, vessels: usualKitchen.vessels.filter(({ id }) => id !== 'pot-28') },
    });
  await act(db, { words: 'no middle pot' }, undefined, without);
  expect(await goneOf(db, mealId)).toEqual(['kitchen/pot-28']);
  const { mealId: other } = await newMeal(db, 'Lunch');
  expect(await goneOf(db, other)).toEqual(['kitchen/pot-28']);
  const read = readMealFile(await exportMeal(db, mealId));
  if (!read.ok) throw new Error(read.error);
  expect(read.file.gone).toEqual(['kitchen/pot-28']);
  // Brought in elsewhere it has its kitchen with it, and what is gone of that.
  const away = openDb('gone kitchen away');
  await importMeal(away, read.file);
  expect(await goneOf(away, mealId)).toContain('kitchen/pot-28');
  await undo(db, undefined);
  expect(await goneOf(db, mealId)).toEqual([]);
});
