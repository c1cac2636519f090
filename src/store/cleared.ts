import type { Transaction } from 'dexie';
import { StoreCleared } from './faults.ts';

/** The tables that tell it. */
export const CLEARED_BY = ['meals', 'acts', 'bin'] as const;

/**
 * Whether a meal that a page shows is not there though nobody took it away: no act tells of it and it does not lie in the bin.
 * What the browser keeps was cleared then, by itself or by hand.
 */
export async function isCleared(tx: Transaction, mealId: string): Promise<boolean> {
  if ((await tx.table('meals').get(mealId)) !== undefined) return false;
  const acts = await tx.table('acts').where('mealId').equals(mealId).count();
  return acts === 0 && (await tx.table('bin').get(mealId)) === undefined;
}

/** @throws StoreCleared where it is */
export async function refuseIfCleared(tx: Transaction, mealId: string | undefined): Promise<void> {
  if (mealId !== undefined && (await isCleared(tx, mealId))) throw new StoreCleared(mealId);
}
