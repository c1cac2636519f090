import type { Transaction } from 'dexie';
import type { SlowSpoonDb } from './db.ts';
import type { BatchRow, BinRow, Change, EntryRow, MealRow } from './kinds.ts';
import { nameOf } from './summaries.ts';

/** So long a meal that was taken away can be put back, days. */
export const BIN_DAYS = 30;
const DAY_MS = 86_400_000;

/**
 * Whatever takes a meal away leaves it in the bin, and what brings it back takes it out of there.
 * @param changes as they were done, forward
 */
export async function bin(tx: Transaction, changes: readonly Change[], now: number): Promise<void> {
  const rows = tx.table<BinRow, string>('bin');
  for (const change of changes) {
    if (change.what === 'append' || change.table !== 'meals') continue;
    if (change.after) await rows.delete(change.id);
    else if (change.before && !wentOver(change.id, changes))
      await rows.put(binned(change.before as MealRow, changes, now));
  }
}

/** Its pots are in another meal now: it has not gone, but become a part of that. */
const wentOver = (mealId: string, changes: readonly Change[]): boolean =>
  changes.some(
    (change) =>
      change.what === 'put' &&
      change.before !== undefined &&
      change.after !== undefined &&
      'mealId' in change.before &&
      'mealId' in change.after &&
      change.before.mealId === mealId &&
      change.after.mealId !== mealId,
  );

/** A meal that has gone, with the rows that have gone with it. */
function binned(row: MealRow, changes: readonly Change[], now: number): BinRow {
  const gone = changes.flatMap((change) =>
    change.what === 'put' && change.before && !change.after && 'mealId' in change.before
      ? [change.before]
      : [],
  );
  const own = gone.filter(({ mealId }) => mealId === row.id);
  return {
    id: row.id,
    at: now,
    name: nameOf(row.meal),
    row,
    batches: own.filter((one): one is BatchRow => 'batch' in one),
    entries: own.filter((one): one is EntryRow => 'entry' in one),
  };
}

/** Lets go of what has lain in the bin for its days. */
export async function emptyBin(db: SlowSpoonDb, now: number): Promise<void> {
  await db.transaction('rw', db.bin, db.gone, db.versions, async () => {
    const old = db.bin.where('at').below(now - BIN_DAYS * DAY_MS);
    const ids = await old.primaryKeys();
    await db.gone.bulkDelete(ids);
    await db.versions.where('mealId').anyOf(ids).delete();
    await old.delete();
  });
}

/** Until when a meal of the bin can be put back, epoch ms. */
export const binnedUntil = ({ at }: BinRow): number => at + BIN_DAYS * DAY_MS;
