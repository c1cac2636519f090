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
}

export interface ActOptions {
  readonly words: string;
  readonly field?: string;
  readonly now?: number;
}

const tableOf = (db: SlowSpoonDb, table: TableName) => db.table<Row, string>(table);

/** Does something and keeps how to take it back, in the same transaction. */
export async function act(
  db: SlowSpoonDb,
  options: ActOptions,
  what: (deed: Deed) => Promise<void>,
): Promise<void> {
  const now = options.now ?? Date.now();
  await db.transaction('rw', db.meals, db.batches, db.entries, db.kept, db.acts, async () => {
    const changes: Change[] = [];
    await what(deedIn(db, changes));
    if (changes.length === 0) return;
    await db.acts.filter((done) => done.undone === 1).delete();
    const last = await db.acts.orderBy('seq').last();
    const merged = last && mergeable(last, options, now) ? mergedEdit(last, changes) : undefined;
    if (last && merged) {
      await db.acts.put({ ...last, at: now, changes: merged });
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
    await db.acts.add(made);
    const count = await db.acts.count();
    if (count > KEEP)
      await db.acts
        .orderBy('seq')
        .limit(count - KEEP)
        .delete();
  });
}

function deedIn(db: SlowSpoonDb, changes: Change[]): Deed {
  return {
    async edit(table, id, recipe) {
      const before = await tableOf(db, table).get(id);
      if (!before) throw new Error(`There is no “${id}” in ${table} any more.`);
      const after: Row = recipe(before as never);
      if (JSON.stringify(after) === JSON.stringify(before)) return;
      await tableOf(db, table).put(after);
      changes.push({ what: 'put', table, id, before, after });
    },
    async put(table, row) {
      const before = await tableOf(db, table).get(row.id);
      await tableOf(db, table).put(row);
      changes.push({ what: 'put', table, id: row.id, after: row, ...(before && { before }) });
    },
    async remove(table, id) {
      const before = await tableOf(db, table).get(id);
      if (!before) return;
      await tableOf(db, table).delete(id);
      changes.push({ what: 'put', table, id, before });
    },
    async append(row) {
      await db.entries.add(row);
      changes.push({ what: 'append', row });
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
export async function nextActs(db: SlowSpoonDb): Promise<{ undo?: Act; redo?: Act }> {
  const acts = await db.acts.orderBy('seq').toArray();
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
  return db.transaction('rw', db.meals, db.batches, db.entries, db.kept, db.acts, async () => {
    const { [way]: act_ } = await nextActs(db);
    if (!act_) return undefined;
    const changes: Change[] = [];
    const order = way === 'undo' ? [...act_.changes].reverse() : act_.changes;
    for (const change of order) changes.push(await turn(db, change, way, now));
    await db.acts.put({
      ...act_,
      undone: way === 'undo' ? 1 : 0,
      changes: way === 'undo' ? changes.reverse() : changes,
    });
    return act_.words;
  });
}

/** Brings about one change, or takes it back; returns it as it must be kept for the way back. */
async function turn(db: SlowSpoonDb, change: Change, way: 'undo' | 'redo', now: number): Promise<Change> {
  if (change.what === 'append') return turnEntry(db, change, way, now);
  const table = tableOf(db, change.table);
  const row = way === 'undo' ? change.before : change.after;
  if (row) await table.put(row);
  else await table.delete(change.id);
  return change;
}

/** Entries stay: undo adds one that takes the reading back, redo one that gives it again. */
async function turnEntry(
  db: SlowSpoonDb,
  change: Extract<Change, { what: 'append' }>,
  way: 'undo' | 'redo',
  now: number,
): Promise<Change> {
  const { row } = change;
  const id = crypto.randomUUID();
  const replaces = way === 'undo' ? row.id : (change.takenBackBy ?? row.id);
  const entry = { ...row.entry, id, replaces, at: now, ...(way === 'undo' && { value: null }) };
  const added: EntryRow = { ...row, id, entry };
  await db.entries.add(added);
  return way === 'undo' ? { ...change, takenBackBy: id } : { what: 'append', row: added };
}
