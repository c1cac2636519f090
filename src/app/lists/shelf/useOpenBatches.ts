import type { Batch, Meal } from '@/core/meal/index.ts';
import { isOpen } from '@/core/answers/index.ts';
import { loadMeals } from '@/store/meals.ts';
import { clockNow } from '../../browser/clock.ts';
import { db } from '../../browser/db.ts';
import { useStored } from '../../browser/useStored.ts';

export interface OpenBatch {
  readonly meal: Meal;
  readonly batch: Batch;
}

/** So many meals are looked at for pots that could take something. */
const MEALS = 6;

/** Pots of meals that are still to be cooked, the newest meal first; of those on the heat none takes anything more. */
export function useOpenBatches(): readonly OpenBatch[] {
  const found = useStored(['open batches'], async () => {
    const rows = await db.summaries.orderBy('made').reverse().toArray();
    const open = rows.filter(
      ({ damaged, serving, zone }) =>
        damaged !== true &&
        isOpen(serving === undefined ? {} : { serving: { local: serving, zone: zone ?? '' } }, clockNow()),
    );
    const { meals } = await loadMeals(
      db,
      open.slice(0, MEALS).map(({ id }) => id),
    );
    return meals.flatMap(({ meal, batches }) =>
      batches.filter(({ lidOn }) => lidOn === undefined).map((batch) => ({ meal, batch })),
    );
  });
  return found ?? [];
}
