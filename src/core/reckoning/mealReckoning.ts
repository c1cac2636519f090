import { mlOf } from '../broth/index.ts';
import { needOf, type Ticket } from '../order/index.ts';
import { SHORT } from '../plates/index.ts';
import { valueAt, wholeAt } from '../columns/index.ts';
import { type Range, rangeOf } from '../quantity/index.ts';
import { type Advice, adviceOf } from './advice.ts';
import type { Answer } from './batchReckoning.ts';
import { bowlG, type Drawn, type Nominal, type BatchPlan, type MealPlan } from '../model/index.ts';

export interface Serving {
  readonly dish: string;
  readonly name: string;
  readonly count: number;
  readonly meatG: Range;
  /** All the liquid one serving gets: ladled, and held by its shred. */
  readonly liquidMl: Answer;
  readonly heldMl: Answer;
}

export interface MealReckoning extends Advice {
  readonly needG: number;
  readonly needMl: number;
  /** The dishes that can be counted, as the plates want them. */
  readonly tickets: readonly Ticket[];
  readonly servings: readonly Serving[];
  readonly shredG: Range;
  /** In the middle a plate stays unfilled for want of it. */
  readonly runsShort: { readonly meat: boolean; readonly liquid: boolean };
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
  const advice = counted && adviceOf(counted, plans, batches);
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
    more: advice?.more ?? null,
    moreMl: liquidKnown ? (advice?.moreMl ?? null) : null,
    lacksMeat: advice?.lacksMeat ?? false,
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
    runsShort: {
      meat: served.shortOf.includes(SHORT.meat),
      liquid: served.shortOf.includes(SHORT.liquid),
    },
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
 * How often every serving is filled, and which of the two runs short more often where not. Plates are filled by the one rule that also says how many are sure, so that neither contradicts the other.
 */
function shortages({ n, plates, shortOf }: Drawn, total: number) {
  let enough = 0;
  let [meat, liquid] = [0, 0];
  for (let d = 0; d < n; d += 1) {
    if (valueAt(plates, d) >= total - 1e-9) enough += 1;
    else {
      if (shortOf.some((codes) => wholeAt(codes, d) === SHORT.meat)) meat += 1;
      if (shortOf.some((codes) => wholeAt(codes, d) === SHORT.liquid)) liquid += 1;
    }
  }
  const first = meat === 0 && liquid === 0 ? null : meat >= liquid ? ('meat' as const) : ('liquid' as const);
  return { enough: enough / n, first };
}
