import { describe, expect, test } from '@jest/globals';
import { usualKitchen } from '@/core/meal/index.ts';
import { act, nextActs, redo, undo } from './acts.ts';
import { emptyBin } from './bin.ts';
import { openDb } from './db.ts';
import { Cook } from './testing/cook.ts';
import { deleteMeal, goingWith, newMeal, putBack } from './meals.ts';

describe('the bin', () => {
  test('holds a meal that was deleted until it is put back, whatever was done meanwhile', async () => {
    const db = openDb('bin');
    const { mealId } = await newMeal(db, 'Supper');
    const cook = new Cook(db, mealId);
    for (const what of ['lot', 'weigh'] as const) await cook.do({ what, g: 900, flow: 'shred' });
    const stood = await cook.stands();
    expect(await goingWith(db, mealId)).toEqual({ pots: 1, readings: 1, closed: 0 });
    await cook.do({ what: 'delete' });
    await act(db, { words: 'the altitude' }, undefined, (edits) =>
      edits.put('kept', { id: 'kitchen', kitchen: usualKitchen }),
    );
    expect(await cook.stands()).toBe('no meal');
    await putBack(db, mealId);
    expect(await cook.stands()).toBe(stood);
    expect(await db.bin.count()).toBe(0);
    // Put back once more it is as it is, and to take that back is to have it in the bin again.
    await undo(db, mealId);
    expect((await db.bin.toArray()).map(({ name }) => name)).toEqual(['Supper']);
    await db.delete();
  });

  test('holds a meal that an undo has taken away, with its readings', async () => {
    const db = openDb('bin-undo');
    const { mealId } = await newMeal(db, 'Supper');
    const cook = new Cook(db, mealId);
    await cook.do({ what: 'weigh', g: 900, flow: 'shred' });
    const stood = await cook.stands();
    await cook.do({ what: 'delete' });
    expect((await nextActs(db, undefined)).undo?.words).toBe('deleting “Supper”');
    await undo(db);
    expect(await cook.stands()).toBe(stood);
    expect(await db.bin.count()).toBe(0);
    await redo(db);
    expect((await db.bin.toArray()).map(({ entries }) => entries.length)).toEqual([1]);
    await db.delete();
  });

  test('is emptied of what has lain there for thirty days', async () => {
    const db = openDb('bin-old');
    for (const name of ['Supper', 'Lunch']) {
      const { mealId } = await newMeal(db, name);
      await deleteMeal(db, mealId, name);
    }
    const [row] = await db.bin.toArray();
    if (!row) throw new Error('nothing lies in the bin');
    await db.bin.put({ ...row, at: Date.UTC(2026, 0, 1) });
    await emptyBin(db, Date.UTC(2026, 0, 31));
    expect(await db.bin.count()).toBe(2);
    await emptyBin(db, Date.UTC(2026, 0, 31) + 1);
    expect(await db.bin.count()).toBe(1);
    await db.delete();
  });
});
