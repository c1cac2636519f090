import { valueAt } from '../../quantity/index.ts';
import { emptyLiquidMass, mlOf, saltShareOf } from '../../broth/index.ts';
import { logNormals, normals, ones } from './normals.ts';
import { emptyServed, serve, type ServeDraw } from '../../plates/index.ts';
import { learnSpreads } from '../posterior/spreads.ts';
import { plainDraw, posteriorOf, put } from '../posterior/posterior.ts';
import { batchColumns } from './figures.ts';
import { numberOfDraws, type Drawn } from './drawn.ts';
import type { OpenedMeal } from '../openMeal.ts';
import type { BatchPlan, MealPlan } from '../plan/plan.ts';
import { stretchedG } from '../plan/stretch.ts';
import { emptyBatchMass, runBatch } from '../nominal/run.ts';

/** Relative spreads of the plates, log-normal with median 1 (estimates; the log replaces them). */
const spread = {
  soak: Math.hypot(learnSpreads.soak.kitchen, learnSpreads.soak.own),
  /** A heavy hand is the meal's, a little of it each dish's, and each serving has its own. */
  hand: 0.04,
  portion: 0.03,
  serving: 0.1,
};

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
export function meatDrawsOf({ input, plan, now }: OpenedMeal): Drawn {
  const dry = now.map((batch): BatchPlan => ({ ...batch, liquid: undefined, ready: undefined }));
  return drawMeal({
    input,
    plan,
    now: dry,
    posterior: posteriorOf(input.meal.id, dry, { learned: input.learned }),
  });
}

/**
 * Runs the meal once for each draw of its posterior. Random numbers are keyed by meal, batch, lot and quantity, so an
 * edit moves only what it touches and more meat never lowers the chance.
 */
function drawMeal({
  input,
  plan: mealPlan,
  now: plans,
  posterior,
}: Pick<OpenedMeal, 'input' | 'plan' | 'now' | 'posterior'>): Drawn {
  const meal = input.meal.id;
  const n = numberOfDraws(plans);
  const { tickets } = mealPlan;
  const column = () => new Float64Array(n);
  const columns = posterior.drawn(n);
  const drawn: Drawn = {
    n,
    batches: new Map(plans.map((plan) => [plan.id, batchColumns(n)])),
    liquids: new Map(
      plans.map((plan) => [
        plan.id,
        emptyLiquidMass(plan.liquid?.steps ?? []).liquids.map(() => ({ ml: column(), saltPct: column() })),
      ]),
    ),
    plates: column(),
    needG: column(),
    needMl: column(),
    shredG: column(),
    liquidMl: column(),
    leftG: column(),
    leftMl: column(),
    meatG: tickets.map(column),
    servedMl: tickets.map(column),
    filled: tickets.map(column),
    shortOf: tickets.map(() => new Uint8Array(n)),
    heldMl: tickets.map(column),
    lotShredG: plans.flatMap(({ lots }) => lots.map(column)),
  };

  const none = ones(n);
  let firstLot = 0;
  for (const [b, plan] of plans.entries()) {
    const mine = posterior.latents.flatMap((latent, i) => {
      const of = columns[i];
      return latent.batch === b && of ? [{ latent, of }] : [];
    });
    const minutes = readyMinutes(meal, plan, n);
    const far = donenessDraws(meal, plan, n);
    const figures = drawn.batches.get(plan.id);
    const liquids = drawn.liquids.get(plan.id) ?? [];
    const mass = emptyBatchMass(plan);
    const draw = plainDraw(plan);
    for (let d = 0; d < n; d += 1) {
      for (const { latent, of } of mine) put(draw, latent, valueAt(of, d));
      for (const [i, lot] of draw.lots.entries()) lot.doneness = valueAt(far[i] ?? none, d);
      draw.liquid.minutes = openFactor(plan, valueAt(minutes, d));
      runBatch(plan, draw.lots, draw.liquid, mass);
      figures?.write(mass, plan, valueAt(minutes, d) - (plan.ready?.potFrom ?? 0), d);
      for (const [i, lot] of mass.lots.entries()) {
        drawn.shredG[d] = valueAt(drawn.shredG, d) + lot.bowl;
        const own = drawn.lotShredG[firstLot + i];
        if (own) own[d] = lot.bowl;
      }
      for (const [i, liquid] of mass.liquid.liquids.entries()) {
        const own = liquids[i];
        if (!own) continue;
        own.ml[d] = liquid.ml;
        own.saltPct[d] = 100 * saltShareOf(liquid);
      }
      drawn.shredG[d] = valueAt(drawn.shredG, d) + stretchedG(plan, mass.liquid);
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

const product = (a: Float64Array, b: Float64Array): Float64Array => a.map((x, d) => x * valueAt(b, d));

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
  return tickets.map(({ id, heldSpread = spread.soak }) => ({
    portion: product(
      logNormals(`${meal}|hand`, spread.hand, n),
      logNormals(`${meal}|${id}|portion`, spread.portion, n),
    ),
    serving: normals(`${meal}|${id}|serving`, n),
    held: logNormals(`${meal}|${id}|held`, heldSpread, n),
    one: logNormals(`${meal}|${id}|one`, spread.serving, n),
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
      const [filled, shortOf] = [drawn.filled[t], drawn.shortOf[t]];
      if (filled) filled[d] = valueAt(served.filled, t);
      if (shortOf) shortOf[d] = served.shortOf[t] ?? 0;
      if (meat) meat[d] = valueAt(served.meatG, t) * one;
      if (held) held[d] = valueAt(served.heldMl, t);
      if (ml) ml[d] = valueAt(served.ladledMl, t) * one + valueAt(served.heldMl, t);
    }
  }
}
