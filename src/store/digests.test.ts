import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { usualKitchen } from '@/core/meal/index.ts';
import { digestedOf } from '@/core/log/index.ts';
import { reference } from '@/reference/index.ts';
import { batchOf, dishOf, inputOf, lotOf, weighedEntry } from '@/core/testing/meals.ts';
import { act, undo } from './acts.ts';
import { openDb, type SlowSpoonDb } from './db.ts';
import { type Digester, logOf, mendDigests, stampOf, taughtBy } from './digests.ts';
import { exportMeal } from './files.ts';
import { deleteMeal } from './meals.ts';
import { putPastMeals } from './past.ts';

let count = 0;
let db: SlowSpoonDb;
beforeEach(() => {
  count += 1;
  db = openDb(`log-${count}`);
});
afterEach(() => db.delete());

const made: string[][] = [];
const digester: Digester = (meals) => {
  made.push(meals.map(({ meal }) => meal.id));
  return Promise.resolve(meals.map((meal) => digestedOf({ ...meal, reference })));
};
const mend = (changes: Partial<Parameters<typeof mendDigests>[1]> = {}) => {
  made.length = 0;
  return mendDigests(db, { digester, stamp: 'one', ...changes });
};
const taught = () => taughtBy(db);
const mealOf = (id: string, shredG: number) => {
  const pot = { ...batchOf([lotOf('beef-shank', 3000)]), id: `${id}-pot` };
  const { meal, batches } = inputOf([pot], [dishOf('taco', 12)]);
  const entry = { ...weighedEntry({ what: 'sum', flow: 'shred' }, shredG), id: `${id}-shred`, batch: pot.id };
  return { meal: { ...meal, id, name: id }, batches, entries: [entry] };
};

describe('what the log keeps of past meals', () => {
  beforeEach(() => putPastMeals(db, [mealOf('a', 1100), mealOf('b', 1150)], 'two cooks'));

  test('of a meal of which nothing was begun nothing is asked, and it is as good as made', async () => {
    const { meal, batches } = mealOf('c', 0);
    await putPastMeals(db, [{ meal, batches, entries: [] }], 'a plan');
    expect(await mend()).toEqual({ made: true, unread: [] });
    expect(made).toEqual([['a', 'b']]);
    expect((await db.digests.get('c'))?.digests).toEqual([]);
    expect(await mend()).toEqual({ made: false, unread: [] });
  });

  test('is made once, anew where a meal has changed, and goes with its meal', async () => {
    expect(await mend()).toEqual({ made: true, unread: [] });
    expect(made).toEqual([['a', 'b']]);
    expect((await taught()).map(({ meal }) => meal).sort()).toEqual(['a', 'b']);
    expect(await mend()).toEqual({ made: false, unread: [] });
    expect(made).toEqual([]);
    await act(db, { words: 'out' }, 'a', (edits) =>
      edits.edit('batches', 'a-pot', (row) => ({ ...row, batch: { ...row.batch, leftOut: true } })),
    );
    expect(await db.digests.get('a')).toBeUndefined();
    await mend();
    expect(made).toEqual([['a']]);
    expect((await taught()).map(({ meal }) => meal).sort()).toEqual(['b']);
    await undo(db, 'a');
    await mend();
    expect((await taught()).map(({ meal }) => meal).sort()).toEqual(['a', 'b']);
    await deleteMeal(db, 'b', 'b');
    await mend();
    expect((await db.digests.toArray()).map(({ id }) => id)).toEqual(['a']);
    expect((await taught()).map(({ meal }) => meal).sort()).toEqual(['a']);
  });

  test('a new reading lets go of it, and another kitchen makes all of them anew', async () => {
    await mend();
    const { entries } = mealOf('a', 900);
    await act(db, { words: 'a weight' }, 'a', (edits) => {
      for (const entry of entries)
        edits.append({ id: 'later', mealId: 'a', entry: { ...entry, id: 'later', at: 9 } });
    });
    expect(await db.digests.get('a')).toBeUndefined();
    await mend({ stamp: 'two' });
    expect(made).toEqual([['a', 'b']]);
    expect(stampOf('t', usualKitchen)).not.toBe(stampOf('t', { ...usualKitchen, altitudeM: 900 }));
    expect(stampOf('t', usualKitchen)).toBe(stampOf('t', { ...usualKitchen, lessons: [] }));
  });

  test('a meal that is changed while it is made is left for the next time', async () => {
    const meddling: Digester = async (meals) => {
      await act(db, { words: 'name' }, 'a', (edits) =>
        edits.edit('meals', 'a', (row) => ({ ...row, meal: { ...row.meal, name: 'Renamed' } })),
      );
      return digester(meals);
    };
    await mend({ digester: meddling });
    expect(await db.digests.count()).toBe(0);
    await mend();
    expect((await db.digests.get('a'))?.digests[0]?.name).toBe('Renamed');
  });

  test('a meal that goes while others are made is not listed, then or later', async () => {
    await mend();
    await putPastMeals(db, [mealOf('c', 1200)], 'one more');
    let gone: Promise<void> | undefined;
    await mend({
      digester: (meals) => {
        // Behind the writing of what was made, before the log is put together.
        setTimeout(() => {
          gone = deleteMeal(db, 'b', 'b');
        });
        return digester(meals);
      },
    });
    await gone;
    await mend();
    const listed = (await logOf(db))?.map(({ meal }) => meal).sort();
    expect(listed).toEqual(['a', 'c']);
    expect((await taught()).map(({ meal }) => meal).sort()).toEqual(['a', 'c']);
  });

  test('one that cannot be reckoned is said, nothing is kept of it, and it is tried again', async () => {
    const failing: Digester = async (meals) =>
      (await digester(meals)).map((one, i) =>
        meals[i]?.meal.id === 'a' ? { ok: false, why: 'no such cut' } : one,
      );
    expect(await mend({ digester: failing })).toEqual({
      made: true,
      unread: [{ id: 'a', name: 'a', why: 'no such cut' }],
    });
    expect((await db.digests.toArray()).map(({ id }) => id)).toEqual(['b']);
    expect(await mend()).toEqual({ made: true, unread: [] });
    expect(made).toEqual([['a']]);
    expect((await taught()).map(({ meal }) => meal).sort()).toEqual(['a', 'b']);
    // Rows that are not a meal at all are said too.
    await db.meals.update('b', { meal: null as never });
    await db.digests.delete('b');
    expect((await mend()).unread.map(({ id }) => id)).toEqual(['b']);
    expect(await db.digests.get('b')).toBeUndefined();
  });

  test('a change writes the part of its meal alone, and all of them are the log', async () => {
    await putPastMeals(
      db,
      Array.from({ length: 30 }, (_, i) => mealOf(`m${String(i)}`, 1000 + i)),
      'many',
    );
    await mend();
    const parts = async () =>
      new Map(
        (await db.house.toArray()).flatMap((row) => ('text' in row ? [[row.id, row.text] as const] : [])),
      );
    const before = await parts();
    await act(db, { words: 'out' }, 'm7', (edits) =>
      edits.edit('batches', 'm7-pot', (row) => ({ ...row, batch: { ...row.batch, leftOut: true } })),
    );
    await mend();
    const after = await parts();
    const written = [...after].filter(([id, text]) => before.get(id) !== text).map(([id]) => id);
    expect(written.map((id) => id.replace(/ \d+$/, '')).sort()).toEqual(['log', 'taught']);
    expect(await logOf(db)).toHaveLength(32);
    expect(await taught()).toHaveLength(31);
    // A meal that goes leaves no trace in its part, though its digest went with it.
    await deleteMeal(db, 'm7', 'm7');
    await mend();
    expect((await logOf(db))?.some(({ meal }) => meal === 'm7')).toBe(false);
  });

  test('cooked in another kitchen it stands in the log, and teaches nothing of this one', async () => {
    await db.meals.update('b', { kitchen: { ...usualKitchen, altitudeM: 900 } });
    await mend();
    expect((await db.digests.get('b'))?.digests).toHaveLength(1);
    expect((await taught()).map(({ meal }) => meal).sort()).toEqual(['a']);
  });

  test('the file of a meal carries what was learned by then, and brings it along', async () => {
    await mend();
    const next = mealOf('next', 1000);
    await putPastMeals(db, [next], 'one more');
    const file = JSON.parse(await exportMeal(db, 'next')) as { learned?: { batches: number } };
    expect(file.learned?.batches).toBe(2);
  });
});
