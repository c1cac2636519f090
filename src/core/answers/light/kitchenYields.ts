import { reckonAtOnce } from '../../reckoning/index.ts';
import { standingEntries } from '../../meal/index.ts';

import type { OpenedMeal } from '../../model/index.ts';

/** What a kitchen has weighed of one cut: how many lots, and shred of raw over all of them. */
export interface KitchenYield {
  readonly lots: number;
  readonly shredOfRaw: number;
}

const ON_THE_BENCH = new Set<string>(['cooked', 'shred']);

/**
 * What has been weighed on the bench so far, by cut. A lot counts if it was weighed cooked or
 * shredded, alone or in a pot whose meat was; a pot's sum is dealt to its lots as the plan has them.
 */
export function kitchenYields(meals: readonly OpenedMeal[]): ReadonlyMap<string, KitchenYield> {
  const sums = new Map<string, { lots: number; rawG: number; shredG: number }>();
  for (const meal of meals) {
    const readings = standingEntries(meal.input.entries).filter(({ measures }) =>
      'flow' in measures ? ON_THE_BENCH.has(measures.flow) : false,
    );
    if (readings.length === 0) continue;
    for (const batch of reckonAtOnce(meal).batches) {
      for (const { lot, cut, rawG, shredG } of batch.lots) {
        const weighed = readings.some(
          ({ batch: of, measures }) =>
            of === batch.id &&
            (measures.what === 'sum' || (measures.what === 'flow' && measures.lot === lot)),
        );
        if (!weighed || !(shredG > 0)) continue;
        const before = sums.get(cut) ?? { lots: 0, rawG: 0, shredG: 0 };
        sums.set(cut, { lots: before.lots + 1, rawG: before.rawG + rawG, shredG: before.shredG + shredG });
      }
    }
  }
  return new Map(
    [...sums].map(([cut, { lots, rawG, shredG }]) => [cut, { lots, shredOfRaw: shredG / rawG }]),
  );
}
