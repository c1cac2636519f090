import { expect, test } from '@jest/globals';
import { readMealFile } from '@/core/meal/file/index.ts';
import { undecided, type MealFile } from '@/core/meal/index.ts';
import { act, undo } from './acts.ts';
import { openDb, type SlowSpoonDb } from './db.ts';
import { exportMeal, readIncoming } from './files.ts';
import { importMeal, loadMeal, newMeal } from './meals.ts';
import { keepTogether } from './together.ts';
import { keepVersion } from './versions.ts';

const fileOf = (text: string): MealFile => {
  const reading = readMealFile(text);
  if (!reading.ok) throw new Error(reading.error);
  return reading.file;
};
const incoming = (text: string) => ({ size: text.length, text: () => Promise.resolve(text) });

/** Two phones with a copy each of one meal, which the first has made. */
async function twoPhones(name: string) {
  const [here, there] = [openDb(`${name} here`), openDb(`${name} there`)];
  const { mealId } = await newMeal(here, 'Supper');
  await importMeal(there, fileOf(await exportMeal(here, mealId)));
  const change = (db: SlowSpoonDb, changes: object) =>
    act(db, { words: 'a field' }, mealId, (edits) =>
      edits.edit('meals', mealId, (row) => ({ ...row, meal: { ...row.meal, ...changes } })),
    );
  /** What the other phone has goes in here. */
  const bring = async (to: SlowSpoonDb, from: SlowSpoonDb) => {
    const text = await exportMeal(from, mealId);
    const read = await readIncoming(to, incoming(text));
    if (!read.ok || !read.known?.together) throw new Error('they cannot be put together');
    await keepTogether(to, read.known.together, read.file);
    return read.known;
  };
  const mealIn = async (db: SlowSpoonDb) => (await loadMeal(db, mealId))?.meal;
  return { here, there, mealId, change, bring, mealIn };
}

test('what only one phone has changed since the file went comes in without a question, again and again', async () => {
  const { here, there, change, bring, mealIn } = await twoPhones('one changes');
  await change(there, { name: 'Feast' });
  await change(here, { place: 'sent out' });
  expect(await bring(here, there)).toMatchObject({ both: 0, apart: [] });
  expect(await mealIn(here)).toMatchObject({ name: 'Feast', place: 'sent out' });
  // The other way, and on from there.
  await bring(there, here);
  expect(await mealIn(there)).toMatchObject({ name: 'Feast', place: 'sent out' });
  await change(there, { name: 'Winter feast' });
  expect(await bring(here, there)).toMatchObject({ both: 0 });
  expect(await mealIn(here)).toMatchObject({ name: 'Winter feast' });
});

test('what both have changed holds both, on either phone the same, until one has chosen', async () => {
  const { here, there, change, bring, mealIn } = await twoPhones('both change');
  await change(there, { name: 'Feast' });
  await change(here, { name: 'Banquet' });
  expect(await bring(here, there)).toMatchObject({ both: 1 });
  const held = [{ at: ['meal', 'name'], values: ['Banquet', 'Feast'] }];
  expect((await mealIn(here))?.both).toEqual(held);
  await bring(there, here);
  expect((await mealIn(there))?.both).toEqual(held);
  // Typed anew it is decided, there too once it comes.
  await change(there, { name: 'Feast' });
  await change(there, { name: 'Great feast' });
  await bring(here, there);
  const meal = await mealIn(here);
  expect(meal?.name).toBe('Great feast');
  const loaded = await loadMeal(here, meal?.id ?? '');
  expect(loaded && undecided(loaded)).toEqual([]);
});

test('what was put together is undone in one, and is then not taken for what is here', async () => {
  const { here, there, mealId, change, bring, mealIn } = await twoPhones('undone');
  await change(there, { name: 'Feast' });
  await bring(here, there);
  await undo(here, mealId);
  await undo(here, undefined);
  expect(await mealIn(here)).toMatchObject({ name: 'Supper' });
  await change(there, { place: 'sent out' });
  await bring(here, there);
  expect(await mealIn(here)).toMatchObject({ name: 'Feast', place: 'sent out' });
});

test('the same meal is the same to the byte, and no more than the last versions are kept', async () => {
  const { here, mealId, change } = await twoPhones('bytes');
  const first = await exportMeal(here, mealId);
  await change(here, { name: 'Feast' });
  const second = await exportMeal(here, mealId);
  expect(fileOf(second).versions).toEqual([...(fileOf(first).versions ?? []), expect.any(String)]);
  await undo(here, mealId);
  expect(await exportMeal(here, mealId)).toBe(first);
  for (let i = 0; i < 25; i += 1) {
    const { meal, batches } = fileOf(first);
    await keepVersion(here, { meal: { ...meal, name: `${i}` }, batches });
  }
  expect(await here.versions.where({ mealId }).count()).toBe(20);
});
