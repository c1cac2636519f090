import type { LiquidDraw } from '../../broth/index.ts';
import { normals } from '../../draws/normals.ts';
import type { LotDraw } from '../../meat/index.ts';
import { emptyServed, serve, type ServeDraw } from '../../plates/index.ts';
import type { Centre } from '../centre/centre.ts';
import { batchFigures } from './figures.ts';
import type { Drawn } from './drawn.ts';
import type { BatchPlan, MealPlan } from '../plan/plan.ts';
import { emptyBatchMass, runBatch } from '../centre/run.ts';
import { drawYields, yieldLots } from './yieldDraws.ts';

/** Relative spreads, log-normal with median 1 (estimates; the log replaces them). */
const spread = {
  bone: 0.1,
  trim: 0.25,
  pickings: 0.3,
  steam: 0.25,
  held: 0.2,
  soak: 0.35,
  portion: 0.05,
  skim: 0.1,
};

/** exp(spread · z) for a whole column. */
function factors(key: string, sigma: number, n: number): Float64Array {
  return normals(key, n).map((z) => Math.exp(sigma * z));
}

interface LotColumns {
  readonly raw: Float64Array;
  readonly bone: Float64Array;
  readonly trim: Float64Array;
  readonly pickings: Float64Array;
}

function lotColumns(meal: string, plan: BatchPlan, n: number): readonly LotColumns[] {
  return plan.lots.map((lot) => {
    const key = (quantity: string) => `${meal}|${plan.id}|${lot.id}|${quantity}`;
    return {
      raw: normals(key('raw'), n).map((z) => 1 + lot.rawSpread * z),
      bone: factors(key('bone'), spread.bone, n),
      trim: factors(key('trim'), spread.trim, n),
      pickings: factors(key('pickings'), spread.pickings, n),
    };
  });
}

/**
 * Runs the meal once for each draw. Random numbers are keyed by meal, batch, lot and quantity, so an
 * edit moves only what it touches and more meat never lowers the chance.
 */
export function drawMeal(
  meal: string,
  mealPlan: MealPlan,
  plans: readonly BatchPlan[],
  centre: Centre,
  n: number,
): Drawn {
  const { tickets } = mealPlan;
  const column = () => new Float64Array(n);
  const seen = (batch: string, lot: string) => seenYield(centre, batch, lot);
  const lots = yieldLots(plans, seen);
  const yields = drawYields(meal, lots, n);
  const drawn: Drawn = {
    n,
    batches: new Map(plans.map((plan) => [plan.id, batchFigures.columns(n)])),
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

  let firstLot = 0;
  for (const plan of plans) {
    const columns = lotColumns(meal, plan, n);
    const steam = factors(`${meal}|${plan.id}|steam`, spread.steam, n);
    const held = factors(`${meal}|${plan.id}|held`, spread.held, n);
    const poured = factors(`${meal}|${plan.id}|poured`, plan.liquid?.pouredSpread ?? 0, n);
    const salt = factors(`${meal}|${plan.id}|salt`, plan.liquid?.saltSpread ?? 0, n);
    const minutes = readyMinutes(meal, plan, n);
    const skim = factors(`${meal}|${plan.id}|skim`, spread.skim, n);
    const figures = drawn.batches.get(plan.id);
    const mass = emptyBatchMass(plan);
    const lotDraws: LotDraw[] = plan.lots.map(() => ({ raw: 1, bone: 1, trim: 1, y: 1, pickings: 1 }));
    const liquidDraw: LiquidDraw = { poured: 1, steam: 1, held: 1, minutes: 1, skim: 1, salt: 1 };
    for (let d = 0; d < n; d += 1) {
      for (let i = 0; i < lotDraws.length; i += 1) {
        const to = lotDraws[i];
        const from = columns[i];
        if (!to || !from) continue;
        to.raw = from.raw[d] ?? 1;
        to.bone = from.bone[d] ?? 1;
        to.trim = from.trim[d] ?? 1;
        to.pickings = from.pickings[d] ?? 1;
        to.y = yields[firstLot + i]?.[d] ?? 1;
      }
      liquidDraw.poured = poured[d] ?? 1;
      liquidDraw.steam = steam[d] ?? 1;
      liquidDraw.held = held[d] ?? 1;
      liquidDraw.minutes = openFactor(plan, minutes[d] ?? 0);
      liquidDraw.skim = skim[d] ?? 1;
      liquidDraw.salt = salt[d] ?? 1;
      runBatch(plan, lotDraws, liquidDraw, mass);
      if (figures) batchFigures.write(mass, (minutes[d] ?? 0) - (plan.ready?.potFrom ?? 0), figures, d);
      for (const [i, lot] of mass.lots.entries()) {
        drawn.shredG[d] = (drawn.shredG[d] ?? 0) + lot.shred;
        const own = drawn.lotShredG[firstLot + i];
        if (own) own[d] = lot.shred;
      }
      if (plan.liquid) drawn.liquidMl[d] = (drawn.liquidMl[d] ?? 0) + mass.liquid.ml;
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

/** What the open phase is multiplied by if the pot is ready then: the timed ones about it keep their length. */
function openFactor({ ready, liquid }: BatchPlan, minutes: number): number {
  if (!ready || !liquid || liquid.minutesOpen <= 0) return 1;
  return Math.max(0, liquid.minutesOpen + minutes - ready.median) / liquid.minutesOpen;
}

function seenYield(centre: Centre, batch: string, lot: string): number {
  const at = centre.batches.find(({ plan }) => plan.id === batch);
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
    portion: factors(`${meal}|${id}|portion`, spread.portion, n),
    serving: normals(`${meal}|${id}|serving`, n),
    held: factors(`${meal}|${id}|held`, spread.soak, n),
    one: factors(`${meal}|${id}|one`, 0.1, n),
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
      draw.portion[t] = column.portion[d] ?? 1;
      draw.serving[t] = column.serving[d] ?? 0;
      draw.held[t] = column.held[d] ?? 1;
    }
    serve(tickets, drawn.shredG[d] ?? 0, drawn.liquidMl[d] ?? 0, draw, served);
    drawn.plates[d] = served.plates;
    drawn.needG[d] = served.needG;
    drawn.needMl[d] = served.needMl;
    drawn.leftG[d] = served.leftG;
    drawn.leftMl[d] = served.leftMl;
    for (const [t, column] of columns.entries()) {
      const one = column.one[d] ?? 1;
      const [meat, ml, held] = [drawn.meatG[t], drawn.servedMl[t], drawn.heldMl[t]];
      if (meat) meat[d] = (served.meatG[t] ?? 0) * one;
      if (held) held[d] = served.heldMl[t] ?? 0;
      if (ml) ml[d] = (served.ladledMl[t] ?? 0) * one + (served.heldMl[t] ?? 0);
    }
  }
}
