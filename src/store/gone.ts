import type { Transaction } from 'dexie';
import { most } from '@/core/meal/index.ts';
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

/** What a row of a meal holds, by ids; a row that all meals share holds nothing of a meal. */
function pathsOf(row: Row | undefined): readonly string[] {
  if (row === undefined) return [];
  if ('entry' in row) return [row.id];
  if ('batch' in row) return [row.id, ...pathsIn(row.batch, row.id)];
  return 'meal' in row ? pathsIn(row.meal, '') : [];
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
    if (!first.has(key)) first.set(key, isNew ? undefined : change.before);
    last.set(key, isNew ? change.row : change.after);
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

const rowsOf = (tx: Transaction) => tx.table<GoneRow, string>('gone');

/** What is gone of a meal. */
export const goneFrom = async (tx: Transaction, mealId: string): Promise<readonly string[]> =>
  (await rowsOf(tx).get(mealId))?.ids ?? [];

/** Keeps what is gone of a meal once some changes are written. */
export async function markGone(
  tx: Transaction,
  mealId: string | undefined,
  changes: readonly Change[],
): Promise<void> {
  if (mealId === undefined || mealId === '') return;
  const before = await goneFrom(tx, mealId);
  const after = goneAfter(before, changes);
  if (after !== before) await put(tx, mealId, after);
}

/** Puts to what is gone here what was gone where a copy of the meal comes from; what is here is not gone. */
export async function alsoGone(
  tx: Transaction,
  mealId: string,
  ids: readonly string[],
  rows: readonly Row[],
): Promise<void> {
  const here = new Set(rows.flatMap(pathsOf));
  const all = new Set([...(await goneFrom(tx, mealId)), ...ids]);
  const left = kept([...all].filter((path) => !here.has(path)));
  await put(tx, mealId, left);
}

/** A meal of which nothing is gone has no row. */
const put = async (tx: Transaction, id: string, ids: readonly string[]): Promise<unknown> =>
  ids.length > 0 ? rowsOf(tx).put({ id, ids }) : rowsOf(tx).delete(id);
