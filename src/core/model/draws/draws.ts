import { valueAt } from '../../quantity/index.ts';
import { mlOf, type LiquidDraw } from '../../broth/index.ts';
import { logNormals, normals, ones } from './normals.ts';
import { nominalLot, type LotDraw } from '../../meat/index.ts';
import { emptyServed, serve, type ServeDraw } from '../../plates/index.ts';
import type { Nominal } from '../nominal/nominal.ts';
import { batchColumns } from './figures.ts';
import { numberOfDraws, type Drawn } from './drawn.ts';
import type { OpenedMeal } from '../openMeal.ts';
import type { BatchPlan, MealPlan } from '../plan/plan.ts';
import { emptyBatchMass, runBatch } from '../nominal/run.ts';
import { drawYields, yieldLots } from './yieldDraws.ts';

/** Relative spreads, log-normal with median 1 (estimates; the log replaces them). */
const spread = {
  bone: 0.1,
  trim: 0.25,
  pickings: 0.3,
  /** What a cut renders (its lots share it), and what dissolves of one lot. */
  fat: 0.4,
  gelatin: 0.45,
  steam: 0.25,
  held: 0.2,
  soak: 0.35,
  portion: 0.05,
  skim: 0.1,
};

/** 1 + spread · z: a weight that was typed as a range is normal. */
const spreadAbout = (key: string, sigma: number, n: number): Float64Array =>
  sigma === 0 ? ones(n) : normals(key, n).map((z) => 1 + sigma * z);

interface LotColumns {
  readonly raw: Float64Array;
  readonly bone: Float64Array;
  readonly trim: Float64Array;
  readonly pickings: Float64Array;
  readonly fat: Float64Array;
  readonly gelatin: Float64Array;
}

function lotColumns(meal: string, plan: BatchPlan, n: number): readonly LotColumns[] {
  return plan.lots.map((lot) => {
    const key = (quantity: string) => `${meal}|${plan.id}|${lot.id}|${quantity}`;
    return {
      raw: spreadAbout(key('raw'), lot.rawSpread, n),
      bone: lot.boneShare > 0 ? logNormals(key('bone'), spread.bone, n) : ones(n),
      trim: lot.trim.share > 0 ? logNormals(key('trim'), spread.trim, n) : ones(n),
      pickings: logNormals(key('pickings'), spread.pickings, n),
      fat: logNormals(`${meal}|cut|${lot.cut}|fat`, spread.fat, n),
      gelatin: logNormals(key('gelatin'), spread.gelatin, n),
    };
  });
}

const known = new WeakMap<OpenedMeal, Drawn>();

/** The draws of an opened meal: drawn when they are first asked for, and then kept with it. */
export function drawsOf(meal: OpenedMeal): Drawn {
  const drawn = known.get(meal) ?? drawMeal(meal);
  known.set(meal, drawn);
  return drawn;
}

/**
 * The same draws of the meat alone, for a question that asks nothing of the liquid: they are keyed, so what is left
 * out moves none of the others. Its liquid figures are nought.
 */
export function meatDrawsOf({ input, plan, now, nominal }: OpenedMeal): Drawn {
  const dry = now.map((batch): BatchPlan => ({ ...batch, liquid: undefined, ready: undefined }));
  return drawMeal({ input, plan, now: dry, nominal });
}

/**
 * Runs the meal once for each draw. Random numbers are keyed by meal, batch, lot and quantity, so an
 * edit moves only what it touches and more meat never lowers the chance.
 */
function drawMeal({
  input,
  plan: mealPlan,
  now: plans,
  nominal,
}: Pick<OpenedMeal, 'input' | 'plan' | 'now' | 'nominal'>): Drawn {
  const meal = input.meal.id;
  const n = numberOfDraws(plans);
  const { tickets } = mealPlan;
  const column = () => new Float64Array(n);
  const seen = (batch: string, lot: string) => seenYield(nominal, batch, lot);
  const lots = yieldLots(plans, seen);
  const yields = drawYields(meal, lots, n);
  const drawn: Drawn = {
    n,
    batches: new Map(plans.map((plan) => [plan.id, batchColumns(n)])),
    plates: column(),
    needG: column(),
    needMl: column(),
    shredG: column(),
    liquidMl: column(),
    leftG: column(),
    leftMl: column(),
    meatG: tickets.map(column),
    servedMl: tickets.map(column),
    heldMl: tickets.map(column),
    lotShredG: lots.map(column),
  };

  const none = ones(n);
  let firstLot = 0;
  for (const plan of plans) {
    const columns = lotColumns(meal, plan, n);
    const steam = logNormals(`${meal}|${plan.id}|steam`, spread.steam, n);
    const held = logNormals(`${meal}|${plan.id}|held`, spread.held, n);
    const poured = logNormals(`${meal}|${plan.id}|poured`, plan.liquid?.pouredSpread ?? 0, n);
    const salt = logNormals(`${meal}|${plan.id}|salt`, plan.liquid?.saltSpread ?? 0, n);
    const minutes = readyMinutes(meal, plan, n);
    const far = donenessDraws(meal, plan, n);
    const skim = logNormals(`${meal}|${plan.id}|skim`, spread.skim, n);
    const figures = drawn.batches.get(plan.id);
    const mass = emptyBatchMass(plan);
    const lotDraws: LotDraw[] = plan.lots.map(() => ({ ...nominalLot }));
    const liquidDraw: LiquidDraw = { poured: 1, steam: 1, held: 1, minutes: 1, skim: 1, salt: 1 };
    for (let d = 0; d < n; d += 1) {
      for (let i = 0; i < lotDraws.length; i += 1) {
        const to = lotDraws[i];
        const from = columns[i];
        if (!to || !from) continue;
        to.raw = valueAt(from.raw, d);
        to.bone = valueAt(from.bone, d);
        to.trim = valueAt(from.trim, d);
        to.pickings = valueAt(from.pickings, d);
        to.fat = valueAt(from.fat, d);
        to.gelatin = valueAt(from.gelatin, d);
        to.doneness = valueAt(far[i] ?? none, d);
        to.y = yields[firstLot + i]?.[d] ?? 1;
      }
      liquidDraw.poured = valueAt(poured, d);
      liquidDraw.steam = valueAt(steam, d);
      liquidDraw.held = valueAt(held, d);
      liquidDraw.minutes = openFactor(plan, valueAt(minutes, d));
      liquidDraw.skim = valueAt(skim, d);
      liquidDraw.salt = valueAt(salt, d);
      runBatch(plan, lotDraws, liquidDraw, mass);
      figures?.write(mass, plan, valueAt(minutes, d) - (plan.ready?.potFrom ?? 0), d);
      for (const [i, lot] of mass.lots.entries()) {
        drawn.shredG[d] = valueAt(drawn.shredG, d) + lot.shred;
        const own = drawn.lotShredG[firstLot + i];
        if (own) own[d] = lot.shred;
      }
      if (plan.liquid) drawn.liquidMl[d] = valueAt(drawn.liquidMl, d) + mlOf(mass.liquid);
    }
    firstLot += plan.lots.length;
  }
  drawServing(meal, mealPlan, drawn);
  return drawn;
}

/** Minutes of the cook until a batch is ready, in each draw: its heat's error shared by its lots. */
export function readyMinutes(meal: string, { id, ready }: BatchPlan, n: number): Float64Array {
  if (!ready) return new Float64Array(n);
  const shared = normals(`${meal}|${id}|heat`, n);
  return ready.odds.drawn(
    shared,
    ready.lots.map((lot) => normals(`${meal}|${id}|${lot.id}|tender`, n)),
  );
}

/** How far each lot is at the end of a timed cook, against the plan: by the same draws as its minutes. */
function donenessDraws(meal: string, { id, ready, lots }: BatchPlan, n: number): readonly Float64Array[] {
  const shared = normals(`${meal}|${id}|heat`, n);
  return lots.map((lot) => {
    if (!ready || Number.isNaN(lot.doneness)) return ones(n);
    const spread = ready.odds.spreadOf(ready.lots.findIndex((one) => one.id === lot.id));
    const own = normals(`${meal}|${id}|${lot.id}|tender`, n);
    return own.map((z, d) => Math.exp(spread.shared * valueAt(shared, d) + spread.own * z));
  });
}

/** What the open phase is multiplied by if the pot is ready then: the timed ones about it keep their length. */
function openFactor({ ready, liquid }: BatchPlan, minutes: number): number {
  if (!ready || !liquid || liquid.minutesOpen <= 0) return 1;
  return Math.max(0, liquid.minutesOpen + minutes - ready.median) / liquid.minutesOpen;
}

function seenYield(nominal: Nominal, batch: string, lot: string): number {
  const at = nominal.batches.find(({ plan }) => plan.id === batch);
  const i = at?.plan.lots.findIndex((l) => l.id === lot) ?? -1;
  const plan = at?.plan.lots[i];
  const mass = at?.mass.lots[i];
  if (!plan || !mass || Number.isNaN(plan.weighed.cooked) || mass.plannedY <= 0 || mass.y <= 0) return NaN;
  return Math.log(mass.y / mass.plannedY);
}

interface ServingColumns {
  /** Multiplies every portion of the ticket, and what its shred holds. */
  readonly portion: Float64Array;
  readonly held: Float64Array;
  /** Standard normal of the sum of its serving errors. */
  readonly serving: Float64Array;
  /** Multiplies one serving about the portion. */
  readonly one: Float64Array;
}

/** How the plates are filled, by ticket and draw: keyed by meal and dish. */
export function servingColumns(
  meal: string,
  tickets: MealPlan['tickets'],
  n: number,
): readonly ServingColumns[] {
  return tickets.map(({ id }) => ({
    portion: logNormals(`${meal}|${id}|portion`, spread.portion, n),
    serving: normals(`${meal}|${id}|serving`, n),
    held: logNormals(`${meal}|${id}|held`, spread.soak, n),
    one: logNormals(`${meal}|${id}|one`, 0.1, n),
  }));
}

function drawServing(meal: string, { tickets }: MealPlan, drawn: Drawn): void {
  const { n } = drawn;
  const columns = servingColumns(meal, tickets, n);
  const draw: ServeDraw = {
    portion: new Float64Array(tickets.length),
    serving: new Float64Array(tickets.length),
    held: new Float64Array(tickets.length),
  };
  const served = emptyServed(tickets.length);
  for (let d = 0; d < n; d += 1) {
    for (const [t, column] of columns.entries()) {
      draw.portion[t] = valueAt(column.portion, d);
      draw.serving[t] = valueAt(column.serving, d);
      draw.held[t] = valueAt(column.held, d);
    }
    serve(tickets, valueAt(drawn.shredG, d), valueAt(drawn.liquidMl, d), draw, served);
    drawn.plates[d] = served.plates;
    drawn.needG[d] = served.needG;
    drawn.needMl[d] = served.needMl;
    drawn.leftG[d] = served.leftG;
    drawn.leftMl[d] = served.leftMl;
    for (const [t, column] of columns.entries()) {
      const one = valueAt(column.one, d);
      const [meat, ml, held] = [drawn.meatG[t], drawn.servedMl[t], drawn.heldMl[t]];
      if (meat) meat[d] = valueAt(served.meatG, t) * one;
      if (held) held[d] = valueAt(served.heldMl, t);
      if (ml) ml[d] = valueAt(served.ladledMl, t) * one + valueAt(served.heldMl, t);
    }
  }
}
