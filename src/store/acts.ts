import type { Transaction } from 'dexie';
import { sameKept, usualKitchen } from '@/core/meal/index.ts';
import type { SlowSpoonDb } from './db.ts';
import type { BatchRow, Change, EntryRow, KeptRow, MealRow, ReadingsRow, Row, TableName } from './kinds.ts';
import { bin } from './bin.ts';
import { forgetDigests } from './forgetDigests.ts';
import { goneFrom, markGone } from './gone.ts';
import { refuseIfCleared } from './cleared.ts';
import { markChanged } from './backup/lastBackup.ts';
import { actsOf, mark, nextActs, record, type ActOptions } from './journal.ts';
import { merged } from './merge.ts';
import { entryOf, entriesIn, writeEntries } from './readings.ts';
import { scopeOf } from './scopes.ts';
import { changesOf, rowsFrom, type RowEdits, type Rows, withRows } from './rows.ts';
import { summarize } from './summaries.ts';

export { nextActs, type ActOptions } from './journal.ts';

/**
 * A table as the transaction has it. Through the database's own tables the transaction would be found by the zone
 * that the library keeps across awaits, and now and then, on a busy machine, that zone is lost: the write would go
 * on outside of it.
 */
const tableOf = (tx: Transaction, table: Exclude<TableName, 'entries'>) => tx.table<Row, string>(table);

/** The rows that an act may see: a meal's, and those that all meals share. */
export async function rowsIn(tx: Transaction, mealId: string | undefined): Promise<Rows> {
  const of = mealId ?? '';
  const [meal, batches, readings, kept] = await Promise.all([
    mealId === undefined ? undefined : tx.table<MealRow, string>('meals').get(mealId),
    tx.table<BatchRow, string>('batches').where('mealId').equals(of).toArray(),
    tx.table<ReadingsRow, string>('entries').where('mealId').equals(of).toArray(),
    tx.table<KeptRow, string>('kept').toArray(),
  ]);
  const gone = await goneFrom(tx, of, meal?.kitchen !== undefined);
  return rowsFrom({ meals: meal ? [meal] : [], batches, entries: readings.flatMap(entriesIn), kept }, gone);
}

/** All that belongs to meals and what they share. */
export const MEAL_TABLES = [
  'meals',
  'batches',
  'entries',
  'kept',
  'acts',
  'summaries',
  'digests',
  'gone',
] as const;
const TABLES = [...MEAL_TABLES, 'house', 'bin'] as const;

/**
 * Does something to a meal's rows and keeps how to take it back, in the same transaction: all of it is kept, or none.
 * @param mealId whose rows the act sees beside those that all meals share
 * @param also what else is kept with it and is not to be taken back
 * @param other a second meal whose rows it sees
 */
export async function act(
  db: SlowSpoonDb,
  options: ActOptions,
  mealId: string | undefined,
  what: (edits: RowEdits) => void,
  also?: (tx: Transaction) => Promise<void>,
  other?: string,
): Promise<void> {
  await db.transaction('rw', [...TABLES], async (tx) => {
    const rows = await rowsIn(tx, mealId);
    const seen = other === undefined ? rows : withRows(rows, await rowsIn(tx, other));
    await write(tx, options, mealId, changesOf(seen, what));
    await also?.(tx);
  });
}

/**
 * Keeps what has been done in memory already. Where another tab has changed the same rows meanwhile, the act is
 * done anew on what stands there now.
 * @returns whether the disk now holds what memory does
 */
export async function keep(
  db: SlowSpoonDb,
  options: ActOptions,
  mealId: string | undefined,
  changes: readonly Change[],
  what: (edits: RowEdits) => void,
): Promise<boolean> {
  return db.transaction('rw', [...TABLES], async (tx) => {
    const asSeen = await stillStand(tx, changes);
    if (!asSeen) {
      await refuseIfCleared(tx, mealId);
      // Another tab has taken the meal away: nothing of it may be left lying about.
      if (mealId !== undefined && !(await isThere(tx, mealId)) && !changes.some(makesMeal)) return false;
    }
    await write(tx, options, mealId, asSeen ? changes : changesOf(await rowsIn(tx, mealId), what));
    return asSeen;
  });
}

const isThere = async (tx: Transaction, mealId: string): Promise<boolean> =>
  (await tx.table<MealRow, string>('meals').get(mealId)) !== undefined;
const makesMeal = (change: Change): boolean =>
  change.what === 'put' && change.table === 'meals' && change.after !== undefined && !change.before;

/** Whether every row is still what it was when the change was made, and the meal there of which something is read. */
async function stillStand(tx: Transaction, changes: readonly Change[]): Promise<boolean> {
  for (const change of changes) {
    if (change.what === 'append') {
      if (!(await isThere(tx, change.row.mealId))) return false;
      continue;
    }
    const { before, after } = change;
    const now =
      change.table === 'entries'
        ? await entryOf(tx, (before ?? after) as EntryRow)
        : await tableOf(tx, change.table).get(change.id);
    if (!sameKept(now, before)) return false;
  }
  return true;
}

async function write(
  tx: Transaction,
  options: ActOptions,
  mealId: string | undefined,
  changes: readonly Change[],
): Promise<void> {
  if (changes.length === 0) return;
  await writeEntries(tx, changes.flatMap(entryChange));
  await putAll(
    tx,
    changes.flatMap((change) => (change.what === 'put' ? [{ ...change, row: change.after }] : [])),
  );
  await record(tx, options, mealId, changes);
  await markGone(tx, scopeOf(changes, mealId).mealId, changes);
  await summarize(tx, changes);
  await forgetDigests(tx, changes);
  await bin(tx, changes, Date.now());
  await markChanged(tx, Date.now());
}

/** Brings rows to what they are after some changes: of one that is changed twice, after the last; all of a table in one go. */
async function putAll(
  tx: Transaction,
  all: readonly { readonly table: TableName; readonly id: string; readonly row: Row | undefined }[],
): Promise<void> {
  const tables = new Map<Exclude<TableName, 'entries'>, Map<string, Row | undefined>>();
  for (const { table, id, row } of all) {
    if (table === 'entries') continue;
    const rows = tables.get(table) ?? new Map<string, Row | undefined>();
    tables.set(table, rows.set(id, row));
  }
  for (const [name, rows] of tables) {
    const table = tableOf(tx, name);
    await table.bulkPut([...rows.values()].filter((row) => row !== undefined));
    await table.bulkDelete([...rows].flatMap(([id, row]) => (row ? [] : [id])));
  }
}

/** What all meals share may have been changed from another meal since: that stands. */
async function sharedRow(
  tx: Transaction,
  id: string,
  from: Row | undefined,
  to: Row | undefined,
): Promise<Row | undefined> {
  const now = await tx.table<KeptRow, string>('kept').get(id);
  if (sameKept(now, from)) return to;
  const usual: Row | undefined = id === 'kitchen' ? { id, kitchen: usualKitchen } : undefined;
  // Made of rows of one kind, it is one of that kind.
  return merged(from ?? usual, to ?? usual, now) as Row | undefined;
}

/** What a change does to a reading, if it does anything to one. */
function entryChange(change: Change): { before?: EntryRow | undefined; after?: EntryRow | undefined }[] {
  if (change.what === 'append') return [{ after: change.row }];
  if (change.table !== 'entries') return [];
  // The table says which kind of row it holds.
  return [{ before: change.before as EntryRow | undefined, after: change.after as EntryRow | undefined }];
}

/**
 * Takes back the last act of a meal, or of those that are on offer where no meal is open.
 * @returns its words, or undefined if there is none
 */
export const undo = (db: SlowSpoonDb, mealId?: string): Promise<string | undefined> =>
  step(db, mealId, 'undo');

/** Does again what was taken back last, there. */
export const redo = (db: SlowSpoonDb, mealId?: string): Promise<string | undefined> =>
  step(db, mealId, 'redo');

async function step(
  db: SlowSpoonDb,
  mealId: string | undefined,
  direction: 'undo' | 'redo',
): Promise<string | undefined> {
  return db.transaction('rw', [...TABLES], async (tx) => {
    const { [direction]: found } = await nextActs({ acts: actsOf(tx) }, mealId);
    if (!found) return undefined;
    const done = direction === 'undo' ? turned(found.changes) : found.changes;
    await turn(tx, done);
    await mark(tx, found, direction);
    await markGone(tx, found.mealId, done);
    await summarize(tx, done);
    await forgetDigests(tx, done);
    await bin(tx, done, Date.now());
    await markChanged(tx, Date.now());
    return found.words;
  });
}

/** What takes changes back, as changes: the last of them first. A reading that was added is one that goes. */
const turned = (changes: readonly Change[]): readonly Change[] =>
  changes.toReversed().map((change): Change => {
    if (change.what === 'append')
      return { what: 'put', table: 'entries', id: change.row.id, before: change.row };
    const { before, after, ...which } = change;
    return { ...which, ...(after && { before: after }), ...(before && { after: before }) };
  });

/** Brings changes about again, or what takes them back. What was taken back stays in the journal alone. */
async function turn(tx: Transaction, changes: readonly Change[]): Promise<void> {
  await writeEntries(tx, changes.flatMap(entryChange));
  const own = changes.flatMap((change) =>
    change.what === 'put' && change.table !== 'kept' ? [{ ...change, row: change.after }] : [],
  );
  await putAll(tx, own);
  for (const change of changes) {
    if (change.what === 'append' || change.table !== 'kept') continue;
    const { id, before, after } = change;
    const row = await sharedRow(tx, id, before, after);
    await (row ? tableOf(tx, 'kept').put(row) : tableOf(tx, 'kept').delete(id));
  }
}
