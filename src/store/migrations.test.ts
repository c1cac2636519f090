import { reckon } from '@/core/reckoning/index.ts';
import { expect, test } from '@jest/globals';
import { Dexie } from 'dexie';
import { readFileSync } from 'node:fs';
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
