import type { Transaction } from 'dexie';
import type { Kitchen } from '@/core/batch/index.ts';
import { type Digest, type PastBatch, pastOf } from '@/core/log/index.ts';
import type { DigestRow, HouseRow, MealRow, SlowSpoonDb } from './db.ts';
import { loadMeals, type LoadedMeal } from './meals.ts';

/** Makes the digests of meals; in a thread of its own, since a hundred meals take a second. */
export type Digester = (meals: readonly LoadedMeal[]) => Promise<readonly (readonly Digest[])[]>;

/** A figure of the core has changed: what was made by the one before is made anew. */
const VERSION = 1;

/** What digests hang on besides their meal: made by another kitchen or another table they are made anew. */
export function stampOf(reference: string, kitchen: Kitchen): string {
  const { vessels, cuts, ingredients, altitudeM } = kitchen;
  const text = JSON.stringify([VERSION, reference, vessels, cuts, ingredients, altitudeM]);
  let hash = 0;
  for (let i = 0; i < text.length; i += 1) hash = (Math.imul(hash, 31) + text.charCodeAt(i)) | 0;
  return `${String(VERSION)} ${String(hash)}`;
}

/** So many meals are made at a time. */
const AT_A_TIME = 40;

interface Mending {
  readonly digester: Digester;
  readonly stamp: string;
  readonly told?: ((done: number, of: number) => void) | undefined;
  readonly signal?: AbortSignal | undefined;
}

/**
 * Makes the digests that are missing or of another stamp, takes out those whose meal is gone, and keeps with them what
 * the learning wants. A meal that is changed while its digest is made is left for the next time.
 * @returns whether anything was made
 */
export async function mendDigests(
  db: SlowSpoonDb,
  { digester, stamp, told, signal }: Mending,
): Promise<boolean> {
  const [meals, rows] = await Promise.all([
    db.meals.toCollection().primaryKeys(),
    db.digests.toCollection().toArray(),
  ]);
  const fresh = new Set(rows.filter((row) => row.stamp === stamp).map(({ id }) => id));
  const there = new Set(meals);
  const gone = rows.filter(({ id }) => !there.has(id)).map(({ id }) => id);
  const wanted = meals.filter((id) => !fresh.has(id));
  const untaught = (await db.house.get('untaught')) ?? !(await db.house.get('taught'));
  if (wanted.length === 0 && gone.length === 0 && !untaught) return false;
  for (let from = 0; from < wanted.length; from += AT_A_TIME) {
    signal?.throwIfAborted();
    told?.(from, wanted.length);
    const some = wanted.slice(from, from + AT_A_TIME);
    const before = await lastAct(db);
    const loaded = await loadMeals(db, some);
    const digests = await digester(loaded.meals);
    const made = new Map(loaded.meals.map(({ meal }, i) => [meal.id, digests[i] ?? []]));
    await db.transaction('rw', db.digests, db.acts, async (tx) => {
      if ((await lastActIn(tx)) !== before) return;
      await tx
        .table<DigestRow, string>('digests')
        .bulkPut(some.map((id) => ({ id, stamp, digests: made.get(id) ?? [] })));
    });
  }
  await db.transaction('rw', db.digests, db.meals, db.house, async (tx) => {
    await tx.table('digests').bulkDelete(gone);
    const all = await tx.table<DigestRow, string>('digests').toArray();
    const house = tx.table<HouseRow, string>('house');
    await house.put({ id: 'taught', past: await own(tx, all) });
    if (all.length === (await tx.table('meals').count())) await house.delete('untaught');
  });
  told?.(wanted.length, wanted.length);
  return true;
}

/** Meals that came with a kitchen of their own were cooked in another: they teach nothing of this one. */
async function own(tx: Transaction, rows: readonly DigestRow[]): Promise<readonly PastBatch[]> {
  const past = rows.flatMap(({ digests }) => pastOf(digests));
  const meals = await tx.table<MealRow, string>('meals').bulkGet([...new Set(past.map(({ meal }) => meal))]);
  const foreign = new Set(meals.flatMap((row) => (row?.kitchen ? [row.id] : [])));
  return past.filter(({ meal }) => !foreign.has(meal));
}

const lastActIn = async (tx: Transaction): Promise<unknown> =>
  (await tx.table('acts').toCollection().reverse().limit(1).primaryKeys())[0];
const lastAct = (db: SlowSpoonDb): Promise<unknown> => db.transaction('r', db.acts, lastActIn);
