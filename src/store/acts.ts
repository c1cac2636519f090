import type { Transaction } from 'dexie';
import type { Act, BatchRow, Change, EntryRow, KeptRow, MealRow, Row, SlowSpoonDb, TableName } from './db.ts';

/** At least fifty acts can be taken back; older ones are let go. */
const KEEP = 200;
/** Keystrokes in one field this close together are one act, ms. */
const ONE_ACT = 4_000;

interface RowOf {
  meals: MealRow;
  batches: BatchRow;
  entries: EntryRow;
  kept: KeptRow;
}

/** What an act may do. Everything in one transaction: all of it is kept, or none. */
export interface Deed {
  edit<T extends TableName>(table: T, id: string, recipe: (row: RowOf[T]) => RowOf[T]): Promise<void>;
  put(table: TableName, row: Row): Promise<void>;
  remove(table: TableName, id: string): Promise<void>;
  append(row: EntryRow): Promise<void>;
  get<T extends TableName>(table: T, id: string): Promise<RowOf[T] | undefined>;
  /** The ids of a meal's rows. */
  idsOf(table: 'batches' | 'entries', mealId: string): Promise<readonly string[]>;
}

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
const actsOf = (tx: Transaction) => tx.table<Act, number, Omit<Act, 'seq'>>('acts');

/** Does something and keeps how to take it back, in the same transaction. */
export async function act(
  db: SlowSpoonDb,
  options: ActOptions,
  what: (deed: Deed) => Promise<void>,
): Promise<void> {
  const now = options.now ?? Date.now();
  await db.transaction('rw', db.meals, db.batches, db.entries, db.kept, db.acts, async (tx) => {
    const acts = actsOf(tx);
    const changes: Change[] = [];
    await what(deedIn(tx, changes));
    if (changes.length === 0) return;
    await acts.filter((done) => done.undone === 1).delete();
    const last = await acts.orderBy('seq').last();
    const merged = last && mergeable(last, options, now) ? mergedEdit(last, changes) : undefined;
    if (last && merged) {
      await acts.put({ ...last, at: now, changes: merged });
      return;
    }
    const { words, field } = options;
    const made: Omit<Act, 'seq'> = {
      at: now,
      words,
      undone: 0,
      changes,
      ...(field !== undefined && { field }),
    };
    await acts.add(made);
    const count = await acts.count();
    if (count > KEEP)
      await acts
        .orderBy('seq')
        .limit(count - KEEP)
        .delete();
  });
}

function deedIn(tx: Transaction, changes: Change[]): Deed {
  return {
    async edit(table, id, recipe) {
      const before = await tableOf(tx, table).get(id);
      if (!before) throw new Error(`There is no “${id}” in ${table} any more.`);
      const after: Row = recipe(before as never);
      if (JSON.stringify(after) === JSON.stringify(before)) return;
      await tableOf(tx, table).put(after);
      changes.push({ what: 'put', table, id, before, after });
    },
    async put(table, row) {
      const before = await tableOf(tx, table).get(row.id);
      await tableOf(tx, table).put(row);
      changes.push({ what: 'put', table, id: row.id, after: row, ...(before && { before }) });
    },
    async remove(table, id) {
      const before = await tableOf(tx, table).get(id);
      if (!before) return;
      await tableOf(tx, table).delete(id);
      changes.push({ what: 'put', table, id, before });
    },
    async append(row) {
      await tableOf(tx, 'entries').add(row);
      changes.push({ what: 'append', row });
    },
    async get(table, id) {
      return (await tableOf(tx, table).get(id)) as never;
    },
    async idsOf(table, mealId) {
      return tableOf(tx, table).where('mealId').equals(mealId).primaryKeys();
    },
  };
}

function mergeable(last: Act, { field }: ActOptions, now: number): boolean {
  return field !== undefined && last.field === field && last.undone === 0 && now - last.at < ONE_ACT;
}

/** Two changes of one row as one: from what it was before the first to what it is after the second. */
function mergedEdit(last: Act, changes: readonly Change[]): readonly Change[] | undefined {
  const [first, second] = [last.changes[0], changes[0]];
  if (last.changes.length !== 1 || changes.length !== 1) return undefined;
  if (first?.what !== 'put' || second?.what !== 'put') return undefined;
  if (first.table !== second.table || first.id !== second.id || !first.before) return undefined;
  return [{ ...second, before: first.before }];
}

/** The act that undo would take back, and the one that redo would do again. */
export async function nextActs(from: Pick<SlowSpoonDb, 'acts'>): Promise<{ undo?: Act; redo?: Act }> {
  return nextOf(await from.acts.orderBy('seq').toArray());
}

function nextOf(acts: readonly Act[]): { undo?: Act; redo?: Act } {
  const undo = acts.findLast((done) => done.undone === 0);
  const redo = acts.find((done) => done.undone === 1);
  return { ...(undo && { undo }), ...(redo && { redo }) };
}

/** Takes the last act back. Returns its words, or undefined if there is none. */
export function undo(db: SlowSpoonDb, now = Date.now()): Promise<string | undefined> {
  return step(db, 'undo', now);
}

/** Does again what was taken back last. */
export function redo(db: SlowSpoonDb, now = Date.now()): Promise<string | undefined> {
  return step(db, 'redo', now);
}

async function step(db: SlowSpoonDb, way: 'undo' | 'redo', now: number): Promise<string | undefined> {
  return db.transaction('rw', db.meals, db.batches, db.entries, db.kept, db.acts, async (tx) => {
    const acts = actsOf(tx);
    const { [way]: act_ } = nextOf(await acts.orderBy('seq').toArray());
    if (!act_) return undefined;
    const changes: Change[] = [];
    const order = way === 'undo' ? [...act_.changes].reverse() : act_.changes;
    for (const change of order) changes.push(await turn(tx, change, way, now));
    await acts.put({
      ...act_,
      undone: way === 'undo' ? 1 : 0,
      changes: way === 'undo' ? changes.reverse() : changes,
    });
    return act_.words;
  });
}

/** Brings about one change, or takes it back; returns it as it must be kept for the way back. */
async function turn(tx: Transaction, change: Change, way: 'undo' | 'redo', now: number): Promise<Change> {
  if (change.what === 'append') return turnEntry(tx, change, way, now);
  const table = tableOf(tx, change.table);
  const row = way === 'undo' ? change.before : change.after;
  if (row) await table.put(row);
  else await table.delete(change.id);
  return change;
}

/** Entries stay: undo adds one that takes the reading back, redo one that gives it again. */
async function turnEntry(
  tx: Transaction,
  change: Extract<Change, { what: 'append' }>,
  way: 'undo' | 'redo',
  now: number,
): Promise<Change> {
  const { row } = change;
  const id = crypto.randomUUID();
  const replaces = way === 'undo' ? row.id : (change.takenBackBy ?? row.id);
  const entry = { ...row.entry, id, replaces, at: now, ...(way === 'undo' && { value: null }) };
  const added: EntryRow = { ...row, id, entry };
  await tableOf(tx, 'entries').add(added);
  return way === 'undo' ? { ...change, takenBackBy: id } : { what: 'append', row: added };
}
