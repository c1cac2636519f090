import { massOf, type LedgerFlow } from './ledger/index.ts';
import { needOf, type Ticket } from './order/index.ts';
import { rangeOf, type Range } from './quantity/index.ts';
import { percentileOfSorted } from './quantity/range.ts';
import { centreOf, ledgerOf, plansOf, type Centre, type CentreBatch } from './reckoning/centre.ts';
import { largestLot, numberOfDraws, type Drawn, type Sampler } from './reckoning/drawn.ts';
import { batchFigures, type BatchFigure } from './reckoning/figures.ts';
import type { Input, Problem } from './reckoning/input.ts';
import { lotReckoning, type LotReckoning } from './reckoning/lotReckoning.ts';
import { planMeal, type BatchPlan, type MealPlan } from './reckoning/plan.ts';
import { potOf, type PotPicture } from './reckoning/pot.ts';

export { FULL_DRAWS } from './reckoning/drawn.ts';
export type { LotReckoning } from './reckoning/lotReckoning.ts';
export type { Input, Problem } from './reckoning/input.ts';
export type { PotPicture } from './reckoning/pot.ts';

/** A figure, or null where no stage can answer yet. */
export type Answer = Range | null;

export interface BatchReckoning {
  readonly id: string;
  readonly meat: Readonly<
    Record<
      | 'rawG'
      | 'trimG'
      | 'boneG'
      | 'boneOutG'
      | 'onBenchG'
      | 'cookedG'
      | 'cookedYield'
      | 'pickingsG'
      | 'shredG'
      | 'shredYield',
      Range
    >
  >;
  readonly liquid: Readonly<
    Record<
      'pouredMl' | 'juiceMl' | 'fatG' | 'steamMl' | 'solidsG' | 'skimG' | 'brothMl' | 'sauceMl' | 'saltPct',
      Answer
    >
  >;
  readonly ready: { readonly firstCheckMin: number | null; readonly min: Answer };
  readonly lots: readonly LotReckoning[];
  readonly pot: PotPicture | null;
  /** What the plates want of this batch: the meal's need, dealt by what each batch can give. */
  readonly need: { readonly meatG: number; readonly liquidMl: number };
  /** The pot boils dry before the meat is tender. */
  readonly dry: boolean;
}

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
  readonly plates: { readonly total: number; readonly surely: number; readonly likely: number } | null;
  /** What would bring the chance to 95 in 100: raw weight of the largest lot's cut, or liquid. */
  readonly more: { readonly batch: string; readonly lot: string; readonly grams: number } | null;
  readonly moreMl: number | null;
  readonly leftG: Range;
  readonly leftMl: Answer;
}

export interface Reckoning {
  readonly meal: MealReckoning;
  readonly batches: readonly BatchReckoning[];
  readonly ledger: readonly LedgerFlow[];
  /** Missing and found, as flows, g. */
  readonly unaccounted: readonly {
    readonly flow: LedgerFlow;
    readonly grams: number;
    readonly share: number;
  }[];
  readonly problems: readonly Problem[];
  readonly draws: number;
}

/** "Surely" is 95 draws in 100, "likely" every other one. */
const SURELY = 0.95;

/**
 * All that can be known of a meal and its batches: plan, centre, ledger, draws.
 * Without draws only the centre is worked out (under a millisecond); with them every figure that
 * nobody can know gets its range, and "enough" its chance. The same input gives the same figures.
 */
export function reckon(input: Input, sampler?: Sampler): Reckoning {
  const mealPlan = planMeal(input);
  const { planned, now } = plansOf(mealPlan, input);
  const plannedCentre = centreOf(mealPlan, planned);
  const centre = input.entries.length === 0 ? plannedCentre : centreOf(mealPlan, now);
  const ledger = ledgerOf(plannedCentre.flows, centre.flows, now);
  const n = sampler ? numberOfDraws(now) : 0;
  const drawn = sampler?.(input.meal.id, mealPlan, now, centre, n);
  return {
    meal: mealOf(mealPlan.tickets, centre, now, drawn),
    batches: centre.batches.map((batch) => batchOf(batch, drawn, needOfBatch(batch, centre, mealPlan))),
    ledger,
    unaccounted: unaccountedOf(ledger),
    problems: mealPlan.problems,
    draws: n,
  };
}

/** The need of the meal dealt to a batch in proportion to the shred and the liquid it gives. */
function needOfBatch(batch: CentreBatch, { batches }: Centre, { tickets }: MealPlan): BatchReckoning['need'] {
  const shred = ({ mass }: CentreBatch) => mass.lots.reduce((sum, lot) => sum + lot.shred, 0);
  const liquid = ({ plan, mass }: CentreBatch) => (plan.liquid ? mass.liquid.ml : 0);
  const share = (of: (batch: CentreBatch) => number) => {
    const all = batches.reduce((sum, other) => sum + of(other), 0);
    return all > 0 ? of(batch) / all : 1 / batches.length;
  };
  const { meatG, liquidMl } = needOf(tickets);
  return { meatG: meatG * share(shred), liquidMl: liquidMl * share(liquid) };
}

function batchOf(
  { plan, mass }: CentreBatch,
  drawn: Drawn | undefined,
  need: BatchReckoning['need'],
): BatchReckoning {
  const mid = batchFigures.columns(1);
  batchFigures.write(plan, mass, 1, mid, 0);
  const columns = drawn?.batches.get(plan.id);
  const range = (name: BatchFigure): Range =>
    rangeOf(mid[name][0] ?? 0, columns?.[name] ?? new Float64Array(0));
  const known = (name: BatchFigure): Answer => (plan.liquid ? range(name) : null);
  return {
    id: plan.id,
    meat: {
      rawG: range('rawG'),
      trimG: range('trimG'),
      boneG: range('boneG'),
      boneOutG: range('boneOutG'),
      cookedG: range('cookedG'),
      /** With its bones, as it lies on the bench. */
      onBenchG: range('onBenchG'),
      cookedYield: range('cookedYield'),
      pickingsG: range('pickingsG'),
      shredG: range('shredG'),
      shredYield: range('shredYield'),
    },
    liquid: {
      pouredMl: known('pouredMl'),
      juiceMl: range('juiceMl'),
      fatG: range('fatG'),
      steamMl: known('steamMl'),
      solidsG: known('solidsG'),
      skimG: known('skimG'),
      brothMl: plan.batch.strain ? known('liquidMl') : null,
      sauceMl: plan.batch.strain ? null : known('liquidMl'),
      saltPct: known('saltPct'),
    },
    ready: {
      firstCheckMin: plan.ready?.firstCheck ?? null,
      min: plan.ready ? range('readyMin') : null,
    },
    lots: plan.lots.flatMap((lot, i) => {
      const m = mass.lots[i];
      const cut = plan.cuts[i];
      if (!m || !cut) return [];
      return [lotReckoning(lot.id, cut, m)];
    }),
    pot: potOf(plan),
    need,
    dry: plan.liquid !== undefined && mass.liquid.dry,
  };
}

function mealOf(
  tickets: MealPlan['tickets'],
  { served, batches }: Centre,
  plans: readonly BatchPlan[],
  drawn: Drawn | undefined,
): MealReckoning {
  const liquidKnown = plans.every((plan) => plan.liquid !== undefined);
  const { meatG: needG, liquidMl: needMl } = needOf(tickets);
  const total = tickets.reduce((sum, ticket) => sum + ticket.count, 0);
  const counted = total > 0 && plans.some((plan) => plan.lots.length > 0) ? drawn : undefined;
  const shredG = batches.reduce((sum, { mass }) => sum + mass.lots.reduce((s, lot) => s + lot.shred, 0), 0);
  const liquidMl = batches.reduce((sum, { plan, mass }) => sum + (plan.liquid ? mass.liquid.ml : 0), 0);
  const shortage = counted && shortages(counted);
  const largest = largestLot(plans);
  const moreG = counted && largest ? moreRaw(counted, perRawOf(largest, plans, counted)) : 0;
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
      meatG: range(served.meatG[t] ?? 0, drawn?.meatG[t]),
      liquidMl: liquidKnown
        ? range((served.ladledMl[t] ?? 0) + (served.heldMl[t] ?? 0), drawn?.servedMl[t])
        : null,
      heldMl: liquidKnown ? range(served.heldMl[t] ?? 0, drawn?.heldMl[t]) : null,
    })),
    enough: shortage && liquidKnown ? shortage.enough : null,
    shortFirst: shortage && liquidKnown ? shortage.first : null,
    plates:
      plates && liquidKnown
        ? {
            total,
            surely: Math.floor(percentileOfSorted(plates, 1 - SURELY)),
            likely: Math.floor(percentileOfSorted(plates, 0.5)),
          }
        : null,
    more: largest && moreG > 0 ? { batch: largest.batch, lot: largest.lot, grams: moreG } : null,
    moreMl: shortage && liquidKnown && shortage.ml > 0 ? shortage.ml : null,
    leftG: range(served.leftG, drawn?.leftG),
    leftMl: liquidKnown ? range(served.leftMl, drawn?.leftMl) : null,
    // Last, since taking a range sorts its draws.
    shredG: range(shredG, drawn?.shredG),
    liquidMl: liquidKnown ? range(liquidMl, drawn?.liquidMl) : null,
  };
}

/** How often the whole meal is fed, and which of the two runs short more often. */
function shortages({ n, shredG, needG, liquidMl, needMl }: Drawn) {
  let enough = 0;
  let meat = 0;
  let liquid = 0;
  const missingMl = new Float64Array(n);
  for (let d = 0; d < n; d += 1) {
    const shortG = (needG[d] ?? 0) - (shredG[d] ?? 0);
    const shortMl = (needMl[d] ?? 0) - (liquidMl[d] ?? 0);
    missingMl[d] = shortMl;
    if (shortG > 0) meat += 1;
    if (shortMl > 0) liquid += 1;
    if (shortG <= 0 && shortMl <= 0) enough += 1;
  }
  const first = meat === 0 && liquid === 0 ? null : meat >= liquid ? ('meat' as const) : ('liquid' as const);
  return { enough: enough / n, first, ml: percentileOfSorted(missingMl.sort(), SURELY) };
}

/** Raw weight of the largest lot's cut that would feed all in 95 draws of 100, g; 0 if they are fed. */
function moreRaw({ n, shredG, needG }: Drawn, perRaw: Float64Array): number {
  const grams = new Float64Array(n);
  for (let d = 0; d < n; d += 1) {
    const short = (needG[d] ?? 0) - (shredG[d] ?? 0);
    grams[d] = short / Math.max(1e-9, perRaw[d] ?? 0);
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
  return (drawn.lotShredG[i] ?? new Float64Array(drawn.n)).map((shred) => shred / rawG);
}

/** Missing and found, largest first, with their share of what went into their batch. */
function unaccountedOf(ledger: readonly LedgerFlow[]): Reckoning['unaccounted'] {
  const into = new Map<string, number>();
  for (const flow of ledger) {
    if (flow.from === 'shop' || flow.from === 'cupboard') {
      into.set(flow.batch, (into.get(flow.batch) ?? 0) + massOf(flow.now));
    }
  }
  return ledger
    .filter((flow) => flow.material === 'missing' || flow.material === 'found')
    .map((flow) => ({
      flow,
      grams: massOf(flow.now),
      share: massOf(flow.now) / (into.get(flow.batch) ?? Infinity),
    }))
    .filter(({ grams }) => grams > 0)
    .sort((a, b) => b.grams - a.grams);
}
