import type { Transaction } from 'dexie';
import type { Kitchen } from '@/core/meal/index.ts';
import {
  begunIn,
  type Digest,
  type Digested,
  type Logged,
  type PastBatch,
  pastOf,
} from '@/core/log/index.ts';
import type { SlowSpoonDb } from './db.ts';
import type { DigestRow, BrowserRow, MealRow } from './kinds.ts';
import { type Damaged, loadMeals, type LoadedMeal } from './meals.ts';

/** Makes the digests of meals; in a thread of its own, since a hundred meals take a second. */
export type Digester = (meals: readonly LoadedMeal[]) => Promise<readonly Digested[]>;

/** A figure of the core has changed: what was made by the one before is made anew. */
const VERSION = 5;

/** What digests hang on besides their meal: made by another kitchen or another table they are made anew. */
export function stampOf(reference: string, kitchen: Kitchen): string {
  const { vessels, cuts, ingredients, altitudeM } = kitchen;
  const text = JSON.stringify([VERSION, reference, vessels, cuts, ingredients, altitudeM]);
  let hash = 0;
  for (let i = 0; i < text.length; i += 1) hash = (Math.imul(hash, 31) + text.charCodeAt(i)) | 0;
  return `${String(VERSION)} ${String(hash)}`;
}

const NONE: Digested = { ok: true, digests: [] };

/** Of meals of which nothing was begun there is nothing to make, and no thread to be started. */
async function digested(meals: readonly LoadedMeal[], digester: Digester): Promise<readonly Digested[]> {
  const begun = meals.filter((meal) => begunIn(meal).length > 0);
  const made = begun.length > 0 ? await digester(begun) : [];
  const of = new Map(
    begun.map((meal, i) => [meal, made[i] ?? { ok: false as const, why: 'it was not answered' }]),
  );
  return meals.map((meal) => of.get(meal) ?? NONE);
}

/** So many meals are made at a time. */
const AT_A_TIME = 80;

interface Mending {
  readonly digester: Digester;
  readonly stamp: string;
  readonly told?: ((done: number, of: number) => void) | undefined;
  readonly signal?: AbortSignal | undefined;
}

/**
 * Makes the digests that are missing or of another stamp, takes out those whose meal is gone, and keeps with them what
 * the learning wants. A meal that is changed while its digest is made is left for the next time; so is one that cannot be
 * read or reckoned: nothing is kept of it, and it is tried again whenever the log is mended.
 * @returns whether anything was made, and which meals could not be
 */
export async function mendDigests(
  db: SlowSpoonDb,
  { digester, stamp, told, signal }: Mending,
): Promise<{ readonly made: boolean; readonly unread: readonly Damaged[] }> {
  const [meals, rows] = await Promise.all([db.meals.toCollection().primaryKeys(), stampsOf(db)]);
  const fresh = new Set(rows.filter((row) => row.stamp === stamp).map(({ id }) => id));
  const there = new Set(meals);
  const gone = rows.filter(({ id }) => !there.has(id)).map(({ id }) => id);
  const wanted = meals.filter((id) => !fresh.has(id));
  const mark = await db.house.get('untaught');
  const isMade = (await db.house.get('log made')) !== undefined;
  const unread: Damaged[] = [];
  if (wanted.length === 0 && gone.length === 0 && !mark && isMade) return { made: false, unread };
  const read = async (from: number) => {
    const some = wanted.slice(from, from + AT_A_TIME);
    return { some, before: await lastAct(db), loaded: await loadMeals(db, some) };
  };
  const logged: Logged[] = [];
  const write = async (
    some: readonly string[],
    made: ReadonlyMap<string, readonly Digest[]>,
    before: unknown,
  ) => {
    const isKept = await db.transaction('rw', db.digests, db.acts, async (tx) => {
      if ((await lastActIn(tx)) !== before) return false;
      const digests = tx.table<DigestRow, string>('digests');
      await digests.bulkPut([...made].map(([id, of]) => ({ id, stamp, digests: of })));
      // What another table or kitchen made of it does not stand for it either.
      await digests.bulkDelete(some.filter((id) => !made.has(id)));
      return true;
    });
    // The strands are on the disk; of thousands of batches they need not be held here too.
    if (isKept) for (const of of made.values()) logged.push(...of.map(withoutStrands));
  };
  // While some are made the next are read and the last are written: the threads that make them have always enough to do.
  let next = read(0);
  let written: Promise<void> = Promise.resolve();
  for (let from = 0; from < wanted.length; from += AT_A_TIME) {
    signal?.throwIfAborted();
    told?.(from, wanted.length);
    const { some, before, loaded } = await next;
    const making = digested(loaded.meals, digester);
    next = from + AT_A_TIME < wanted.length ? read(from + AT_A_TIME) : next;
    // What cannot be read or made is told when it is its turn.
    for (const one of [next, making]) one.catch(() => undefined);
    await written;
    const digests = await making;
    const made = new Map<string, readonly Digest[]>();
    unread.push(...loaded.damaged);
    for (const [i, { meal }] of loaded.meals.entries()) {
      const one = digests[i];
      if (one?.ok) made.set(meal.id, one.digests);
      else unread.push({ id: meal.id, name: meal.name, why: one?.why ?? 'it was not answered' });
    }
    written = write(some, made, before);
    written.catch(() => undefined);
  }
  await written;
  const changed = new Set([...wanted, ...gone]);
  await db.transaction('rw', db.digests, db.meals, db.house, async (tx) => {
    // Meals may have gone while digests were made, and others been marked: what is listed is what is there by now.
    const here = new Set(await tx.table<MealRow, string>('meals').toCollection().primaryKeys());
    const since = await tx.table<BrowserRow, string>('house').get('untaught');
    // Where nobody knows which have changed, all parts are put together anew.
    const marked = since?.id === 'untaught' ? since.meals : [];
    const parts =
      isMade && marked ? new Set([...changed, ...marked].map(partOf)) : new Set(Array(PARTS).keys());
    const stands = ({ meal }: PastBatch | Listed) => here.has(meal) && !changed.has(meal);
    const digests = tx.table<DigestRow, string>('digests');
    await digests.bulkDelete(gone);
    // An act since then has let go of the digest that it touched.
    const still = new Set(logged.length > 0 ? await digests.toCollection().primaryKeys() : []);
    const made = logged.filter(({ meal }) => still.has(meal));
    const foreign = await foreigners(tx, made);
    const house = tx.table<BrowserRow, string>('house');
    for (const part of parts) {
      const own = made.filter(({ meal }) => partOf(meal) === part);
      const log = listedIn(await house.get(`log ${part}`)).filter(stands);
      log.push(...own.map((one) => listed(one, foreign.has(one.meal))));
      await house.put({ id: `log ${part}`, text: JSON.stringify(log, rounded) });
      // Meals that came with a kitchen of their own were cooked in another: they teach nothing of this one.
      const past = taughtIn(await house.get(`taught ${part}`)).filter(stands);
      past.push(...pastOf(own.filter(({ meal }) => !foreign.has(meal))));
      await house.put({ id: `taught ${part}`, text: JSON.stringify(past, rounded) });
    }
    // As versions before the third kept it, in one piece.
    await house.bulkDelete(['log', 'taught']);
    await house.put({ id: 'log made' });
    const done = (await digests.count()) + unread.length;
    if (done === (await tx.table('meals').count())) await house.delete('untaught');
  });
  told?.(wanted.length, wanted.length);
  return { made: true, unread };
}

/** A batch of the log as it is listed: whether it was cooked in another kitchen is known here alone. */
export interface Listed extends Logged {
  readonly foreign: boolean;
}

const withoutStrands = ({ strands: _, ...logged }: Digest): Logged => logged;

/** Of what it says the yields alone: a list of thousands is read in one piece. */
const listed = (logged: Logged, foreign: boolean): Listed => ({
  ...logged,
  foreign,
  evidence: foreign ? [] : logged.evidence.filter(({ what }) => what === 'y'),
});

/** In so many parts the log is kept. */
const PARTS = 16;
/** The part of a meal: always the same. */
function partOf(meal: string): number {
  let hash = 0;
  for (let i = 0; i < meal.length; i += 1) hash = (Math.imul(hash, 31) + meal.charCodeAt(i)) | 0;
  return Math.abs(hash) % PARTS;
}

const textOf = (row: BrowserRow | undefined): string => (row && 'text' in row ? row.text : '[]');
const listedIn = (row: BrowserRow | undefined) => JSON.parse(textOf(row)) as Listed[];
const taughtIn = (row: BrowserRow | undefined) => JSON.parse(textOf(row)) as PastBatch[];

const byTime = (a: { readonly at: number }, b: { readonly at: number }): number => a.at - b.at;

/** The log as it was written last, oldest first; undefined where it never was. */
export async function logOf({ house }: Pick<SlowSpoonDb, 'house'>): Promise<readonly Listed[] | undefined> {
  const rows = await house.where('id').startsWith('log ').toArray();
  if (!rows.some(({ id }) => id === 'log made')) return undefined;
  return rows.flatMap(listedIn).sort(byTime);
}

/** What the log teaches, as it was written last, oldest first. */
export async function taughtBy({ house }: Pick<SlowSpoonDb, 'house'>): Promise<readonly PastBatch[]> {
  return (await house.where('id').startsWith('taught ').toArray()).flatMap(taughtIn).sort(byTime);
}

/** Nothing of a log is known to more than five figures. */
const rounded = (_: string, value: unknown): unknown =>
  typeof value === 'number' && !Number.isInteger(value) ? Number(value.toPrecision(5)) : value;

async function foreigners(tx: Transaction, made: readonly Logged[]): Promise<ReadonlySet<string>> {
  const rows = await tx.table<MealRow, string>('meals').bulkGet([...new Set(made.map(({ meal }) => meal))]);
  return new Set(rows.flatMap((row) => (row?.kitchen ? [row.id] : [])));
}

/** By which program each digest was made, read off the index: the rows themselves are large. */
async function stampsOf(
  db: SlowSpoonDb,
): Promise<readonly { readonly id: string; readonly stamp: string }[]> {
  const found: { id: string; stamp: string }[] = [];
  for (const stamp of await db.digests.orderBy('stamp').uniqueKeys()) {
    const ids = await db.digests.where('stamp').equals(stamp).primaryKeys();
    found.push(...ids.map((id) => ({ id, stamp: typeof stamp === 'string' ? stamp : '' })));
  }
  return found;
}

const lastActIn = async (tx: Transaction): Promise<unknown> =>
  (await tx.table('acts').toCollection().reverse().limit(1).primaryKeys())[0];
const lastAct = (db: SlowSpoonDb): Promise<unknown> => db.transaction('r', db.acts, lastActIn);

/** The log whole, with its strands, oldest first. */
export async function digestsOf(db: SlowSpoonDb): Promise<readonly Digest[]> {
  const rows = await db.digests.toArray();
  return rows.flatMap(({ digests }) => digests).sort((a, b) => a.at - b.at);
}
