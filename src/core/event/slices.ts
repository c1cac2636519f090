import type { Batch } from '../meal/index.ts';
import { drawsOf, openMeal, type OpenedMeal } from '../model/index.ts';
import { mealReckoning } from '../reckoning/index.ts';
import { type Money, moneyOf, perKg, priced, USUAL_CURRENCY } from '../shop/index.ts';
import { midpoint, type Quantity } from '../quantity/index.ts';

/** The event with so much more or less meat in a pot. */
export interface Slice {
  /** g more than is planned; 0 is as planned. */
  readonly moreG: number;
  /** What that costs, or saves where it is less; undefined without a price. */
  readonly costs: Money | undefined;
  /** The chance that every plate is filled; null where nobody knows how much liquid there will be. */
  readonly enough: number | null;
  /** Who goes without in one case of twenty: so many servings of which dish. */
  readonly bare: readonly { readonly name: string; readonly count: number }[];
}

export interface Slices {
  readonly batch: string;
  readonly lot: string;
  readonly cut: string;
  /** g in a slice. */
  readonly stepG: number;
  readonly slices: readonly Slice[];
}

/** A slice is about so much of the lot, in half kilograms: as meat is bought. */
const OF_LOT = 0.06;
const HALF_KG = 500;
const [FEWER, MORE] = [-3, 4];
/** Draws of a trial: a chance near one is known to a hundredth by so many. */
const TRIAL = 1000;

const heavier = (weight: Quantity, more: number): Quantity => ({
  ...weight,
  lo: (weight.lo ?? 0) + more,
  hi: (weight.hi ?? 0) + more,
});

/**
 * The pot with so much more of a lot.
 * @param write how its new weight is written; absent: it stays as it was typed, for a trial
 */
export const withMore = (
  batch: Batch,
  lot: string,
  moreG: number,
  write?: (g: number) => Quantity,
): Batch => ({
  ...batch,
  lots: batch.lots.map((one) => {
    if (one.id !== lot) return one;
    const weight = heavier(one.weight, moreG);
    return { ...one, weight: write ? write(midpoint(weight) ?? 0) : weight };
  }),
});

/** The heaviest of a pot's meat. */
export const largestLot = (batch: Batch | undefined): Batch['lots'][number] | undefined =>
  (batch?.lots ?? [])
    .filter(({ kind }) => kind === 'meat')
    .toSorted((a, b) => (midpoint(b.weight) ?? 0) - (midpoint(a.weight) ?? 0))[0];

/**
 * The safety margin cut into slices: what each slice of a pot's largest lot costs, the chance that it buys, and who goes without if it
 * fails. Each is tried: more meat in the pot steams, holds and juices otherwise than what is there.
 * @returns undefined where the pot has no meat that weighs more than the slices that would go
 */
export function slices(meal: OpenedMeal, { batch: id }: { readonly batch: string }): Slices | undefined {
  const { input } = meal;
  const batch = priced(input.batches).find((one) => one.id === id);
  const lot = largestLot(batch);
  const g = midpoint(lot?.weight) ?? 0;
  const stepG = Math.max(1, Math.round((OF_LOT * g) / HALF_KG)) * HALF_KG;
  if (!batch || !lot || g + FEWER * stepG <= 0) return undefined;
  const price = perKg(lot.price, g);
  const currency = input.kitchen.currency ?? USUAL_CURRENCY;
  const of = (moreG: number): Slice => {
    const batches = input.batches.map((one) => (one.id === id ? withMore(one, lot.id, moreG) : one));
    const other = moreG === 0 ? meal : openMeal({ ...input, batches });
    const { enough, plates, tickets } = mealReckoning(
      other.plan.tickets,
      other.nominal,
      other.now,
      drawsOf(other, TRIAL),
    );
    return {
      moreG,
      costs: price === undefined ? undefined : moneyOf((price * moreG) / 1000, currency),
      enough,
      bare: tickets.flatMap(({ name, count }, t) => {
        const left = count - (plates?.dishes[t]?.surely ?? count);
        return left >= 1 ? [{ name, count: left }] : [];
      }),
    };
  };
  return {
    batch: id,
    lot: lot.id,
    cut: lot.cut,
    stepG,
    slices: Array.from({ length: MORE - FEWER + 1 }, (_, i) => of((FEWER + i) * stepG)),
  };
}
