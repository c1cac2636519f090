import { lotWeightProblem, platesProblem } from '../batch/limits.ts';
import type { Batch, Lot, Vessel } from '../batch/schema.ts';
import { noLiquidWeighed, skimShare, sumsOf, type LiquidPlan } from '../broth/index.ts';
import { openPhase, readiness, steamPerHour, type Readiness } from '../clock/index.ts';
import {
  centreOfLot,
  cookLot,
  cutOfLot,
  emptyLotMass,
  findCut,
  nothingWeighed,
  ownCutProblem,
  pickedShare,
  trimPlan,
  type KnownCut,
  type LotPlan,
} from '../meat/index.ts';
import { ticketsOf, type Ticket } from '../order/index.ts';
import {
  airShare,
  BONE_DENSITY,
  brimMl,
  fillOf,
  floorCm2,
  FULL,
  itemsOf,
  MUSCLE_DENSITY,
  planItems,
  levelCm,
  vesselsFor,
  type Fill,
} from '../pot/index.ts';
import { middle, relativeSpread } from '../quantity/index.ts';
import { ingredientsOf, type Input, type Problem } from './input.ts';
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
  readonly vessel: Vessel | undefined;
  readonly fill: Fill;
  /** Where the liquid's line is with all that is in the pot, and how high anything stands, cm. */
  readonly lineCm: number;
  readonly standsCm: number;
}

export interface MealPlan {
  readonly tickets: readonly Ticket[];
  readonly batches: readonly BatchPlan[];
  readonly problems: readonly Problem[];
}

/** Turns the meal as it was typed into numbers, and says what could not be. Salt comes later. */
export function planMeal(input: Input): MealPlan {
  const problems: Problem[] = [...problemsOf(input)];
  const ordered = input.meal.batches.flatMap((id) => input.batches.filter((batch) => batch.id === id));
  const batches = ordered.map((batch) => planBatch(batch, input, problems));
  const readable = input.meal.dishes.filter((dish) => platesProblem(dish.count) === undefined);
  return { tickets: ticketsOf(readable, meatOfPiece(batches)), batches, problems };
}

/** Meat on one piece that is served on its bone, g: of the bone-in lots whose pieces were counted. */
function meatOfPiece(batches: readonly BatchPlan[]): number | undefined {
  const out = emptyLotMass();
  let grams = 0;
  let pieces = 0;
  for (const { batch, lots } of batches) {
    for (const lot of lots) {
      const count = batch.lots.find(({ id }) => id === lot.id)?.pieces?.count;
      if (count === undefined || !(lot.boneShare > 0) || lot.pickShare >= 1) continue;
      cookLot(lot, centreOfLot, out);
      grams += out.shred;
      pieces += count;
    }
  }
  return pieces > 0 ? grams / pieces : undefined;
}

function planBatch(batch: Batch, input: Input, problems: Problem[]): BatchPlan {
  const known = batch.lots.flatMap((lot) => {
    const cut = usableCut(batch, lot, input, problems);
    const rawG = middle(lot.weight);
    return cut && rawG !== undefined && rawG > 0 ? [{ lot, cut: cutOfLot(cut, lot), rawG }] : [];
  });
  const air = airShare(batch);
  const lots = known.map(({ lot, cut, rawG }): LotPlan => ({
    id: lot.id,
    cut: cut.id,
    rawG,
    rawSpread: relativeSpread(lot.weight),
    boneShare: cut.boneShare,
    trim: trimPlan(lot.trim ?? batch.trim, cut.separableFat),
    flesh: cut.flesh,
    pickShare: lot.kind === 'bones' ? 1 : pickedShare(lot.picking ?? batch.picking, cut.leanShare),
    airShare: air,
    weighed: nothingWeighed(),
  }));

  const slowest = slowestReadiness(
    batch,
    known
      .filter(({ lot }) => lot.kind === 'meat')
      .map(({ lot, cut }) => ({ size: lot.pieces?.size ?? batch.size, cut })),
  );
  const rawG = lots.reduce((sum, lot) => sum + lot.rawG, 0);
  const meatMl = lots.reduce(
    (sum, lot) => sum + lot.rawG * ((1 - lot.boneShare) / MUSCLE_DENSITY + lot.boneShare / BONE_DENSITY),
    0,
  );
  const vessel = chooseVessel(batch, input, meatMl);
  const fill = vessel
    ? fillOf(vessel, meatMl, batch.size, batch.level)
    : { meatCm: 0, lineCm: 0, toLineMl: 0 };
  const items = planItems(batch, ingredientsOf(input), rawG, fill.toLineMl);
  for (const item of itemsOf(batch)) {
    if (!ingredientsOf(input).some((i) => i.id === item.ref)) {
      problems.push({
        batch: batch.id,
        item: item.id,
        words: `“${item.ref}” is not in the table of ingredients; choose another.`,
      });
    }
  }
  const otherMl = items.reduce((ml, item) => ml + item.grams / item.density, 0);
  const line = vessel ? levelCm(vessel, fill, meatMl, otherMl) : 0;
  const stands = Math.max(fill.meatCm, line);
  if (vessel && stands > FULL * vessel.heightCm) {
    const litres = (ml: number) => (ml / 1000).toFixed(1);
    const needs = litres((floorCm2(vessel) * stands) / FULL);
    problems.push({
      batch: batch.id,
      words: `This wants a pot of ${needs} l, and ${vessel.name} holds ${litres(brimMl(vessel))} l; take a larger one or split the batch.`,
    });
  }
  return {
    id: batch.id,
    batch,
    lots,
    cuts: known.map(({ cut }) => cut),
    ready: slowest,
    liquid: lots.length > 0 && vessel ? planLiquid(batch, items, vessel, slowest) : undefined,
    vessel,
    fill,
    lineCm: line,
    standsCm: stands,
  };
}

/** The cut of a lot if the reckoning can use the lot; what is wrong with it otherwise. */
function usableCut(batch: Batch, lot: Lot, input: Input, problems: Problem[]): KnownCut | undefined {
  const say = (words: string) => problems.push({ batch: batch.id, lot: lot.id, words });
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
  if (!cut) say(`“${lot.cut}” is not in the table of cuts any more; choose another.`);
  return cut;
}

/** The lot that is tender last decides; if the table cannot tell of one, it cannot tell of the pot. */
function slowestReadiness(
  batch: Batch,
  lots: readonly { readonly size: Batch['size']; readonly cut: KnownCut }[],
): Readiness | undefined {
  const phase = openPhase(batch.cook);
  if (!phase) return undefined;
  const before = batch.cook.slice(0, batch.cook.indexOf(phase));
  let slowest: Readiness | undefined;
  for (const { size, cut } of lots) {
    const ready = readiness(phase, before, size, cut.toughness);
    if (!ready) return undefined;
    if (!slowest || ready.median > slowest.median) slowest = ready;
  }
  return slowest;
}

/** The vessel that was chosen, or the smallest that the meat and its liquid fit into. */
function chooseVessel(batch: Batch, input: Input, meatMl: number): Vessel | undefined {
  const chosen = input.kitchen.vessels.find((v) => v.id === openPhase(batch.cook)?.vessel);
  if (chosen) return chosen;
  const vessels = vesselsFor(openPhase(batch.cook)?.heat ?? 'oven', input.kitchen.vessels);
  const fits = vessels.find((vessel) => {
    const fill = fillOf(vessel, meatMl, batch.size, batch.level);
    return Math.max(fill.meatCm, fill.lineCm) <= FULL * vessel.heightCm;
  });
  return fits ?? vessels.at(-1);
}

function planLiquid(
  batch: Batch,
  items: LiquidPlan['items'],
  vessel: Vessel,
  ready: Readiness | undefined,
): LiquidPlan | undefined {
  const open = openPhase(batch.cook);
  const floor = floorCm2(vessel);
  let steamFixed = 0;
  let minutesFixed = 0;
  let perMinute = 0;
  let minutesOpen = 0;
  for (const phase of batch.cook) {
    const rate = steamPerHour(phase.heat, phase.lid, floor) / 60;
    const minutes = middle(phase.minutes);
    if (minutes !== undefined) {
      // In the open smoke the meat loses water to the air, not the pot.
      if (!(phase.heat === 'smoker' && phase.lid === 'off')) steamFixed += rate * minutes;
      minutesFixed += minutes;
    } else if (phase === open) {
      if (!ready) return undefined;
      perMinute = rate;
      minutesOpen = ready.median;
    }
  }
  const reduceToMl = middle(batch.reduceTo);
  return {
    items,
    ...sumsOf(items),
    saltG: middle(batch.salt) ?? 0,
    steamFixed,
    steamPerMinute: perMinute,
    minutesFixed,
    minutesOpen,
    strain: batch.strain,
    skimShare: skimShare[batch.skim],
    ...(reduceToMl !== undefined && { reduceToMl }),
    weighed: noLiquidWeighed(),
  };
}
