import type { Transaction } from 'dexie';
import type { Change, DigestRow, HouseRow } from './kinds.ts';

/** What the learning wants has to be put together anew. */
export const markUntaught = (tx: Transaction): PromiseLike<unknown> =>
  tx.table<HouseRow, string>('house').put({ id: 'untaught' });

/** Lets go of the digests of the meals that these changes have touched: they are made anew when they are next wanted. */
export async function forgetDigests(tx: Transaction, changes: readonly Change[]): Promise<void> {
  const meals = new Set(
    changes.flatMap((change) => {
      const row = change.what === 'append' ? change.row : (change.after ?? change.before);
      if (change.what === 'put' && change.table === 'meals') return [change.id];
      return row && 'mealId' in row ? [row.mealId] : [];
    }),
  );
  if (meals.size === 0) return;
  await tx.table<DigestRow, string>('digests').bulkDelete([...meals]);
  await markUntaught(tx);
}
