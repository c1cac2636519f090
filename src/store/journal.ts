import type { Table, Transaction } from 'dexie';
import { sameKept } from '@/core/meal/index.ts';
import type { Act, Change } from './kinds.ts';
import { mealsIn, scopeOf } from './scopes.ts';

/** At least fifty acts of a meal can be taken back; older ones are let go. */
const KEEP = 200;
/** Acts of all meals together: the oldest of meals that nobody has touched for long are let go. */
const KEEP_ALL = 4_000;
/** How often those are looked for, in acts. */
const NOW_AND_THEN = 25;
/** Keystrokes in one field this close together are one act, ms. */
const ONE_ACT = 4_000;

export interface ActOptions {
  readonly words: string;
  readonly field?: string;
  /** It was done where no meal is open: it is on offer there too. */
  readonly ofNoMeal?: true;
  readonly now?: number;
}

export const actsOf = (tx: Transaction) => tx.table<Act, number, Omit<Act, 'seq'>>('acts');
type Acts = Pick<Table<Act, number, Omit<Act, 'seq'>>, 'where'>;

/** A meal's acts, or those that are on offer where no meal is open: each read is one look at an index. */
const standing = (acts: Acts, mealId: string | undefined, undone: 0 | 1) =>
  mealId === undefined ? acts.where({ house: 1, undone }) : acts.where({ mealId, undone });

/** The act that undo would take back, and the one that redo would do again: of a meal, or where none is open. */
export async function nextActs(
  { acts }: { readonly acts: Acts },
  mealId: string | undefined,
): Promise<{ undo?: Act; redo?: Act }> {
  const [undo, redo] = await Promise.all([
    mealId === undefined ? nextInHouse(acts, 'undo') : standing(acts, mealId, 0).last(),
    mealId === undefined ? nextInHouse(acts, 'redo') : standing(acts, mealId, 1).first(),
  ]);
  return { ...(undo && { undo }), ...(redo && { redo }) };
}

/**
 * Where no meal is open, an act that touches meals is on offer while it is the next of each of them: what has been done
 * to a meal since would otherwise go with it unseen.
 */
async function nextInHouse(acts: Acts, direction: 'undo' | 'redo'): Promise<Act | undefined> {
  const undo = direction === 'undo';
  const act = await (undo ? standing(acts, undefined, 0).last() : standing(acts, undefined, 1).first());
  if (!act) return undefined;
  for (const meal of new Set([...(act.mealId === '' ? [] : [act.mealId]), ...mealsIn(act.changes)])) {
    const next = undo ? await standing(acts, meal, 0).last() : await standing(acts, meal, 1).first();
    // An act of several meals is filed under one: under the others, something of their own may stand.
    if (next && (undo ? next.seq > act.seq : next.seq < act.seq)) return undefined;
  }
  return act;
}

/** One act more in the journal, or the last one carried on; what was taken back can no longer be done again. */
export async function record(
  tx: Transaction,
  options: ActOptions,
  mealId: string | undefined,
  changes: readonly Change[],
): Promise<void> {
  const acts = actsOf(tx);
  const now = options.now ?? Date.now();
  const scope = { ...scopeOf(changes, mealId), ...(options.ofNoMeal && { house: 1 as const }) };
  await forgetUndone(tx, scope);
  const last = await standing(acts, scope.mealId, 0).last();
  const merged = last && mergeable(last, options, now) ? mergedEdit(last, changes) : undefined;
  if (last && merged) {
    await acts.put({ ...last, at: now, changes: merged });
    return;
  }
  const { words, field } = options;
  const seq = await acts.add({
    at: now,
    words,
    undone: 0,
    ...scope,
    changes,
    ...(field !== undefined && { field }),
  });
  await letGo(tx, scope.mealId, seq);
}

/** Lets go of what was taken back in this scope. */
async function forgetUndone(
  tx: Transaction,
  { mealId, house }: Pick<Act, 'mealId' | 'house'>,
): Promise<void> {
  const acts = actsOf(tx);
  const undone = await standing(acts, mealId, 1).primaryKeys();
  if (house === 1) undone.push(...(await standing(acts, undefined, 1).primaryKeys()));
  if (undone.length > 0) await acts.bulkDelete(undone);
}

async function letGo(tx: Transaction, mealId: string, newest: number): Promise<void> {
  // Not with every act: to count them takes longer than to write one.
  if (newest % NOW_AND_THEN !== 0) return;
  const acts = actsOf(tx);
  const own = standing(acts, mealId, 0);
  const over = (await own.count()) - KEEP;
  if (over > 0) await acts.bulkDelete(await standing(acts, mealId, 0).limit(over).primaryKeys());
  const oldest = await acts.orderBy('seq').first();
  if (oldest && oldest.seq <= newest - KEEP_ALL)
    await acts
      .where('seq')
      .belowOrEqual(newest - KEEP_ALL)
      .delete();
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
  // What somebody else has changed between the two is not this act's to take back.
  if (!sameKept(first.after, second.before)) return undefined;
  return [{ ...second, before: first.before }];
}

/** Marks an act as taken back, or as standing again. */
export const mark = async (tx: Transaction, act: Act, direction: 'undo' | 'redo'): Promise<void> => {
  await actsOf(tx).put({ ...act, undone: direction === 'undo' ? 1 : 0 });
};
