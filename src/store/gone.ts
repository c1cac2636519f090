import type { Transaction } from 'dexie';
import { most, usualKitchen } from '@/core/meal/index.ts';
import type { Change, GoneRow, Row } from './kinds.ts';

/*
 * What was taken away or undone leaves its id behind, so that a copy of the meal which has it still can be told from one to
 * which it was added.
 */

/** The ids of all that lies in lists of a value, each behind those that it lies in. */
function pathsIn(value: unknown, within: string): readonly string[] {
  if (Array.isArray(value))
    return value.flatMap((one: unknown) => {
      const id = idOf(one);
      if (id === undefined) return [];
      const path = within === '' ? id : `${within}/${id}`;
      return [path, ...pathsIn(one, path)];
    });
  if (typeof value !== 'object' || value === null) return [];
  return Object.values(value).flatMap((one: unknown) =>
    typeof one === 'object' ? pathsIn(one, within) : [],
  );
}

const idOf = (value: unknown): string | undefined =>
  typeof value === 'object' && value !== null && 'id' in value && typeof value.id === 'string'
    ? value.id
    : undefined;

/** Of a kitchen, behind this; and what is gone of the one that all meals share is kept under it. */
const KITCHEN = 'kitchen';

/** What a row holds, by ids: of a meal, with the kitchen that it brought along, or of the kitchen that all share. */
function pathsOf(row: Row | undefined): readonly string[] {
  if (row === undefined) return [];
  if ('entry' in row) return [row.id];
  if ('batch' in row) return [row.id, ...pathsIn(row.batch, row.id)];
  const kitchen = 'kitchen' in row ? pathsIn(row.kitchen, KITCHEN) : [];
  return 'meal' in row ? [...pathsIn(row.meal, ''), ...kitchen] : kitchen;
}

/** Whether a meal goes, or comes, as a whole: then nothing of it has gone from it. */
const isWhole = (change: Change): boolean =>
  change.what === 'put' && change.table === 'meals' && (!change.before || !change.after);

/** In order, and no more than a file takes. */
const kept = (paths: readonly string[]): readonly string[] => paths.toSorted().slice(0, most.gone);

/**
 * The ids that are gone from a meal after some changes: those that went are put to them, those that are back taken out.
 * @param gone before the changes, in order
 */
export function goneAfter(gone: readonly string[], changes: readonly Change[]): readonly string[] {
  if (changes.some(isWhole)) return gone;
  // A row that is changed twice is what it was before the first and is after the last.
  const [first, last] = [new Map<string, Row | undefined>(), new Map<string, Row | undefined>()];
  for (const change of changes) {
    const isNew = change.what === 'append';
    const key = isNew ? `entries ${change.row.id}` : `${change.table} ${change.id}`;
    if (!first.has(key)) first.set(key, isNew ? undefined : asIs(change, change.before));
    last.set(key, isNew ? change.row : asIs(change, change.after));
  }
  const before = new Set([...first.values()].flatMap(pathsOf));
  const after = new Set([...last.values()].flatMap(pathsOf));
  const left = [...before].filter((path) => !after.has(path));
  const leaving = new Set(left);
  // What lay in something that went has gone with it.
  const went = left.filter((path) => !leaving.has(path.slice(0, Math.max(0, path.lastIndexOf('/')))));
  const isBack = gone.some((path) => after.has(path));
  if (went.length === 0 && !isBack) return gone;
  return kept([...new Set([...gone, ...went])].filter((path) => !after.has(path)));
}

/** What a row was or is: a kitchen that nobody has changed is the usual one. */
const asIs = (change: Change, row: Row | undefined): Row | undefined =>
  row ?? (isOfAll(change) ? { id: KITCHEN, kitchen: usualKitchen } : undefined);
const isOfAll = (change: Change): boolean =>
  change.what === 'put' && change.table === 'kept' && change.id === KITCHEN;

const rowsOf = (tx: Transaction) => tx.table<GoneRow, string>('gone');

const goneUnder = async (tx: Transaction, id: string): Promise<readonly string[]> =>
  (await rowsOf(tx).get(id))?.ids ?? [];

/**
 * What is gone of a meal, and of the kitchen that it is cooked in.
 * @param hasKitchen it brought its own along: what is gone of that is its own too
 */
export async function goneFrom(
  tx: Transaction,
  mealId: string,
  hasKitchen: boolean,
): Promise<readonly string[]> {
  const own = await goneUnder(tx, mealId);
  return hasKitchen ? own : kept([...own, ...(await goneUnder(tx, KITCHEN))]);
}

/** Keeps what is gone of a meal, and of the kitchen that all share, once some changes are written. */
export async function markGone(
  tx: Transaction,
  mealId: string | undefined,
  changes: readonly Change[],
): Promise<void> {
  const mark = async (id: string, of: readonly Change[]) => {
    const before = await goneUnder(tx, id);
    const after = goneAfter(before, of);
    if (after !== before) await put(tx, id, after);
  };
  const ofAll = changes.filter(isOfAll);
  if (ofAll.length > 0) await mark(KITCHEN, ofAll);
  if (mealId !== undefined && mealId !== '')
    await mark(
      mealId,
      changes.filter((change) => !isOfAll(change)),
    );
}

/** Puts to what is gone here what was gone where a copy of the meal comes from; what is here is not gone. */
export async function alsoGone(
  tx: Transaction,
  mealId: string,
  ids: readonly string[],
  rows: readonly Row[],
): Promise<void> {
  const here = new Set(rows.flatMap(pathsOf));
  const all = new Set([...(await goneUnder(tx, mealId)), ...ids]);
  const left = kept([...all].filter((path) => !here.has(path)));
  await put(tx, mealId, left);
}

/** A meal of which nothing is gone has no row. */
const put = async (tx: Transaction, id: string, ids: readonly string[]): Promise<unknown> =>
  ids.length > 0 ? rowsOf(tx).put({ id, ids }) : rowsOf(tx).delete(id);
