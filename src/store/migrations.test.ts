import { reckon } from '@/core/reckoning/index.ts';
import { expect, test } from '@jest/globals';
import { Dexie } from 'dexie';
import { readFileSync } from 'node:fs';
import { usualAfter } from '@/core/meal/index.ts';
import { openMeal } from '@/core/model/index.ts';

import { reference } from '@/reference/index.ts';
import { nextActs, undo } from './acts.ts';
import { copyAsText, copyBefore, copyKept, dropCopy } from './copyBefore.ts';
import { openDb } from './db.ts';
import { openStore } from './open.ts';
import { loadMeal } from './meals.ts';

/** A database as the first version kept it: every later one must open it and lose nothing. */
const old = JSON.parse(readFileSync('src/store/fixtures/version-1.json', 'utf8')) as Record<string, object[]>;

test('a database of the first version opens, with every row, and its figures', async () => {
  const first = new Dexie('old-kitchen');
  first
    .version(1)
    .stores({ meals: 'id, made', batches: 'id, mealId', entries: 'id, mealId', kept: 'id', acts: '++seq' });
  for (const [table, rows] of Object.entries(old)) await first.table(table).bulkAdd(rows);
  first.close();

  const db = openDb('old-kitchen');
  await openStore(db, () => undefined);
  const loaded = await loadMeal(db, 'meal-old');
  if (!loaded) throw new Error('the meal is gone');
  expect(loaded.meal.name).toBe('Supper of old');
  const { batches } = reckon(openMeal({ ...loaded, reference }));
  expect(batches[0]?.meat.shredG.mid).toBeCloseTo(790, 6);
  expect(await db.kept.get('settings')).toMatchObject({ settings: { system: 'us' } });
  expect((await nextActs(db, 'meal-old')).undo?.words).toBe('the weight of the shred');
  // What later versions have added is there, and empty.
  expect(await db.timers.count()).toBe(0);
  expect(await db.drafts.count()).toBe(0);
  // Its readings lie in one row a batch now, and can be taken back as before.
  expect((await db.entries.toArray()).map(({ id }) => id)).toEqual(loaded.batches.map(({ id }) => id));
  await undo(db, 'meal-old');
  expect((await loadMeal(db, 'meal-old'))?.entries).toHaveLength(loaded.entries.length - 1);
  // As it was before the upgrade it is kept, row for row, and can be taken out.
  const kept = await copyKept(db);
  if (kept === undefined) throw new Error('no copy was kept');
  expect(JSON.parse(await copyAsText(kept))).toEqual({
    ...old,
    acts: old.acts?.map((one, i) => ({ ...one, seq: i + 1 })),
  });
  // Opened again it is of this version: nothing is copied, and the copy stands until it is let go.
  db.close();
  await copyBefore(db);
  expect(await copyKept(db)).toBe(kept);
  await dropCopy(kept);
  expect(await copyKept(db)).toBeUndefined();
});

test('a list that stood beside its choices comes over in its pot, in what can be undone and in the bin', async () => {
  const [row] = old['batches'] as { readonly id: string; readonly mealId: string; readonly batch: object }[];
  const [meal] = old['meals'] as { readonly id: string }[];
  if (!row || !meal) throw new Error('the fixture holds no meal');
  const left = { ...row, batch: { ...row.batch, skim: 'leave', strain: false } };
  const fifth = new Dexie('fifth-kitchen');
  fifth.version(5).stores({
    meals: 'id, made',
    batches: 'id, mealId',
    entries: 'id, mealId',
    kept: 'id',
    acts: '++seq, [mealId+undone], [house+undone]',
    timers: 'id, ends',
    summaries: 'id, made',
    drafts: 'id',
    house: 'id',
    digests: 'id, stamp',
    photos: 'id',
    bin: 'id, at',
  });
  await fifth.table('meals').add(meal);
  await fifth.table('batches').add(left);
  await fifth.table('acts').add({
    at: 1,
    words: 'skimming',
    undone: 0,
    mealId: meal.id,
    house: 0,
    changes: [{ what: 'put', table: 'batches', id: row.id, before: row, after: left }],
  });
  await fifth.table('bin').add({ id: 'gone', at: 1, name: 'Gone', row: meal, batches: [row], entries: [] });
  fifth.close();

  const db = openDb('fifth-kitchen');
  await openStore(db, () => undefined);
  const now = async () => (await loadMeal(db, meal.id))?.batches[0];
  expect((await now())?.after).toEqual(usualAfter({ strain: false, skim: 'leave' }));
  expect((await now())?.cook.map(({ id }) => id)).toEqual(['phase 1']);
  expect(await now()).not.toHaveProperty('skim');
  await undo(db, meal.id);
  expect((await now())?.after).toEqual(usualAfter({ strain: true, skim: 'hot' }));
  const [binned] = await db.bin.toArray();
  expect(binned?.batches[0]?.batch.after).toEqual(usualAfter({ strain: true, skim: 'hot' }));
});
