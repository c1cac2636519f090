/**
 * The page's own simulation cannot clone; the store needs nothing else of a page but its one tag.
 */
import { beforeEach, expect, jest, test } from '@jest/globals';
import { usualKitchen } from '@/core/meal/usual.ts';
import { matchLine, putRecipeIn, readLine } from '@/core/pot/index.ts';
import { reference } from '@/reference/index.ts';
import { names } from '@/reference/names.ts';
import { pantry } from '@/reference/pantry.ts';
import { redo, undo } from '@/store/acts.ts';
import { loadMeal, newMeal } from '@/store/meals.ts';

Object.assign(globalThis, {
  document: { querySelector: () => null },
  reportError: (error: unknown) => {
    throw error;
  },
});
jest.unstable_mockModule('../../browser/tabs.ts', () => ({
  tellOtherTabs: () => undefined,
  whenAnotherTabWrites: () => undefined,
}));
const { db } = await import('../../browser/db.ts');
const { editBatch, editDish, editKitchen, applyRemedy, putLines, tickOff } = await import('./index.ts');

/** Edits answer nobody: what they did is seen in the store a moment later. */
async function until<T>(look: () => Promise<T>, found: (value: T) => boolean): Promise<T> {
  // A busy machine may take seconds.
  for (const began = Date.now(); Date.now() - began < 20_000;) {
    const value = await look();
    if (found(value)) return value;
    await new Promise((resolve) => setTimeout(resolve, 5));
  }
  throw new Error('nothing changed');
}

let meal: string;
let batch: string;
const loaded = async () => {
  const found = await loadMeal(db, meal);
  if (!found) throw new Error('no meal');
  return found;
};
const parsnips = pantry.find(({ name }) => name === 'parsnip');

beforeEach(async () => {
  await db.delete();
  await db.open();
  ({ mealId: meal, batchId: batch } = await newMeal(db, 'Supper'));
});

test('an ingredient of the large table goes into the pot and the kitchen as one act, and back out as one', async () => {
  if (!parsnips) throw new Error('no parsnips');
  const line = matchLine(readLine('parsnips'), {
    usual: reference.ingredients,
    large: pantry,
    cuts: [],
    names,
  });
  putLines(meal, batch, 'putting in parsnip', (before) =>
    putRecipeIn(
      before,
      [{ match: line, choice: { as: 'ingredient', id: parsnips.id } }],
      reference.ingredients,
      pantry,
      () => crypto.randomUUID(),
      'beside the usual',
    ),
  );
  const after = await until(loaded, ({ batches }) => batches[0]?.items !== undefined);
  expect(after.batches[0]?.items?.at(-1)).toMatchObject({ ref: parsnips.id, state: 'in' });
  // The usual pot stays in beside it.
  expect(after.batches[0]?.items).toHaveLength(4);
  expect(after.kitchen.ingredients).toEqual([parsnips]);
  expect(await undo(db, meal)).toBe('putting in parsnip');
  const back = await loaded();
  expect(back.batches[0]?.items).toBeUndefined();
  expect(back.kitchen.ingredients).toBeUndefined();
  await redo(db, meal);
  expect((await loaded()).kitchen.ingredients).toEqual([parsnips]);
});

test('the kitchen that a meal came with is its own: the shared one stays', async () => {
  await db.meals.update(meal, { kitchen: { ...usualKitchen, currency: 'CHF' } });
  editKitchen('the currency', (kitchen) => ({ ...kitchen, currency: 'SEK' }), meal);
  expect((await until(loaded, ({ kitchen }) => kitchen.currency === 'SEK')).kitchen.currency).toBe('SEK');
  expect(await db.kept.get('kitchen')).toBeUndefined();
  editKitchen('the currency', (kitchen) => ({ ...kitchen, currency: 'NOK' }));
  await until(
    () => db.kept.get('kitchen'),
    (row) => row !== undefined,
  );
  expect((await loaded()).kitchen.currency).toBe('SEK');
});

test('one dish is changed and the others are left as they are', async () => {
  const [first] = (await loaded()).meal.dishes;
  if (!first) throw new Error('no dish');
  await db.meals.update(meal, { 'meal.dishes': [first, { ...first, id: 'other' }] });
  editDish(meal, 'other', 'the dish', (dish) => ({ ...dish, kind: 'soup' }));
  const after = await until(loaded, ({ meal: { dishes } }) => dishes[1]?.kind === 'soup');
  expect(after.meal.dishes[0]).toEqual(first);
});

test('a line of the list is ticked off, and on again', async () => {
  const got = async () => {
    const row = await db.kept.get('shopping');
    return row?.id === 'shopping' ? row.got : [];
  };
  tickOff('meat shank 2 kg');
  await until(got, (lines) => lines.length === 1);
  tickOff('meat shank 2 kg');
  expect(await until(got, (lines) => lines.length === 0)).toEqual([]);
});

test('what a problem offers is done: half of the pour an hour later, another vessel, the salt that is right', async () => {
  const half = { text: '400 ml', lo: 400, hi: 400 };
  applyRemedy(batch, { what: 'pour later', item: 'usual-stock', half });
  const poured = await until(loaded, ({ batches }) => batches[0]?.items?.length === 4);
  const [first, second] = poured.batches[0]?.items ?? [];
  expect(first).toMatchObject({ id: 'usual-stock', amount: half, measure: 'volume' });
  expect(second).toMatchObject({ ref: first?.ref, amount: half, at: { phase: 0, minutes: 60 } });
  expect(second?.id).not.toBe(first?.id);

  applyRemedy(batch, { what: 'split', vessels: ['pot-24'], name: '24 cm pot' });
  await until(loaded, ({ batches }) => batches[0]?.also?.[0] === 'pot-24');
  applyRemedy(batch, { what: 'take', vessel: 'pot-45', name: '45 cm pot' });
  const taken = await until(loaded, ({ batches }) => batches[0]?.also === undefined);
  expect(taken.batches[0]?.cook.map(({ vessel }) => vessel)).toEqual(['pot-45']);

  editBatch(batch, 'the salt', (b) => ({ ...b, salt: { text: '90 g', lo: 90, hi: 90 } }));
  await until(loaded, ({ batches }) => batches[0]?.salt !== undefined);
  applyRemedy(batch, { what: 'salt', grams: 20 });
  await until(loaded, ({ batches }) => batches[0]?.salt === undefined);
  expect(await undo(db, meal)).toBe('the salt');
});
