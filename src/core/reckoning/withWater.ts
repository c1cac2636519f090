import type { Item } from '../meal/index.ts';
import { type Input, openMeal, type OpenedMeal } from '../model/index.ts';
import { itemsOf } from '../pot/index.ts';

/** A meal as it would be with so much more water in one pot from the start: what is advised is tried on the whole. */
export function withWater(input: Input, batchId: string, ml: number): OpenedMeal {
  const water: Item = {
    id: 'more water',
    ref: 'water',
    amount: { text: `${ml} ml`, lo: ml, hi: ml },
    measure: 'volume',
    state: 'in',
  };
  const batches = input.batches.map((batch) =>
    batch.id === batchId ? { ...batch, items: [...itemsOf(batch), water] } : batch,
  );
  return openMeal({ ...input, batches });
}
