import { type Batch, type Lot, type Meal, scaledBatch } from '../../meal/index.ts';
import { midpoint } from '../../quantity/index.ts';
import type { Split, SplitPot } from './types.ts';

const grams = (g: number): Lot['weight'] => {
  const n = Math.round(g);
  return { text: `${String(n)} g`, lo: n, hi: n };
};

/**
 * The meal with its batch dealt into those pots: the batch itself becomes the first of them, every dish that drew on it draws on all.
 * What has no place stays with the first, where it is said that it does not fit.
 * @param newId gives an id that nothing has yet
 */
export function withSplit(
  meal: Meal,
  batches: readonly Batch[],
  id: string,
  { pots, outside }: Split,
  newId: () => string,
): { readonly meal: Meal; readonly batches: readonly Batch[] } {
  const batch = batches.find((one) => one.id === id);
  if (!batch || pots.length === 0) return { meal, batches };
  const ids = pots.map((_, i) => (i === 0 ? id : newId()));
  const made = pots.map((pot, i): Batch =>
    partOf(batch, pot, i, ids[i] ?? id, i === 0 ? outside : [], pots.length),
  );
  const others = ids.slice(1);
  return {
    batches: batches.flatMap((one) => (one.id === id ? made : [one])),
    meal: {
      ...meal,
      batches: meal.batches.flatMap((one) => (one === id ? ids : [one])),
      dishes: meal.dishes.map((dish) =>
        dish.from?.includes(id) ? { ...dish, from: [...dish.from, ...others] } : dish,
      ),
    },
  };
}

function partOf(
  batch: Batch,
  pot: SplitPot,
  i: number,
  id: string,
  outside: readonly number[],
  of: number,
): Batch {
  const whole = batch.lots.reduce((sum, { weight }) => sum + (midpoint(weight) ?? 0), 0);
  const share = whole > 0 ? (pot.g + outside.reduce((sum, g) => sum + g, 0)) / whole : 1;
  // Each is cooked where its own vessel stands, which is what it was dealt by.
  const { chilled: _, also: __, at: ____, ...part } = scaledBatch(batch, share);
  return {
    ...part,
    id,
    name: of > 1 ? `${batch.name} ${String(i + 1)}` : batch.name,
    lots: batch.lots.flatMap((lot, l): Lot[] => {
      const g = (pot.lots[l] ?? 0) + (outside[l] ?? 0);
      const had = midpoint(lot.weight) ?? 0;
      // What has no weight yet stays with the first, as it was written.
      if (had === 0) return i === 0 ? [lot] : [];
      if (g < 1) return [];
      const { pieces, placements: ___, ...rest } = lot;
      const { count: n, ...shape } = pieces ?? {};
      const count = n !== undefined && had > 0 ? Math.round((n * g) / had) : 0;
      return [
        {
          ...rest,
          id: i === 0 ? lot.id : `${lot.id} ${String(i + 1)}`,
          weight: grams(g),
          ...(pieces && { pieces: { ...shape, ...(count > 0 && { count }) } }),
        },
      ];
    }),
    cook: batch.cook.map((phase, k) =>
      k === 0 || phase.vessel !== undefined ? { ...phase, vessel: pot.vessel } : phase,
    ),
    ...(pot.day > 0 && { chilled: true as const }),
  };
}
