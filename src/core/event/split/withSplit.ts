import { type Batch, type Lot, type Meal, scaledBatch } from '../../meal/index.ts';
import { midpoint } from '../../quantity/index.ts';
import type { Split, SplitPot } from './types.ts';

const grams = (g: number): Lot['weight'] => {
  const n = Math.round(g);
  return { text: `${String(n)} g`, lo: n, hi: n };
};

/**
 * The meal with its batches dealt into those pots: each batch becomes the first of its own, every dish that drew on it draws on all.
 * What has no place stays with the first, where it is said that it does not fit.
 * @param newId gives an id that nothing has yet
 */
export function withSplit(
  meal: Meal,
  batches: readonly Batch[],
  { pots, outside }: Pick<Split, 'pots' | 'outside'>,
  newId: () => string,
): { readonly meal: Meal; readonly batches: readonly Batch[] } {
  const parts = new Map(
    batches.flatMap((batch): [string, readonly Batch[]][] => {
      const own = pots.filter((pot) => pot.batch === batch.id);
      const left = outside.find((one) => one.batch === batch.id)?.lots ?? [];
      if (own.length === 0) return [];
      return [
        [
          batch.id,
          own.map((pot, i) =>
            partOf(batch, pot, i, i === 0 ? batch.id : newId(), i === 0 ? left : [], own.length),
          ),
        ],
      ];
    }),
  );
  const idsOf = (id: string) => parts.get(id)?.map((one) => one.id) ?? [id];
  return {
    batches: batches.flatMap((one) => parts.get(one.id) ?? [one]),
    meal: {
      ...meal,
      batches: meal.batches.flatMap(idsOf),
      dishes: meal.dishes.map((dish) =>
        dish.from
          ? { ...dish, from: [...dish.from, ...dish.from.flatMap((id) => idsOf(id).slice(1))] }
          : dish,
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
