import { loadRows } from '@/store/meals.ts';
import { db } from '../../browser/db.ts';
import { keptKey, mealKey } from '../../open/memory.ts';
import { queries } from '../../open/queries.ts';

/**
 * Reads the meal that the address names before anything is drawn, so that the first picture of the page already has
 * its figures. What another tab writes from then on is read anew, as of any meal in memory.
 */
export async function readFirstMeal(path: string): Promise<void> {
  const id = /^\/meals\/([^/]+)\//.exec(path)?.[1];
  if (id === undefined) return;
  const rows = await loadRows(db, id);
  if (!rows) return;
  queries.setQueryData(mealKey(id), rows);
  queries.setQueryData(keptKey, rows.kept);
}
