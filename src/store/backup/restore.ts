import { usualKitchen, type Kitchen } from '@/core/meal/index.ts';
import type { BackupChanges, BackupMeal } from '@/core/meal/file/index.ts';
import { canonical } from '@/core/meal/index.ts';
import type { Transaction } from 'dexie';
import type { SlowSpoonDb } from '../db.ts';
import type { BatchRow, GoneRow, KeptRow } from '../kinds.ts';
import { MEAL_TABLES } from '../acts.ts';
import { byBatch } from '../readings.ts';
import { markUntaught } from '../forgetDigests.ts';
import { nameOf, summaryOf } from '../summaries.ts';
import { markChanged } from './lastBackup.ts';
import type { Backup } from './read.ts';
import { backupRows } from './rows.ts';
import type { Course } from './save.ts';

/** Replace: afterwards nothing is here but what the backup holds. Merge: it comes in beside what is here. */
export type Way = 'replace' | 'merge';

/** Compares a backup with what is here, meal by meal; changes nothing. */
export async function changesBy(
  db: SlowSpoonDb,
  { head, meals }: Backup,
  course: Course = {},
): Promise<BackupChanges> {
  const incoming = new Map(meals.map((meal) => [meal.meal.id, meal]));
  const ids = await db.meals.orderBy('id').primaryKeys();
  const [changed, here]: [string[], string[]] = [[], []];
  let same = 0;
  for await (const { meals: mine, done } of backupRows(db, ids)) {
    course.signal?.throwIfAborted();
    for (const meal of mine) {
      const theirs = incoming.get(meal.meal.id);
      if (!theirs) here.push(nameOf(meal.meal));
      else if (canonical(theirs) === canonical(meal)) same += 1;
      else changed.push(theirs.meal.name);
    }
    course.told?.(done, ids.length);
  }
  const clashes = await clashesOf(db, meals);
  const known = new Set(ids);
  const added = meals.filter(({ meal }) => !known.has(meal.id)).map(({ meal }) => meal.name);
  return {
    added,
    changed,
    same,
    here,
    clashes,
    otherKitchen: canonical(head.kitchen) !== canonical(await kitchenHere(db)),
  };
}

/** Meals with a batch that another one has here. */
async function clashesOf(
  db: SlowSpoonDb,
  meals: Backup['meals'],
): Promise<{ readonly name: string; readonly with: string }[]> {
  const found: { name: string; with: string }[] = [];
  for (const { meal } of meals) {
    const rows = await db.batches.bulkGet([...meal.batches]);
    const other = rows.find((row) => row && row.mealId !== meal.id);
    if (!other) continue;
    const mine = await db.meals.get(other.mealId);
    found.push({ name: meal.name, with: mine?.meal.name ?? '' });
  }
  return found;
}

async function kitchenHere(db: SlowSpoonDb): Promise<Kitchen | undefined> {
  const row = await db.kept.get('kitchen');
  return row?.id === 'kitchen' ? row.kitchen : undefined;
}

const TABLES = [...MEAL_TABLES, 'drafts'] as const;
/** So many meals are written at a time. */
const AT_A_TIME = 60;

/**
 * Brings a backup in: all of it or, if it is cancelled or fails, nothing. A merge leaves the kitchen here as it is, and
 * a meal that shared another one carries that from then on, so that its figures stay what they were.
 * @throws if a batch of the backup belongs to another meal here
 */
export async function restore(
  db: SlowSpoonDb,
  { head, meals }: Backup,
  way: Way,
  { signal, told }: Course = {},
): Promise<void> {
  const shared = head.kitchen ?? usualKitchen;
  const ids = meals.map(({ meal }) => meal.id);
  await db.transaction('rw', [...TABLES, 'house', 'bin'], async (tx) => {
    if (way === 'replace') await Promise.all(TABLES.map((name) => tx.table(name).clear()));
    else {
      await tx.table('meals').bulkDelete(ids);
      await tx.table('digests').bulkDelete(ids);
      await tx.table('gone').bulkDelete(ids);
      for (const name of ['batches', 'entries', 'acts'])
        await tx.table(name).where('mealId').anyOf(ids).delete();
    }
    // What is back is no longer to be put back.
    await tx.table('bin').bulkDelete(ids);
    // Where nothing was, the kitchen of the backup is the one here.
    if ((await tx.table('meals').count()) === 0) await tx.table<KeptRow>('kept').bulkPut(keptOf(head));
    const here = await tx.table<KeptRow, string>('kept').get('kitchen');
    const other = canonical(shared) !== canonical(here?.id === 'kitchen' ? here.kitchen : usualKitchen);
    const others = new Set(await tx.table<BatchRow, string>('batches').toCollection().primaryKeys());
    for (let from = 0; from < meals.length; from += AT_A_TIME) {
      signal?.throwIfAborted();
      const some = meals
        .slice(from, from + AT_A_TIME)
        .map((meal) => (other ? { kitchen: shared, ...meal } : meal));
      await put(tx, some, shared, others);
      told?.(Math.min(from + AT_A_TIME, meals.length), meals.length);
    }
    await markUntaught(tx);
    await markChanged(tx, Date.now());
    signal?.throwIfAborted();
  });
}

async function put(
  tx: Transaction,
  some: readonly BackupMeal[],
  shared: Kitchen,
  others: Set<string>,
): Promise<void> {
  const mealRows = some.map(({ made, meal, kitchen, learned }) => ({
    id: meal.id,
    meal,
    made,
    ...(kitchen && { kitchen }),
    ...(learned && { learned }),
  }));
  const batchRows = some.flatMap(({ meal, batches }) =>
    batches.map((batch) => ({ id: batch.id, mealId: meal.id, batch })),
  );
  const entryRows = some.flatMap(({ meal, entries }) =>
    entries.map((entry) => ({ id: entry.id, mealId: meal.id, entry })),
  );
  const taken = batchRows.find(({ id }) => others.has(id));
  if (taken) throw new Error(`Batch “${taken.id}” of this backup belongs to another meal.`);
  for (const { id } of batchRows) others.add(id);
  const goneRows = some.flatMap(({ meal, gone }): GoneRow[] => (gone ? [{ id: meal.id, ids: gone }] : []));
  await Promise.all([
    tx.table('gone').bulkPut(goneRows),
    tx.table('meals').bulkAdd(mealRows),
    tx.table('batches').bulkAdd(batchRows),
    tx.table('entries').bulkAdd([...byBatch(entryRows)]),
    tx.table('summaries').bulkPut(
      mealRows.map((row) =>
        summaryOf(
          row,
          batchRows.filter(({ mealId }) => mealId === row.id),
          shared,
        ),
      ),
    ),
  ]);
}

function keptOf({ kitchen, settings, got, lines, shelf }: Backup['head']): KeptRow[] {
  return [
    ...(kitchen ? [{ id: 'kitchen', kitchen } as const] : []),
    ...(settings ? [{ id: 'settings', settings } as const] : []),
    ...(shelf ? [{ id: 'shelf', items: shelf } as const] : []),
    ...(got || lines ? [{ id: 'shopping', got: got ?? [], ...(lines && { lines }) } as const] : []),
  ];
}
