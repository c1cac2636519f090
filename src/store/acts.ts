import type { Transaction } from 'dexie';
import sameRow from 'fast-deep-equal';
import type { Act, BatchRow, Change, EntryRow, KeptRow, MealRow, Row, SlowSpoonDb, TableName } from './db.ts';
import { changesOf, rowsFrom, type Deed, type Rows } from './rows.ts';

/** At least fifty acts can be taken back; older ones are let go. */
const KEEP = 200;
/** Keystrokes in one field this close together are one act, ms. */
const ONE_ACT = 4_000;

export interface ActOptions {
  readonly words: string;
  readonly field?: string;
  readonly now?: number;
}

/**
 * A table as the transaction has it. Through the database's own tables the transaction would be found by the zone
 * that the library keeps across awaits, and now and then, on a busy machine, that zone is lost: the write would go
 * on outside of it.
 */
const tableOf = (tx: Transaction, table: TableName) => tx.table<Row, string>(table);
/** The rows that a deed may see: a meal's, and those that all meals share. */
export async function rowsIn(tx: Transaction, mealId: string | undefined): Promise<Rows> {
  const [meal, batches, entries, kept] = await Promise.all([
    mealId === undefined ? undefined : tx.table<MealRow, string>('meals').get(mealId),
    tx
      .table<BatchRow, string>('batches')
      .where('mealId')
      .equals(mealId ?? '')
      .toArray(),
    tx
      .table<EntryRow, string>('entries')
      .where('mealId')
      .equals(mealId ?? '')
      .toArray(),
    tx.table<KeptRow, string>('kept').toArray(),
  ]);
  return rowsFrom({ meals: meal ? [meal] : [], batches, entries, kept });
}
const actsOf = (tx: Transaction) => tx.table<Act, number, Omit<Act, 'seq'>>('acts');

const TABLES = ['meals', 'batches', 'entries', 'kept', 'acts'] as const;

/**
 * Does something to a meal's rows and keeps how to take it back, in the same transaction: all of it is kept, or none.
 * @param mealId whose rows the deed sees beside those that all meals share
 */
export async function act(
  db: SlowSpoonDb,
  options: ActOptions,
  mealId: string | undefined,
  what: (deed: Deed) => void,
): Promise<void> {
  await db.transaction('rw', [...TABLES], async (tx) => {
    await write(tx, options, changesOf(await rowsIn(tx, mealId), what));
  });
}

/**
 * Keeps what has been done in memory already. Where another tab has changed the same rows meanwhile, the deed is
 * done anew on what stands there now.
 * @returns whether the disk now holds what memory does
 */
export async function keep(
  db: SlowSpoonDb,
  options: ActOptions,
  mealId: string | undefined,
  changes: readonly Change[],
  what: (deed: Deed) => void,
): Promise<boolean> {
  return db.transaction('rw', [...TABLES], async (tx) => {
    const asSeen = await stillStand(tx, changes);
    await write(tx, options, asSeen ? changes : changesOf(await rowsIn(tx, mealId), what));
    return asSeen;
  });
}

/** Whether every row is still what it was when the change was made. */
async function stillStand(tx: Transaction, changes: readonly Change[]): Promise<boolean> {
  for (const change of changes) {
    if (change.what === 'append') continue;
    const now = await tableOf(tx, change.table).get(change.id);
    if (!sameRow(now, change.before)) return false;
  }
  return true;
}

async function write(tx: Transaction, options: ActOptions, changes: readonly Change[]): Promise<void> {
  if (changes.length === 0) return;
  for (const change of changes) {
    if (change.what === 'append') await tableOf(tx, 'entries').add(change.row);
    else if (change.after) await tableOf(tx, change.table).put(change.after);
    else await tableOf(tx, change.table).delete(change.id);
  }
  await record(tx, options, changes);
}

/** One act more in the journal, or the last one carried on; what was taken back can no longer be done again. */
async function record(tx: Transaction, options: ActOptions, changes: readonly Change[]): Promise<void> {
  const acts = actsOf(tx);
  const now = options.now ?? Date.now();
  const { undo: last, undone } = await tailOf(acts);
  if (undone.length > 0) await acts.bulkDelete(undone.map(({ seq }) => seq));
  const merged = last && mergeable(last, options, now) ? mergedEdit(last, changes) : undefined;
  if (last && merged) {
    await acts.put({ ...last, at: now, changes: merged });
    return;
  }
  const { words, field } = options;
  await acts.add({ at: now, words, undone: 0, changes, ...(field !== undefined && { field }) });
  const over = (await acts.count()) - KEEP;
  if (over > 0) await acts.orderBy('seq').limit(over).delete();
}

function mergeable(last: Act, { field }: ActOptions, now: number): boolean {
  // A clock that was set back says nothing of how long ago the last act was.
  const since = now - last.at;
  return field !== undefined && last.field === field && last.undone === 0 && since >= 0 && since < ONE_ACT;
}

/** Two changes of one row as one: from what it was before the first to what it is after the second. */
function mergedEdit(last: Act, changes: readonly Change[]): readonly Change[] | undefined {
  const [first, second] = [last.changes[0], changes[0]];
  if (last.changes.length !== 1 || changes.length !== 1) return undefined;
  if (first?.what !== 'put' || second?.what !== 'put') return undefined;
  if (first.table !== second.table || first.id !== second.id || !first.before) return undefined;
  return [{ ...second, before: first.before }];
}

/** The end of the journal: the acts that were taken back, oldest first, and the last one that was not. */
async function tailOf(
  acts: Pick<ReturnType<typeof actsOf>, 'orderBy'>,
): Promise<{ undo?: Act; undone: Act[] }> {
  const tail = await acts
    .orderBy('seq')
    .reverse()
    .until(({ undone }) => undone === 0, true)
    .toArray();
  const undo = tail.find(({ undone }) => undone === 0);
  return { ...(undo && { undo }), undone: tail.filter(({ undone }) => undone === 1).reverse() };
}

/** The act that undo would take back, and the one that redo would do again. */
export async function nextActs(from: Pick<SlowSpoonDb, 'acts'>): Promise<{ undo?: Act; redo?: Act }> {
  return nextOf(from.acts);
}

async function nextOf(acts: Parameters<typeof tailOf>[0]): Promise<{ undo?: Act; redo?: Act }> {
  const { undo, undone } = await tailOf(acts);
  const [redo] = undone;
  return { ...(undo && { undo }), ...(redo && { redo }) };
}

/** Takes the last act back. Returns its words, or undefined if there is none. */
export const undo = (db: SlowSpoonDb): Promise<string | undefined> => step(db, 'undo');

/** Does again what was taken back last. */
export const redo = (db: SlowSpoonDb): Promise<string | undefined> => step(db, 'redo');

async function step(db: SlowSpoonDb, direction: 'undo' | 'redo'): Promise<string | undefined> {
  return db.transaction('rw', [...TABLES], async (tx) => {
    const acts = actsOf(tx);
    const { [direction]: found } = await nextOf(acts);
    if (!found) return undefined;
    const back = direction === 'undo';
    for (const change of back ? [...found.changes].reverse() : found.changes)
      await turn(tx, change, direction);
    await acts.put({ ...found, undone: back ? 1 : 0 });
    return found.words;
  });
}

/** Brings about one change, or takes it back. What was taken back stays in the journal alone. */
async function turn(tx: Transaction, change: Change, direction: 'undo' | 'redo'): Promise<void> {
  if (change.what === 'append') {
    const entries = tableOf(tx, 'entries');
    await (direction === 'undo' ? entries.delete(change.row.id) : entries.put(change.row));
    return;
  }
  const table = tableOf(tx, change.table);
  const row = direction === 'undo' ? change.before : change.after;
  await (row ? table.put(row) : table.delete(change.id));
}
