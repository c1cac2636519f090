import { openMeal } from '@/core/model/index.ts';
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { reckon } from '@/core/reckoning/reckon.ts';
import { standingEntries } from '@/core/meal/index.ts';
import { reference } from '@/reference/index.ts';
import { act, nextActs, redo, undo } from './acts.ts';
import { openDb, type SlowSpoonDb } from './db.ts';
import { exportMeal, readIncoming } from './files.ts';
import { deleteMeal, importMeal, loadMeal, newMeal } from './meals.ts';

let db: SlowSpoonDb;
let count = 0;
beforeEach(() => {
  count += 1;
  db = openDb(`test-${count}`);
});
afterEach(() => {
  db.close();
});

const asFile = (text: string) => ({ size: text.length, text: () => Promise.resolve(text) });

async function rename(mealId: string, name: string, options: { field?: string; now?: number } = {}) {
  await act(db, { words: 'the name', ...options }, mealId, (edits) =>
    edits.edit('meals', mealId, (row) => ({ ...row, meal: { ...row.meal, name } })),
  );
}
const nameOf = async (mealId: string) => (await loadMeal(db, mealId))?.meal.name;

interface Reading {
  readonly id: string;
  readonly g: number | null;
  readonly replaces?: string;
}

async function weigh(mealId: string, batchId: string, { id, g, replaces }: Reading) {
  const entry = {
    id,
    at: 1,
    batch: batchId,
    measures: { what: 'sum' as const, flow: 'shred' as const },
    value: g === null ? null : { text: `${g} g`, lo: g, hi: g },
    measure: 'mass' as const,
    source: 'typed' as const,
    ...(replaces !== undefined && { replaces }),
  };
  await act(db, { words: 'the shred' }, mealId, (edits) => edits.append({ id, mealId, entry }));
}

describe('undo', () => {
  test('takes back fifty acts and more, each named, after the tab was closed', async () => {
    const { mealId } = await newMeal(db, 'name 0');
    for (let i = 1; i <= 60; i += 1) await rename(mealId, `name ${i}`);
    db.close();
    db = openDb(`test-${count}`);
    for (let i = 59; i >= 0; i -= 1) {
      expect((await nextActs(db, mealId)).undo?.words).toBe('the name');
      expect(await undo(db, mealId)).toBe('the name');
      expect(await nameOf(mealId)).toBe(`name ${i}`);
    }
    expect(await undo(db, mealId)).toBe('a new meal');
    expect(await loadMeal(db, mealId)).toBeUndefined();
    expect(await undo(db, mealId)).toBeUndefined();
  });

  test('keystrokes in one field within moments are one act', async () => {
    const { mealId } = await newMeal(db, '');
    for (const [i, name] of ['S', 'Su', 'Sup'].entries())
      await rename(mealId, name, { field: 'name', now: 1000 + i });
    await rename(mealId, 'Supper', { field: 'name', now: 60_000 });
    await undo(db, mealId);
    expect(await nameOf(mealId)).toBe('Sup');
    await undo(db, mealId);
    expect(await nameOf(mealId)).toBe('');
    await redo(db, mealId);
    await redo(db, mealId);
    expect(await nameOf(mealId)).toBe('Supper');
  });

  test('a clock that is set back makes no one act of two', async () => {
    const { mealId } = await newMeal(db, '');
    await rename(mealId, 'Lunch', { field: 'name', now: 10_000_000 });
    await rename(mealId, 'Supper', { field: 'name', now: 5_000_000 });
    await undo(db, mealId);
    expect(await nameOf(mealId)).toBe('Lunch');
  });

  test('a new act lets go of what was taken back', async () => {
    const { mealId } = await newMeal(db, 'one');
    await rename(mealId, 'two');
    await undo(db, mealId);
    await rename(mealId, 'three');
    expect((await nextActs(db, mealId)).redo).toBeUndefined();
  });

  test('a reading that was corrected is back when the correction is undone, and so is one that was emptied', async () => {
    const { mealId, batchId } = await newMeal(db, 'Supper');
    const shred = async () =>
      standingEntries((await loadMeal(db, mealId))?.entries ?? []).map(({ value }) => value?.text);
    await weigh(mealId, batchId, { id: 'first', g: 900 });
    await weigh(mealId, batchId, { id: 'second', g: 950, replaces: 'first' });
    await weigh(mealId, batchId, { id: 'third', g: null, replaces: 'second' });
    expect(await shred()).toEqual([]);
    await undo(db, mealId);
    expect(await shred()).toEqual(['950 g']);
    await undo(db, mealId);
    expect(await shred()).toEqual(['900 g']);
    await undo(db, mealId);
    expect(await shred()).toEqual([]);
    for (const stands of [['900 g'], ['950 g'], []]) {
      await redo(db, mealId);
      expect(await shred()).toEqual(stands);
    }
  });

  test('an act that fails changes nothing', async () => {
    const { mealId } = await newMeal(db, 'one');
    const failing = act(db, { words: 'two things' }, mealId, (edits) => {
      edits.edit('meals', mealId, (row) => ({ ...row, meal: { ...row.meal, name: 'two' } }));
      edits.edit('meals', 'gone', (row) => row);
    });
    await expect(failing).rejects.toThrow('“gone”');
    expect(await nameOf(mealId)).toBe('one');
  });
});

describe('files', () => {
  test('out, deleted and in again is the same to the byte, with its figures', async () => {
    const { mealId, batchId } = await newMeal(db, 'Supper');
    await act(db, { words: 'a lot' }, mealId, (edits) =>
      edits.edit('batches', batchId, (row) => ({
        ...row,
        batch: {
          ...row.batch,
          lots: [
            {
              id: 'lot',
              kind: 'meat',
              cut: 'beef-shank',
              weight: { text: '2 lb 3 oz', lo: 992.23, hi: 992.23 },
            },
          ],
        },
      })),
    );
    await weigh(mealId, batchId, { id: 'first', g: 390 });
    const figures = async () => {
      const loaded = await loadMeal(db, mealId);
      return loaded && reckon(openMeal({ ...loaded, reference })).meal.shredG;
    };
    const [text, before] = [await exportMeal(db, mealId), await figures()];
    await deleteMeal(db, mealId, 'Supper');
    expect(await db.entries.count()).toBe(0);
    const incoming = await readIncoming(db, asFile(text));
    if (!incoming.ok) throw new Error(incoming.error);
    expect(incoming.known).toBeUndefined();
    await importMeal(db, incoming.file);
    expect(await exportMeal(db, mealId)).toBe(text);
    expect(await figures()).toEqual(before);
    await undo(db, mealId);
    await undo(db, mealId);
    expect(await exportMeal(db, mealId)).toBe(text);
  });

  test('a meal that was cooked here goes on to teach this kitchen once it was saved and brought in again; another’s does not', async () => {
    const { mealId } = await newMeal(db, 'Supper');
    const bringIn = async (change: (text: string) => string) => {
      const incoming = await readIncoming(db, asFile(change(await exportMeal(db, mealId))));
      if (!incoming.ok) throw new Error(incoming.error);
      await importMeal(db, incoming.file);
      return db.meals.get(mealId);
    };
    const own = await bringIn((text) => text);
    expect(own).not.toHaveProperty('kitchen');
    expect(own).not.toHaveProperty('learned');
    const other = await bringIn((text) => text.replace('"altitudeM": 0', '"altitudeM": 1600'));
    expect(other?.kitchen?.altitudeM).toBe(1600);
  });

  test('a meal that is only begun, without a cut or a weight, can be brought in again', async () => {
    const { mealId } = await newMeal(db, 'Supper');
    const text = await exportMeal(db, mealId);
    expect(await readIncoming(db, asFile(text))).toMatchObject({ ok: true, known: { apart: [], taken: 0 } });
  });

  test('a bad file changes nothing', async () => {
    const { mealId } = await newMeal(db, 'Supper');
    const text = await exportMeal(db, mealId);
    const before = JSON.stringify([await db.meals.toArray(), await db.acts.toArray()]);
    for (const bad of [text.slice(0, 200), '{}', text.replace('"version": 1', '"version": 9')]) {
      expect(await readIncoming(db, asFile(bad))).toMatchObject({ ok: false });
    }
    expect(
      await readIncoming(db, { size: 50_000_000, text: () => Promise.reject(new Error('was read')) }),
    ).toMatchObject({
      ok: false,
    });
    expect(JSON.stringify([await db.meals.toArray(), await db.acts.toArray()])).toBe(before);
  });
});
