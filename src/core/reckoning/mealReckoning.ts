import { mlOf } from '../broth/index.ts';
import { needOf, type Ticket } from '../order/index.ts';
import { isWeighed } from '../meat/index.ts';
import { forPlates, SHORT } from '../plates/index.ts';
import { valueAt, wholeAt } from '../columns/index.ts';
import { percentileOfSorted, type Range, rangeOf } from '../quantity/index.ts';
import type { Answer } from './batchReckoning.ts';
import {
  bowlG,
  largestLot,
  type Drawn,
  type Nominal,
  type BatchPlan,
  type MealPlan,
} from '../model/index.ts';

export interface Serving {
  readonly dish: string;
  readonly name: string;
  readonly count: number;
  readonly meatG: Range;
  /** All the liquid one serving gets: ladled, and held by its shred. */
  readonly liquidMl: Answer;
  readonly heldMl: Answer;
}

export interface MealReckoning {
  readonly needG: number;
  readonly needMl: number;
  /** The dishes that can be counted, as the plates want them. */
  readonly tickets: readonly Ticket[];
  readonly servings: readonly Serving[];
  readonly shredG: Range;
  readonly liquidMl: Answer;
  /** Share of draws in which every serving gets what is wanted; null without draws or a time. */
  readonly enough: number | null;
  readonly shortFirst: 'meat' | 'liquid' | null;
  readonly plates: {
    readonly total: number;
    /** Of them so many are out. */
    readonly out: number;
    readonly surely: number;
    readonly likely: number;
    /** The same of each dish, in the order of the tickets, and which part runs short of it more often. */
    readonly dishes: readonly {
      readonly dish: string;
      readonly surely: number;
      readonly likely: number;
      readonly short: 'meat' | 'liquid' | null;
    }[];
  } | null;
  /** What would bring the chance to 95 in 100: raw weight of the largest lot's cut, or liquid. */
  readonly more: { readonly batch: string; readonly lot: string; readonly grams: number } | null;
  readonly moreMl: number | null;
  /** Meat runs short too, in more than 5 of 100 draws: more liquid alone does not do. */
  readonly lacksMeat: boolean;
  /** What stays over once every plate is filled. */
  readonly leftG: Range;
  readonly leftMl: Answer;
  /** What is out of each dish, ordered or no longer: servings, shred, g, and liquid with what it holds, ml. */
  readonly booked: readonly {
    readonly dish: string;
    readonly name: string;
    readonly servings: number;
    readonly meatG: number;
    readonly liquidMl: number;
  }[];
}

const isStillBought = ({ batch, lots }: BatchPlan) =>
  batch.lidOn === undefined &&
  lots.every(({ weighed }) => !isWeighed(weighed.cooked) && !isWeighed(weighed.shred));

/** So much of what was cooked will not pull: it wants time, and more meat is no remedy (estimate). */
const UNTENDER = 0.02;
const wantsTime = ({ id }: BatchPlan, batches: Nominal['batches']): boolean => {
  const sums = batches.find(({ plan }) => plan.id === id)?.mass.sums;
  return sums !== undefined && sums.unpulled > UNTENDER * sums.bench;
};

/** "Surely" is 95 draws in 100, "likely" every other one. */
const SURELY = 0.95;

/** So many servings, and more, in so large a share of the draws: all of them just where that share of draws fills all. */
const inShare = (sorted: Float64Array, share: number): number =>
  Math.floor((sorted[Math.floor((1 - share) * sorted.length + 1e-6)] ?? 0) + 1e-9);

/** The meal as a screen, a file and the command line show it. */
export function mealReckoning(
  tickets: MealPlan['tickets'],
  { served, batches, booked }: Nominal,
  plans: readonly BatchPlan[],
  drawn: Drawn | undefined,
): MealReckoning {
  const liquidKnown = plans.every((plan) => plan.liquid !== undefined);
  const { meatG: needG, liquidMl: needMl } = needOf(tickets);
  const total = tickets.reduce((sum, ticket) => sum + ticket.count, 0);
  const counted = total > 0 && plans.some((plan) => plan.lots.length > 0) ? drawn : undefined;
  const shredG = batches.reduce((sum, one) => sum + bowlG(one), 0);
  const liquidMl = batches.reduce((sum, { plan, mass }) => sum + (plan.liquid ? mlOf(mass.liquid) : 0), 0);
  const shortage = counted && shortages(counted, total);
  // What is on the heat or on the scale cannot be bought any more.
  const largest = largestLot(plans.filter((plan) => isStillBought(plan) && !wantsTime(plan, batches)));
  const moreG = counted && largest ? moreRaw(counted, perRawOf(largest, plans, counted)) : 0;
  // Meat that is bought brings its juice.
  const moreMl = shortage ? shortage.ml - moreG * juicePerRaw(largest, batches) : 0;
  const plates = counted && Float64Array.from(counted.plates).sort();
  const range = (mid: number, draws: Float64Array | undefined) => rangeOf(mid, draws ?? new Float64Array(0));
  return {
    needG,
    needMl,
    tickets,
    servings: tickets.map((ticket, t) => ({
      dish: ticket.id,
      name: ticket.name,
      count: ticket.count,
      meatG: range(valueAt(served.meatG, t), drawn?.meatG[t]),
      liquidMl: liquidKnown
        ? range(valueAt(served.ladledMl, t) + valueAt(served.heldMl, t), drawn?.servedMl[t])
        : null,
      heldMl: liquidKnown ? range(valueAt(served.heldMl, t), drawn?.heldMl[t]) : null,
    })),
    enough: shortage && liquidKnown ? shortage.enough : null,
    shortFirst: shortage && liquidKnown ? shortage.first : null,
    plates:
      plates && liquidKnown
        ? {
            total,
            out: tickets.reduce((sum, { count }, t) => sum + Math.min(count, booked[t]?.servings ?? 0), 0),
            surely: inShare(plates, SURELY),
            likely: inShare(plates, 0.5),
            dishes: tickets.map(({ id }, t) => dishOf(id, counted, t)),
          }
        : null,
    more: largest && moreG > 0 ? { batch: largest.batch, lot: largest.lot, grams: moreG } : null,
    moreMl: liquidKnown && moreMl > WORTH_POURING ? moreMl : null,
    lacksMeat: counted !== undefined && lacksMeat(counted),
    leftG: aboutMiddle(range(served.leftG, drawn?.leftG)),
    leftMl: liquidKnown ? aboutMiddle(range(served.leftMl, drawn?.leftMl)) : null,
    booked: booked.map(({ dish, servings, from }, t) => ({
      dish,
      name: tickets[t]?.name ?? dish,
      servings,
      meatG: from.reduce((sum, { g }) => sum + g, 0),
      liquidMl: from.reduce((sum, { heldMl, ladledMl }) => sum + heldMl + ladledMl, 0),
    })),
    shredG: range(shredG, drawn?.shredG),
    liquidMl: liquidKnown ? range(liquidMl, drawn?.liquidMl) : null,
  };
}

/**
 * What is left when plates are filled one by one is anything below a portion, so the nominal run's may be an odd one: its range
 * reaches as far as that.
 */
function aboutMiddle(range: Range): Range {
  const { mid, p10, p90 } = range;
  if (p10 === undefined || p90 === undefined) return range;
  return { ...range, p10: Math.min(p10, mid), p90: Math.max(p90, mid) };
}

/** How far one dish goes, and which part of it is wanting. */
function dishOf(dish: string, { filled, shortOf }: Drawn, t: number) {
  const sorted = Float64Array.from(filled[t] ?? []).sort();
  const times = (code: number) => (shortOf[t] ?? []).filter((one) => one === code).length;
  const [meat, liquid] = [times(SHORT.meat), times(SHORT.liquid)];
  return {
    dish,
    surely: inShare(sorted, SURELY),
    likely: inShare(sorted, 0.5),
    // Of one that is sure nothing is said.
    short:
      meat + liquid < (1 - SURELY) * sorted.length
        ? null
        : meat >= liquid
          ? ('meat' as const)
          : ('liquid' as const),
  };
}

/**
 * How often every serving is filled, which of the two runs short more often where not, and the liquid that is missing, ml. Plates
 * are filled by the one rule that also says how many are sure, so that neither contradicts the other.
 */
function shortages({ n, plates, shortOf, needMl, restMl }: Drawn, total: number) {
  let enough = 0;
  let [meat, liquid] = [0, 0];
  const missingMl = new Float64Array(n);
  for (let d = 0; d < n; d += 1) {
    missingMl[d] = valueAt(needMl, d) - valueAt(restMl, d);
    if (valueAt(plates, d) >= total - 1e-9) enough += 1;
    else {
      if (shortOf.some((codes) => wholeAt(codes, d) === SHORT.meat)) meat += 1;
      if (shortOf.some((codes) => wholeAt(codes, d) === SHORT.liquid)) liquid += 1;
    }
  }
  const first = meat === 0 && liquid === 0 ? null : meat >= liquid ? ('meat' as const) : ('liquid' as const);
  return { enough: enough / n, first, ml: percentileOfSorted(missingMl.sort(), SURELY) };
}

/** Less than this nobody pours in for it, ml. */
const WORTH_POURING = 1;

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

/** Whether meat is wanting where it is looked at with the same odds as what is offered. */
const lacksMeat = ({ needG, restG }: Drawn): boolean =>
  percentileOfSorted(needG.map((need, d) => need - valueAt(restG, d)).sort(), SURELY) > 0;

/** Raw weight of the largest lot's cut that would feed all in 95 draws of 100, g; 0 if they are fed. */
function moreRaw({ n, restG, needG }: Drawn, perRaw: Float64Array): number {
  const grams = new Float64Array(n);
  for (let d = 0; d < n; d += 1) {
    const short = valueAt(needG, d) - valueAt(restG, d);
    grams[d] = short / Math.max(1e-9, valueAt(perRaw, d));
  }
  return Math.max(0, percentileOfSorted(grams.sort(), SURELY));
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
