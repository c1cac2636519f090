import { db } from '../../browser/db.ts';
import { useStored } from '../../browser/useStored.ts';

/** The meals of which something has been weighed; undefined while they are looked up. */
export function useWeighedMeals(): readonly string[] | undefined {
  // Each key of the index once: nothing of the readings is read.
  return useStored(['weighed meals'], async () =>
    (await db.entries.orderBy('mealId').uniqueKeys()).map(String),
  );
}
