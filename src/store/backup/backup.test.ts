import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { usualKitchen } from '@/core/meal/index.ts';
import { canonical } from '@/core/meal/index.ts';
import { batchOf, dishOf, inputOf, lotOf, weighedEntry } from '@/core/testing/meals.ts';
import { act } from '../acts.ts';
import { openDb, type SlowSpoonDb } from '../db.ts';
import { exportMeal } from '../files.ts';
import { loadMeal, newMeal } from '../meals.ts';
import { readBackup, type Backup } from './read.ts';
import { changesBy, restore } from './restore.ts';
import { saveAll } from './save.ts';

let count = 0;
let db: SlowSpoonDb;
let other: SlowSpoonDb;
beforeEach(() => {
  count += 1;
  [db, other] = [openDb(`kept-${count}`), openDb(`new-${count}`)];
});
afterEach(async () => {
  await Promise.all([db.delete(), other.delete()]);
});

const altitude = (to: SlowSpoonDb, metres: number) =>
  act(to, { words: 'the altitude' }, undefined, (edits) =>
    edits.put('kept', { id: 'kitchen', kitchen: { ...usualKitchen, altitudeM: metres } }),
  );
const rename = (to: SlowSpoonDb, id: string, name: string) =>
  act(to, { words: 'the name' }, id, (edits) =>
    edits.edit('meals', id, (row) => ({ ...row, meal: { ...row.meal, name } })),
  );
async function reading(text: string): Promise<Backup> {
  const read = await readBackup(new Blob([text]));
  if (!read.ok) throw new Error(read.error);
  return read.backup;
}
const textOf = async (from: SlowSpoonDb) => (await saveAll(from)).text();
/** All that is kept; the order of keys within a line says nothing. */
const allOf = async (from: SlowSpoonDb) =>
  (await textOf(from))
    .trimEnd()
    .split('\n')
    .map((line) => canonical(JSON.parse(line)));

/** Three meals, one with readings and one with a kitchen of its own. */
async function fill(): Promise<readonly string[]> {
  const ids: string[] = [];
  for (const name of ['Lunch', 'Supper']) ids.push((await newMeal(db, name)).mealId);
  const { meal, batches } = inputOf([batchOf([lotOf('beef-shank', 2000)])], [dishOf('taco', 12)]);
  await act(db, { words: 'a file' }, meal.id, (edits) => {
    edits.put('meals', { id: meal.id, made: 5, meal, kitchen: { ...usualKitchen, currency: 'CHF' } });
    for (const batch of batches) edits.put('batches', { id: batch.id, mealId: meal.id, batch });
    for (const g of [300, 360]) {
      const entry = { ...weighedEntry({ what: 'sum', flow: 'bone' }, g), id: `bones-${g}`, at: g };
      edits.append({ id: entry.id, mealId: meal.id, entry });
    }
  });
  await altitude(db, 800);
  return [...ids, meal.id];
}

describe('a backup', () => {
  test('brings everything back into an empty browser, with the file and kitchen of each meal', async () => {
    const ids = await fill();
    const text = await textOf(db);
    const backup = await reading(text);
    expect(backup.unread).toEqual([]);
    expect(await changesBy(other, backup)).toMatchObject({ same: 0, here: [], changed: [] });
    await restore(other, backup, 'merge');
    expect(await allOf(other)).toEqual(await allOf(db));
    for (const id of ids) expect(await exportMeal(other, id)).toBe(await exportMeal(db, id));
    expect(await other.summaries.toArray()).toEqual(await db.summaries.toArray());
  });

  test('merged, it leaves what is only here, takes what differs, and keeps every kitchen as it was', async () => {
    const [lunch = ''] = await fill();
    const backup = await reading(await textOf(db));
    await rename(db, lunch, 'Late lunch');
    const { mealId: mine } = await newMeal(db, 'Mine');
    await altitude(db, 1500);
    expect(await changesBy(db, backup)).toEqual({
      added: [],
      changed: ['Lunch'],
      same: 2,
      here: ['Mine'],
      clashes: [],
      otherKitchen: true,
    });
    await restore(db, backup, 'merge');
    const [back, own] = [await loadMeal(db, lunch), await loadMeal(db, mine)];
    expect([back?.meal.name, own?.meal.name]).toEqual(['Lunch', 'Mine']);
    // Each is reckoned at the height at which it was cooked.
    expect([back?.kitchen.altitudeM, own?.kitchen.altitudeM]).toEqual([800, 1500]);
  });

  test('in the place of everything, it leaves nothing else', async () => {
    await fill();
    const [text, before] = [await textOf(db), await allOf(db)];
    await newMeal(db, 'Mine');
    await altitude(db, 1500);
    await restore(db, await reading(text), 'replace');
    expect(await allOf(db)).toEqual(before);
    expect(await db.acts.count()).toBe(0);
  });

  test('cancelled half way, or with a batch that belongs elsewhere, it changes nothing', async () => {
    const [lunch = ''] = await fill();
    const backup = await reading(await textOf(db));
    await rename(db, lunch, 'Late lunch');
    const before = await allOf(db);
    const cancelled = new AbortController();
    const told = () => cancelled.abort(new Error('cancelled'));
    await expect(restore(db, backup, 'replace', { signal: cancelled.signal, told })).rejects.toThrow(
      'cancelled',
    );
    const stolen = backup.meals.map((meal) => ({
      ...meal,
      meal: { ...meal.meal, id: `other ${meal.meal.id}` },
    }));
    // The preview has said so, by names.
    const { clashes } = await changesBy(db, { ...backup, meals: stolen });
    expect(clashes).toContainEqual({ name: 'Lunch', with: 'Late lunch' });
    await expect(restore(db, { ...backup, meals: stolen }, 'merge')).rejects.toThrow(
      'belongs to another meal',
    );
    expect(await allOf(db)).toEqual(before);
  });

  test('one pot in two of its meals is told before anything is compared', async () => {
    await fill();
    const [head = '', first = '', ...rest] = (await textOf(db)).trimEnd().split('\n');
    const twin = first.replaceAll(/"id":"([^"]+)","name":"(\w+)"/g, '"id":"twin","name":"Twin"');
    const text = [head, first, twin, ...rest].join('\n');
    const read = await readBackup(new Blob([text]));
    expect(read.ok ? '' : read.error).toMatch(
      /^This backup has one pot in two meals, “\w[^”]*” and “Twin”\.$/,
    );
  });

  test('one meal that cannot be read leaves the others whole, and a file that was cut off says so', async () => {
    await fill();
    const text = await textOf(db);
    const damaged = await reading(text.replace('"name":"Lunch"', '"name":7'));
    expect(damaged.meals).toHaveLength(2);
    expect(damaged.unread).toEqual([
      expect.stringMatching(
        /^Line \d of the backup cannot be read: the name of the meal is 7, and a text belongs there\.$/,
      ) as unknown,
    ]);
    const cut = await reading(`${text.trimEnd().split('\n').slice(0, -1).join('\n')}\n`);
    expect(cut.meals).toHaveLength(2);
    expect(cut.unread).toEqual(['The file was cut off: 1 of its 3 meals is missing.']);
  });

  test.each([
    ['', 'is empty'],
    ['{"format":"slow-spoon meal"}', 'is one meal and no backup'],
    ['no backup', 'is not a Slow Spoon backup'],
    ['{"format":"slow-spoon backup","version":9,"meals":1}', 'is version 9'],
    ['{"format":"slow-spoon backup","version":1}', 'is missing'],
  ])('%j is refused in one sentence', async (text, words) => {
    expect(await readBackup(new Blob([text]))).toMatchObject({
      ok: false,
      error: expect.stringContaining(words) as unknown,
    });
  });
});
