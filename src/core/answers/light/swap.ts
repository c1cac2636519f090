import { reckonAtOnce } from '../../reckoning/index.ts';
import type { Lot, Price } from '../../meal/index.ts';
import { LOT_SPREAD, type Input, openMeal, type OpenedMeal } from '../../model/index.ts';

import { findCut } from '../../meat/index.ts';
import { midpoint, type Range, Z90 } from '../../quantity/index.ts';
import { type Money, moneyOf, perKg, sumOf, USUAL_CURRENCY } from '../../shop/index.ts';

export interface SwapAsk {
  readonly batch: string;
  readonly lot: string;
  readonly cut: string;
  /** Of the other cut, in the kitchen's currency. */
  readonly price?: Price;
}

/** One cut in the place of another, for equal shred. */
export interface Swap {
  readonly rawG: Range;
  /** What the batch then has more (or less) of. */
  readonly fatG: number;
  readonly juiceMl: number;
  readonly liquidMl: number | null;
  readonly readyMin: number | null;
  /** Null without a price for the other cut. */
  readonly cost: Money | null;
}

/**
 * How much of another cut stands for a lot, for equal shred, and what changes with it. The two cuts
 * share the kitchen's error; what each has of its own makes the range.
 */
export function swap(
  meal: OpenedMeal,
  { batch: batchId, lot: lotId, cut, price }: SwapAsk,
): Swap | undefined {
  const { input } = meal;
  const lot = input.batches.find(({ id }) => id === batchId)?.lots.find(({ id }) => id === lotId);
  const rawG = midpoint(lot?.weight);
  const [from, to] = [lot?.cut ?? '', cut].map((id) => findCut(id, input.kitchen, input.reference));
  if (!lot || rawG === undefined || !from || !to) return undefined;
  const before = shown(meal, batchId, lotId);
  const trial = shown(withLot(input, batchId, otherLot(lot, cut, rawG)), batchId, lotId);
  if (!before || !trial || trial.shredG <= 0) return undefined;
  const grams = (rawG * before.shredG) / trial.shredG;
  const after = shown(withLot(input, batchId, otherLot(lot, cut, grams)), batchId, lotId);
  if (!after) return undefined;
  const sd = Math.hypot(from.spread, to.spread, LOT_SPREAD, LOT_SPREAD);
  const currency = input.kitchen.currency ?? USUAL_CURRENCY;
  const paid = perKg(lot.price, rawG);
  const asked = perKg(price, grams);
  return {
    rawG: { mid: grams, p10: grams * Math.exp(-Z90 * sd), p50: grams, p90: grams * Math.exp(Z90 * sd) },
    fatG: after.fatG - before.fatG,
    juiceMl: after.juiceMl - before.juiceMl,
    liquidMl: difference(after.liquidMl, before.liquidMl),
    readyMin: difference(after.readyMin, before.readyMin),
    cost:
      paid === undefined || asked === undefined
        ? null
        : sumOf([moneyOf(asked, currency, grams / 1000), moneyOf(-paid, currency, rawG / 1000)], currency),
  };
}

const difference = (a: number | null, b: number | null) => (a === null || b === null ? null : a - b);

/** The other cut as it is usually sold: bone, trim and fattiness of the first are not its own. */
const otherLot = (lot: Lot, cut: string, g: number): Lot => ({
  id: lot.id,
  kind: lot.kind,
  cut,
  weight: { text: '', lo: g, hi: g },
  ...(lot.picking && { picking: lot.picking }),
  ...(lot.pieces && { pieces: lot.pieces }),
});

const withLot = (input: Input, batchId: string, lot: Lot): OpenedMeal =>
  openMeal({
    ...input,
    batches: input.batches.map((batch) =>
      batch.id === batchId
        ? { ...batch, lots: batch.lots.map((old) => (old.id === lot.id ? lot : old)) }
        : batch,
    ),
  });

function shown(meal: OpenedMeal, batchId: string, lotId: string) {
  const batch = reckonAtOnce(meal).batches.find(({ id }) => id === batchId);
  const lot = batch?.lots.find(({ lot: id }) => id === lotId);
  if (!batch || !lot) return undefined;
  const { liquid, ready } = batch;
  return {
    shredG: lot.shredG,
    fatG: liquid.fatG?.mid ?? 0,
    juiceMl: liquid.juiceMl?.mid ?? 0,
    liquidMl: (liquid.brothMl ?? liquid.sauceMl)?.mid ?? null,
    readyMin: ready.min?.mid ?? null,
  };
}
