import { valueAt } from '../columns/index.ts';
import { weighedIn } from '../meat/index.ts';
import { type BatchPlan, type Drawn, largestLot, type Nominal } from '../model/index.ts';
import { forPlates } from '../plates/index.ts';
import { percentileOfSorted } from '../quantity/index.ts';
import { LOT_MOST_G } from '../meal/index.ts';
import { perKg } from '../shop/index.ts';

/** Raw weight more of one lot, g. */
interface MoreMeat {
  readonly batch: string;
  readonly lot: string;
  readonly grams: number;
  /** It is more than there is of the lot: said, with what it costs in the kitchen's currency where that is known. */
  readonly doubles: { readonly cost: number | null } | null;
  /** The chance that it gives alone, once it was tried; absent: liquid is needed beside it. */
  readonly enough?: number;
}

/** What would bring a meal to 95 in 100. */
export interface Advice {
  /** Raw weight more of the largest lot's cut, g; null: that is no remedy, or none is wanted. */
  readonly more: MoreMeat | null;
  /** Liquid more, ml; null: none is wanted, or the juice of the meat that is bought does. */
  readonly moreMl: number | null;
  /** Meat runs short, in more than 5 of 100 draws: more liquid alone does not do. */
  readonly lacksMeat: boolean;
}

const AIM = 0.95;
/** Two that may each fail: 95 in 100 of both where each is as sure as this (Boole's inequality). */
const AIM_OF_BOTH = 0.975;
/** Of the juice that more meat gives so much is in the jug at the end: the rest is steam, or held by what is strained (estimate). */
const JUICE_STAYS = 0.5;
/** Less than this nobody pours in for it, ml. */
const WORTH_POURING = 1;

/** How much more would do, of meat that can still be bought and of liquid. */
export function adviceOf(drawn: Drawn, plans: readonly BatchPlan[], batches: Nominal['batches']): Advice {
  const largest = largestLot(plans.filter((plan) => isStillBought(plan) && !wantsTime(plan, batches)));
  const perRaw = largest && perRawOf(largest, plans, drawn);
  const shortG = drawn.needG.map(
    (need, d) => (need - valueAt(drawn.restG, d)) / (perRaw ? Math.max(1e-9, valueAt(perRaw, d)) : 1),
  );
  const shortMl = drawn.needMl.map((need, d) => need - valueAt(drawn.restMl, d));
  shortG.sort();
  shortMl.sort();
  const at = (aim: number) => ({
    meatG: Math.max(0, percentileOfSorted(shortG, aim)),
    ml: percentileOfSorted(shortMl, aim),
  });
  const alone = at(AIM);
  const juice = largest ? JUICE_STAYS * juicePerRaw(largest, batches) * alone.meatG : 0;
  const both = largest !== undefined && alone.meatG > 0 && alone.ml - juice > WORTH_POURING;
  const { meatG, ml } = both ? at(AIM_OF_BOTH) : { ...alone, ml: alone.ml - juice };
  return {
    more:
      largest && meatG > 0 && meatG <= LOT_MOST_G
        ? { batch: largest.batch, lot: largest.lot, grams: meatG, doubles: doublesOf(largest, meatG, plans) }
        : null,
    moreMl: ml > WORTH_POURING ? ml : null,
    lacksMeat: alone.meatG > 0,
  };
}

function doublesOf(
  at: { readonly batch: string; readonly lot: string },
  grams: number,
  plans: readonly BatchPlan[],
): MoreMeat['doubles'] {
  const plan = plans.find(({ id }) => id === at.batch);
  const rawG = plan?.lots.find(({ id }) => id === at.lot)?.rawG ?? Infinity;
  if (grams <= rawG) return null;
  const lot = plan?.batch.lots.find(({ id }) => id === at.lot);
  const price = perKg(lot?.price, rawG);
  return { cost: price === undefined ? null : (price * grams) / 1000 };
}

/** What is on the heat or on the scale cannot be bought any more. */
const isStillBought = ({ batch, lots }: BatchPlan) =>
  batch.lidOn === undefined &&
  lots.every(({ weighed }) => (weighedIn(weighed, 'cooked') ?? weighedIn(weighed, 'shred')) === undefined);

/** So much of what was cooked will not pull: it wants time, and more meat is no remedy (estimate). */
const UNTENDER = 0.02;
const wantsTime = ({ id }: BatchPlan, batches: Nominal['batches']): boolean => {
  const sums = batches.find(({ plan }) => plan.id === id)?.mass.sums;
  return sums !== undefined && sums.unpulled > UNTENDER * sums.bench;
};

/** Juice that a gram of raw weight of a lot gives, ml. */
function juicePerRaw(
  at: { readonly batch: string; readonly lot: string } | undefined,
  batches: Nominal['batches'],
): number {
  const of = batches.find(({ plan }) => plan.id === at?.batch);
  const i = of?.plan.lots.findIndex(({ id }) => id === at?.lot) ?? -1;
  const [lot, mass] = [of?.plan.lots[i], of?.mass.lots[i]];
  return of && lot && mass && lot.rawG > 0 ? (forPlates(of.plan.batch) * mass.juiceWater) / lot.rawG : 0;
}

/** Shred of one gram of raw weight of a lot, in each draw. */
function perRawOf(
  at: { batch: string; lot: string },
  plans: readonly BatchPlan[],
  drawn: Drawn,
): Float64Array {
  const all = plans.flatMap((plan) => plan.lots.map((lot) => ({ batch: plan.id, lot })));
  const i = all.findIndex(({ batch, lot }) => batch === at.batch && lot.id === at.lot);
  const rawG = all[i]?.lot.rawG ?? 1;
  const plan = plans.find(({ id }) => id === at.batch);
  const share = plan ? forPlates(plan.batch) : 1;
  return (drawn.lotShredG[i] ?? new Float64Array(drawn.n)).map((shred) => (share * shred) / rawG);
}
