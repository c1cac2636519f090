import { db } from '../browser/db.ts';
import { useStored } from '../browser/useStored.ts';

/** The name of a meal as it stands in the store, whatever else is wrong with it. */
export function useMealName(mealId: string | undefined): string | undefined {
  return useStored(['meal name', mealId], async () => {
    const row = mealId === undefined ? undefined : await db.meals.get(mealId);
    // A damaged row need not hold what its type says.
    const name: unknown = (row as { meal?: { name?: unknown } } | undefined)?.meal?.name;
    return row && (typeof name === 'string' && name !== '' ? name : 'a meal without a name');
  });
}
