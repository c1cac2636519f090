import { act, keep, redo, undo, type ActOptions } from '@/store/acts.ts';
import type { Change, KeptRow } from '@/store/kinds.ts';
import { type Overfull, overfull } from '@/core/meal/index.ts';
import { overfullWords } from '@/words/index.ts';
import { Refused } from '../lists/data/refused.ts';
import { CLEARED_BY, isCleared } from '@/store/cleared.ts';
import { importMeal, loadRows } from '@/store/meals.ts';
import {
  changesOf,
  listsOf,
  loadedOf,
  rowsFrom,
  withChanges,
  type RowEdits,
  type LoadedMeal,
  type Rows,
} from '@/store/rows.ts';
import { db } from '../browser/db.ts';
import { askToKeepStorage } from '../browser/keepStorage.ts';
import { drawnOnceWritten, queries } from './queries.ts';
import { actsBefore, inOrder, isStuck, letGoOfStuck, tellCleared, toDisk, tryAgain } from './queue.ts';
import { tellOtherTabs, whenAnotherTabWrites } from '../browser/tabs.ts';

/**
 * The open meal stands in memory: an act changes what the queries hold at once, and the disk right behind it, in
 * order. What is not on the disk yet can be told; a page that is killed loses nothing older.
 */
export type KeptRows = ReadonlyMap<string, KeptRow>;

export const mealKey = (mealId: string) => ['rows', mealId] as const;
export const keptKey = ['kept'] as const;

const heldMeal = (mealId: string) => queries.getQueryData<Rows | null>(mealKey(mealId));
const heldKept = () => queries.getQueryData<KeptRows>(keptKey);

let edits = 0;

/** Does something to a meal, or to what all meals share: in memory at once if it is held there. */
export function change(
  mealId: string | undefined,
  options: ActOptions,
  what: (edits: RowEdits) => void,
): void {
  const rows = mealId === undefined ? undefined : heldMeal(mealId);
  const kept = heldKept();
  // What nobody has open, or has not been read yet, is changed on the disk.
  if (!kept || (mealId !== undefined && !rows)) {
    void write(() => act(db, options, mealId, what).then(() => false));
    return;
  }
  try {
    const held = { ...(rows ?? NO_MEAL), kept };
    const changes = changesOf(held, what);
    if (changes.length === 0) return;
    const over = tooMany(changes, held.entries.size);
    if (over) throw new Refused(overfullWords(over));
    const work = () => keep(db, options, mealId, changes, what);
    const show = () => hold(mealId, withChanges(held, changes));
    // What was read must be durable before its picture is drawn; a key must stand in its field at once.
    if (changes.some((one) => one.what === 'append')) drawnOnceWritten(show, write(work));
    else {
      show();
      void write(work);
    }
  } catch (error) {
    reportError(error);
  }
}

/** The same for a batch, whose meal is looked up. */
export function changeBatch(batchId: string, options: ActOptions, what: (edits: RowEdits) => void): void {
  const held = queries
    .getQueriesData<Rows | null>({ queryKey: ['rows'] })
    .find(([, rows]) => rows?.batches.has(batchId));
  const mealId = held?.[1]?.batches.get(batchId)?.mealId;
  if (mealId !== undefined) {
    change(mealId, options, what);
    return;
  }
  void write(async () => {
    const row = await db.batches.get(batchId);
    await act(db, options, row?.mealId, what);
    return false;
  });
}

/** What could not be kept, since a file would not take it. */
function tooMany(changes: readonly Change[], entries: number): Overfull | undefined {
  const added = changes.filter(({ what }) => what === 'append').length;
  if (added > 0) {
    const over = overfull({ entries: { length: entries + added } });
    if (over) return over;
  }
  for (const change of changes) {
    if (change.what !== 'put' || !change.after) continue;
    const over = overfull(listsOf(change.after), change.before && listsOf(change.before));
    if (over) return over;
  }
  return undefined;
}

const NO_MEAL = rowsFrom({ meals: [], batches: [], entries: [], kept: [] });

function hold(mealId: string | undefined, rows: Rows): void {
  edits += 1;
  if (mealId !== undefined) queries.setQueryData(mealKey(mealId), rows);
  if (rows.kept !== heldKept()) queries.setQueryData(keptKey, rows.kept);
}

/** Brings an act to the disk; where the disk then says something else than memory, memory is read anew. */
function write(work: () => Promise<boolean>): Promise<void> {
  return toDisk(work)
    .then(
      (asHeld) => {
        if (asHeld === 'stuck') return;
        askToKeepStorage();
        tellOtherTabs();
        if (!asHeld) refresh();
      },
      (error: unknown) => {
        reportError(error);
        refresh();
      },
    )
    .catch(reportError);
}

/** Reads a meal once all acts before are on the disk; what was edited while it was read is not overtaken. */
export async function readMeal(mealId: string): Promise<Rows | null> {
  for (;;) {
    await actsBefore();
    const stands = heldMeal(mealId);
    if (stands && isStuck()) return stands;
    const before = edits;
    const rows = await loadRows(db, mealId);
    if (!rows && stands && (await wasCleared(mealId))) {
      tellCleared(mealId);
      return stands;
    }
    if (edits === before) return rows ?? null;
    const held = heldMeal(mealId);
    if (held) return held;
  }
}

export async function readKept(): Promise<KeptRows> {
  await actsBefore();
  const stands = heldKept();
  if (stands && isStuck()) return stands;
  const before = edits;
  const rows = await db.kept.toArray();
  const held = heldKept();
  return held && edits !== before ? held : new Map(rows.map((row) => [row.id, row]));
}

/** What the disk says counts again: after undo, and when another tab has written. */
export function refresh(): void {
  if (isStuck()) return;
  queries.invalidateQueries({ queryKey: ['rows'] }).catch(reportError);
  queries.invalidateQueries({ queryKey: keptKey }).catch(reportError);
}
whenAnotherTabWrites(refresh);

/** Tries again what the store did not take; once all of it is kept, the disk counts again. */
export async function keepAgain(): Promise<void> {
  await tryAgain();
  if (isStuck()) return;
  tellOtherTabs();
  refresh();
}

/** The meal as the page shows it, while the store does not take it. */
export const unkeptMeal = (mealId: string): LoadedMeal | undefined => {
  const rows = isStuck() ? heldMeal(mealId) : undefined;
  return rows ? loadedOf({ ...rows, kept: heldKept() ?? rows.kept }) : undefined;
};

const wasCleared = (mealId: string): Promise<boolean> =>
  db.transaction('r', [...CLEARED_BY], (tx) => isCleared(tx, mealId));

/** Puts the meal that the page shows, and what all meals share, into a store that was cleared under it. */
export async function putAllBack(mealId: string): Promise<void> {
  const meal = unkeptMeal(mealId);
  if (!meal) return;
  const { asFile } = await import('@/store/files.ts');
  await db.kept.bulkPut([...(heldKept()?.values() ?? [])]);
  await importMeal(db, asFile(meal));
  letGoOfStuck();
  tellOtherTabs();
  refresh();
}

/** Does something with whole meals, on the disk: memory then reads what it holds anew. */
export async function onDisk<T>(work: () => Promise<T>): Promise<T> {
  const done = await inOrder(work);
  tellOtherTabs();
  refresh();
  return done;
}

/** Takes the last act of a meal back, or does it again; without a meal, of those that belong to none. */
async function step(way: typeof undo, mealId: string | undefined): Promise<void> {
  await inOrder(() => way(db, mealId));
  tellOtherTabs();
  refresh();
}
export const takeBack = (mealId: string | undefined): void => {
  step(undo, mealId).catch(reportError);
};
export const doAgain = (mealId: string | undefined): void => {
  step(redo, mealId).catch(reportError);
};
/** Takes the last act back and lets go of what memory holds: for a page that could not be drawn from it. */
export async function takeBackAndForget(mealId: string | undefined): Promise<void> {
  await step(undo, mealId);
  queries.removeQueries({ queryKey: ['rows'] });
}
