import { isStep } from '../../work/index.ts';
import { bathOf, type PotHeat, type Readiness } from '../../tender/index.ts';
import {
  type Batch,
  cookedIn,
  kitchenAt,
  type Lot,
  lotWeightProblem,
  platesProblem,
  standingOf,
} from '../../meal/index.ts';
import { pullingOf, runLot } from '../../bench/index.ts';
import type { LiquidPlan } from '../../broth/index.ts';
import { isTimed, openPhase, overPot, phaseMinutes } from '../../clock/index.ts';
import {
  nominalLot,
  cutOfLot,
  emptyLotMass,
  findCut,
  lowHeatYield,
  type KnownCut,
  type LotPlan,
  nothingWeighed,
  ownCutProblem,
  cookedFat,
  cookedShare,
  pickAll,
  pickPlan,
  picksAll,
  trimPlan,
} from '../../meat/index.ts';
import type { LotReading } from '../../ledger/index.ts';
import { fatFromPotsOf, type Ticket, ticketsOf } from '../../order/index.ts';
import { asShared } from './shared.ts';
import type { Beside } from '../../plates/index.ts';
import { airShare, BROTH_TARGET, FULL, misfits } from '../../pot/index.ts';
import { midpoint, relativeSpread } from '../../quantity/index.ts';
import type { Input, OfBatch } from '../input.ts';
import { nextOf, priorFor } from '../belief/spreads.ts';
import type { Problem, Says } from '../problem.ts';
import { keptFor } from '../kept.ts';
import { potHeatOf, startIn } from './heat.ts';
import { donenessOf } from './doneness.ts';
import { filledWith } from './filled.ts';
import { type Found, toldOf } from './found.ts';
import { liftedAfter } from './lifted.ts';
import { planLiquid } from './liquid.ts';
import { planReadiness } from './readiness.ts';
import { planSear, toSear, type SearFigures } from './sear.ts';
import { planVessels, type FilledVessel, type LyingLot } from './vessels.ts';
import { type Stretch, stretchOf } from './stretch.ts';
import { planSteam, type BoilsCovered } from './steam.ts';
import { problemsOf } from './problems.ts';

/** A batch as numbers: what the kernels take. */
export interface BatchPlan {
  readonly id: string;
  readonly batch: Batch;
  readonly lots: readonly LotPlan[];
  readonly cuts: readonly KnownCut[];
  /** Undefined where no time is known: then nothing that hangs on the time is either. */
  readonly liquid: LiquidPlan | undefined;
  readonly ready: Readiness | undefined;
  /** What its shred is stretched with. */
  readonly stretch: readonly Stretch[];
  /** The dressed meat as it was weighed, g. */
  readonly dressedG: number | undefined;
  /** Salt wanted of the finished liquid: as written, else as this kitchen likes it. */
  readonly brothTarget: number;
  readonly sear: SearFigures;
  /** How long each phase of the cook lasts, min. */
  readonly lengths: readonly number[];
  /** The vessels as their heat balance sees them, and when and how hard it boils under its lid. */
  readonly pot: PotHeat;
  readonly boilsCovered: BoilsCovered | undefined;
  /** What was weighed of its lots, one by one and over several. */
  readonly weighings: readonly LotWeighing[];
  /** The vessels, the main one first, with all that stands in them before the lid. */
  readonly vessels: readonly FilledVessel[];
}

/** A weighing of some of a batch's lots, by their places. */
export interface LotWeighing {
  readonly flow: LotReading;
  readonly lots: readonly number[];
  readonly grams: number;
}

export interface MealPlan {
  readonly tickets: readonly Ticket[];
  readonly batches: readonly BatchPlan[];
  readonly beside: Beside;
  /** Looked for when they are asked for: some want a heat solve of their own. */
  readonly problems: () => readonly Problem[];
}

/** Turns the meal as it was typed into numbers, and says what could not be. Salt comes later. */
export function planMeal(input: Input): MealPlan {
  const problems: Found = [() => problemsOf(input)];
  const ordered = input.meal.batches.flatMap((id) => input.batches.filter((batch) => batch.id === id));
  // A vessel is one batch's: what has been chosen goes first, then the batches in their order.
  const taken = new Set(
    ordered.flatMap(({ cook, also = [] }) => [openPhase(cook)?.vessel ?? [], also].flat()),
  );
  const batches = ordered.map((batch) => {
    const { plan, problems: own } = plannedBatch(batch, input, taken);
    problems.push(own);
    for (const { vessel } of plan.vessels) taken.add(vessel.id);
    return plan;
  });
  const held = heldWritten(ordered);
  const readable = input.meal.dishes
    .filter((dish) => platesProblem(dish.count) === undefined)
    .map((dish) => (held === undefined || dish.held !== undefined ? dish : { ...dish, held }));
  const tickets = ticketsOf(readable, meatOfPiece(batches)).map((ticket) => {
    const dish = readable.find(({ id }) => id === ticket.id);
    const soaked = dish?.held === undefined ? soaking(ticket, input.learned) : ticket;
    return asShared(soaked, input.meal.share, dish?.locked, input);
  });
  const beside: Beside = {
    fatG: new Map(input.meal.dishes.map((dish) => [dish.id, fatFromPotsOf(dish)])),
    parcels: input.meal.parcels ?? [],
  };
  return { tickets, batches, beside, problems: toldOf(problems) };
}

/** What the shred of this kitchen takes up when nobody says how juicy it is to be. */
function soaking(ticket: Ticket, learned: Input['learned']): Ticket {
  const { n, mean, sd } = nextOf(learned, 'soak', '');
  return n > 0 ? { ...ticket, held: ticket.held * Math.exp(mean), heldSpread: sd } : ticket;
}

/** How juicy the cook dresses the meat, where the dishes do not say: the mean of the pots that do. */
function heldWritten(batches: readonly Batch[]): number | undefined {
  const written = batches.flatMap(
    (batch) => batch.after.filter(isStep('dress')).find(({ held }) => held !== undefined)?.held ?? [],
  );
  return written.length === 0 ? undefined : written.reduce((sum, held) => sum + held, 0) / written.length;
}

/** Meat on one piece that is served on its bone, g: of the bone-in lots whose pieces were counted. */
function meatOfPiece(batches: readonly BatchPlan[]): number | undefined {
  const out = emptyLotMass();
  let grams = 0;
  let pieces = 0;
  for (const { batch, lots } of batches) {
    for (const lot of lots) {
      const count = batch.lots.find(({ id }) => id === lot.id)?.pieces?.count;
      if (count === undefined || !(lot.boneShare > 0) || picksAll(lot.pick)) continue;
      runLot(lot, nominalLot, out);
      grams += out.shred;
      pieces += count;
    }
  }
  return pieces > 0 ? grams / pieces : undefined;
}

const planned = keptFor<{ readonly plan: BatchPlan; readonly problems: () => readonly Problem[] }>();

/** A batch's plan, and what was found wrong with it. It hangs on its own readings, since forks move the time, and on the vessels of the others. */
function plannedBatch(
  batch: Batch,
  { kitchen, reference, learned, entries: all }: Input,
  others: ReadonlySet<string>,
) {
  const entries = standingOf(all, batch.id);
  return planned(batch, [kitchen, reference, learned, ...others, '', ...entries], () => {
    const problems: Found = [];
    const plan = planBatch(batch, { kitchen, reference, learned, entries }, problems, others);
    return { plan, problems: toldOf(problems) };
  });
}

function planBatch(batch: Batch, input: OfBatch, problems: Found, taken: ReadonlySet<string>): BatchPlan {
  const known = batch.lots.flatMap((lot) => {
    const cut = usableCut(batch, lot, input, problems);
    const rawG = midpoint(lot.weight);
    return cut && rawG !== undefined && rawG > 0 ? [{ lot, cut: cutOfLot(cut, lot), rawG }] : [];
  });
  const air = airShare(batch);
  const lowHeat = lowHeatYield(bathOf(openPhase(overPot(batch.cook))));
  const lots = known.map(({ lot, cut, rawG }): LotPlan => ({
    id: lot.id,
    cut: cut.id,
    rawG,
    rawSpread: relativeSpread(lot.weight),
    boneShare: cut.boneShare,
    trim: trimPlan(lot.trim ?? batch.trim, cut.separableFat),
    flesh: cut.flesh,
    wholeY: cookedShare(cut.flesh).y,
    pick: lot.kind === 'bones' ? pickAll : pickPlan(lot.picking ?? batch.picking, cut.leanShare),
    leanFat: cut.leanFat * cookedFat(cut.flesh),
    picks: pullingOf(batch).picks,
    chops: pullingOf(batch).chops,
    onBone: pullingOf(batch).onBone,
    gelatinShare: cut.gelatinShare,
    airShare: air,
    lowHeatY: lowHeat,
    doneness: NaN,
    weighed: nothingWeighed(),
  }));
  const toPan = toSear(
    lots,
    known.map(({ lot }) => lot),
    batch,
  );
  const sear = planSear(batch, toPan, input);
  const rawG = lots.reduce((sum, lot) => sum + lot.rawG, 0);
  const tooSmall = new Set<string>();
  const lie = (minutesOf: (lot: string) => number) =>
    planVessels(
      batch,
      known.map(({ lot, cut }, i): LyingLot => ({
        id: lot.id,
        rawG: midpoint(lot.weight) ?? 0,
        boneShare: cut.boneShare,
        size: toPan[i]?.size ?? batch.size,
        minutes: minutesOf(lot.id),
        placed: lot.placements && new Map(lot.placements.map(({ vessel, share }) => [vessel, share])),
        longestCm: lot.pieces?.longestCm,
        toSear: toPan[i] ?? { lot: lot.id, size: batch.size, grams: 0, count: undefined },
      })),
      input,
      taken,
      tooSmall,
    );
  const fillAll = (vessels: ReturnType<typeof lie>, lengths: readonly number[]) =>
    filledWith(batch, vessels, lengths, rawG, input);

  // How soon it is hot hangs on what is in it when the lid goes on, which hangs on no time.
  let cold = lie(() => 0);
  let first = fillAll(cold, phaseMinutes(batch.cook, LONG));
  // “The smallest that fits” fits all that is poured, not the meat alone.
  const isChosen = openPhase(batch.cook)?.vessel !== undefined || (batch.also?.length ?? 0) > 0;
  for (let main = first.filled[0]; !isChosen && main && isTooFull(main); main = first.filled[0]) {
    if (tooSmall.has(main.vessel.id)) break;
    tooSmall.add(main.vessel.id);
    cold = lie(() => 0);
    first = fillAll(cold, phaseMinutes(batch.cook, LONG));
  }
  const pot = potHeatOf(lots, first.items, first.filled, startIn(batch, first.filled));
  // As its heat is: a smoker open over a pot is no open smoke.
  const heated = { ...batch, cook: [...overPot(batch.cook)] };
  const found = planReadiness(
    heated,
    known.flatMap(({ lot, cut }, i) => {
      const piece = toPan[i];
      return lot.kind === 'meat' && piece ? [{ id: lot.id, cut, toSear: piece }] : [];
    }),
    pot,
    input,
    problems,
  );
  const ready = found === 'never' ? undefined : found;
  const tenderMin = (lot: string) => ready?.lots.find(({ id }) => id === lot)?.tender.mid ?? 0;
  // What is torn when it is tender goes back for a while: it cooks so much longer.
  const torn = midpoint(batch.tear) ?? 0;
  const lengths = phaseMinutes(batch.cook, ready && ready.median + torn);
  const { items, filled, solved } = fillAll(cold.length > 1 ? lie(tenderMin) : cold, lengths);
  problems.push(...fitProblems(batch, filled, solved, input));
  const lifted = liftedAfter(batch, input.entries, ready);
  const steam = planSteam(heated, pot, lengths, lifted, input.kitchen.altitudeM);
  return {
    id: batch.id,
    batch,
    lots: lots.map((lot) => ({
      ...lot,
      doneness: found === 'never' ? 0 : donenessOf(batch, ready, lot.id, lengths),
    })),
    cuts: known.map(({ cut }) => cut),
    ready,
    sear,
    lengths,
    pot,
    boilsCovered: steam?.boilsCovered,
    weighings: [],
    stretch: stretchOf(batch, input),
    dressedG: undefined,
    brothTarget: batch.strength?.liquid ?? BROTH_TARGET * Math.exp(priorFor(input.learned, 'salt', '').mean),
    liquid:
      lots.length > 0 && filled.length > 0 && steam && (ready || isTimed(batch))
        ? planLiquid(batch, items, steam, rawG, sear.fatInPotG, input)
        : undefined,
    vessels: filled,
  };
}

/** Filled higher than is wise. */
export const isTooFull = ({ vessel, standsCm }: FilledVessel) => standsCm > FULL * vessel.heightCm;

/** Longer than any cook until what goes in later does, min. */
const LONG = 24 * 60;

/** What does not fit, with what can be done about it. */
function fitProblems(
  batch: Batch,
  filled: readonly FilledVessel[],
  pour: { item: string; ml: number } | undefined,
  { kitchen }: OfBatch,
): Problem[] {
  const open = openPhase(batch.cook);
  if (!open || filled.every(({ meatMl }) => meatMl === 0)) return [];
  return misfits({
    kitchen: kitchenAt(kitchen, cookedIn(batch, filled[0]?.vessel, kitchen)),
    heat: open.heat,
    lid: open.lid,
    size: batch.size,
    level: batch.level,
    inVessels: filled,
    pour,
  }).map((misfit) => ({ batch: batch.id, stage: 'pot' as const, ...misfit }));
}

/** The cut of a lot if the reckoning can use the lot; what is wrong with it otherwise. */
function usableCut(batch: Batch, lot: Lot, input: OfBatch, problems: Found): KnownCut | undefined {
  const say = (says: Says) => problems.push({ batch: batch.id, lot: lot.id, says });
  const heavy = lotWeightProblem(lot.weight);
  if (heavy !== undefined) {
    say(heavy);
    return undefined;
  }
  if (lot.cut === '') return undefined;
  const own = input.kitchen.cuts.find((cut) => cut.id === lot.cut);
  const wrong = own && ownCutProblem(own, input.reference);
  if (wrong !== undefined) {
    say(wrong);
    return undefined;
  }
  const cut = findCut(lot.cut, input.kitchen, input.reference);
  if (!cut) say({ what: 'unknown cut', id: lot.cut });
  return cut;
}
