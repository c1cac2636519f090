import type { Transaction } from 'dexie';
import type { Change, DigestRow, BrowserRow } from './kinds.ts';

/**
 * What the log keeps has to be put together anew.
 * @param meals of which; absent: of all
 */
export async function markUntaught(tx: Transaction, meals?: ReadonlySet<string>): Promise<void> {
  const house = tx.table<BrowserRow, string>('house');
  const before = await house.get('untaught');
  const known = before?.id === 'untaught' ? before.meals : [];
  const all = meals && known ? [...new Set([...known, ...meals])] : undefined;
  await house.put({ id: 'untaught', ...(all && { meals: all }) });
}

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
  await markUntaught(tx, meals);
}
