import { expect, test } from '@jest/globals';
import { openDb } from './db.ts';
import { act, redo, undo } from './acts.ts';
import { joinMeals } from './join.ts';
import { loadMeal, newMeal } from './meals.ts';

test('a meal comes into another with its pots and readings as one act; undone, both are as they were, and nothing lies in the bin', async () => {
  const db = openDb('join');
  const first = await newMeal(db, 'Supper');
  const second = await newMeal(db, 'Noon');
  await act(db, { words: 'a weighing' }, second.mealId, (edits) => {
    edits.append({
      id: 'reading',
      mealId: second.mealId,
      entry: {
        id: 'reading',
        at: 1000,
        batch: second.batchId,
        source: 'typed',
        measures: { what: 'check', feel: 'resists' },
        value: { text: 'resists' },
        measure: 'feel',
      },
    });
  });
  const before = [await loadMeal(db, first.mealId), await loadMeal(db, second.mealId)];
  await joinMeals(db, first.mealId, second.mealId, 'Noon');
  const whole = await loadMeal(db, first.mealId);
  expect(whole?.meal.sittings?.map(({ name }) => name)).toEqual(['Noon']);
  expect(whole?.batches.map(({ id }) => id)).toEqual([first.batchId, second.batchId]);
  expect(whole?.entries.map(({ id }) => id)).toEqual(['reading']);
  expect(await loadMeal(db, second.mealId)).toBeUndefined();
  expect(await db.bin.count()).toBe(0);
  expect(await undo(db, first.mealId)).toContain('Noon');
  expect([await loadMeal(db, first.mealId), await loadMeal(db, second.mealId)]).toEqual(before);
  await redo(db, first.mealId);
  expect((await loadMeal(db, first.mealId))?.entries).toHaveLength(1);
  db.close();
});
