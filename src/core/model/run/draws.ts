import { wholeAt, valueAt, entryAt } from '../../columns/index.ts';
import { emptyLiquidMass, type LiquidDraw, mlOf, saltShareOf } from '../../broth/index.ts';
import type { LotDraw } from '../../meat/index.ts';
import { logNormals, normals, ones } from './normals.ts';
import {
  type Booked,
  emptyServed,
  fillingOf,
  forPlates,
  goneOf,
  isMixed,
  restOf,
  type ServeDraw,
  serveFrom,
} from '../../plates/index.ts';
import { HAND, learnSpreads } from '../belief/spreads.ts';
import { plainDraw, type Posterior, posteriorOf } from '../belief/posterior.ts';
import { type BatchColumns, batchColumns } from './figures.ts';
import { numberOfDraws, type Drawn, type LiquidColumns } from './drawn.ts';
import type { OpenedMeal } from '../openMeal.ts';
import type { BatchPlan, MealPlan } from '../plan/plan.ts';
import { bowlG } from '../plan/stretch.ts';
import { emptyBatchMass, runBatch } from './run.ts';

/** Relative spreads of the plates, log-normal with median 1 (estimates; the log replaces them). */
const spread = {
  soak: Math.hypot(learnSpreads.soak.kitchen, learnSpreads.soak.own),
  /** A hand's error is the kitchen's (`HAND`), a level scoop's far less; a little is each dish's, and each serving has its own. */
  scoop: 0.04,
  portion: 0.03,
  serving: 0.1,
};

const known = new WeakMap<OpenedMeal, Drawn>();

/**
 * The draws of an opened meal: drawn when they are first asked for, and then kept with it.
 * @param atMost so many; absent: as many as there is time for
 */
export function drawsOf(meal: OpenedMeal, atMost = Infinity): Drawn {
  const drawn = known.get(meal) ?? drawMeal(meal, meal.nominal.booked, atMost);
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
function drawMeal(
  { input, plan: mealPlan, now: plans, posterior }: Pick<OpenedMeal, 'input' | 'plan' | 'now' | 'posterior'>,
  booked: readonly Booked[] = [],
  atMost = Infinity,
): Drawn {
  const meal = input.meal.id;
  const n = Math.min(atMost, numberOfDraws(plans));
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
    restG: column(),
    restMl: column(),
    shredBy: plans.map(column),
    liquidBy: plans.map(column),
    leftG: column(),
    leftMl: column(),
    meatG: tickets.map(column),
    servedMl: tickets.map(column),
    filled: tickets.map(column),
    shortOf: tickets.map(() => new Uint8Array(n)),
    heldMl: tickets.map(column),
    lotShredG: plans.flatMap(({ lots }) => lots.map(column)),
  };

  let firstLot = 0;
  for (const [b, plan] of plans.entries()) {
    const figures = drawn.batches.get(plan.id);
    if (!figures) continue;
    const mine = multipliersIn(b, plan, posterior.latents, columns, n);
    drawBatch(plan, mine, readyMinutes(meal, plan, n), donenessDraws(meal, plan, n), {
      drawn,
      figures,
      liquids: drawn.liquids.get(plan.id) ?? [],
      lots: drawn.lotShredG.slice(firstLot, firstLot + plan.lots.length),
      shred: entryAt(drawn.shredBy, b),
      liquid: entryAt(drawn.liquidBy, b),
    });
    firstLot += plan.lots.length;
  }
  drawServing(meal, mealPlan, plans, booked, drawn);
  return drawn;
}

/** The multipliers of one batch, a column each: of every lot, and of its liquid. */
interface Multipliers {
  readonly lots: readonly Readonly<Record<keyof LotDraw, Float64Array>>[];
  readonly liquid: Readonly<Record<keyof LiquidDraw, Float64Array>>;
}

/** Picks a batch's own out of all columns; what is not spread is one throughout. */
function multipliersIn(
  batch: number,
  { lots }: BatchPlan,
  latents: Posterior['latents'],
  columns: readonly Float64Array[],
  n: number,
): Multipliers {
  const none = ones(n);
  const { raw, bone, trim, y, fat, gelatin, pickings, doneness } = allOf(none);
  const ofLots = lots.map(() => ({ raw, bone, trim, y, fat, gelatin, pickings, doneness }));
  const liquid = { poured: none, steam: none, held: none, minutes: none, skim: none, salt: none };
  for (const [i, latent] of latents.entries()) {
    const column = columns[i];
    if (latent.batch !== batch || !column) continue;
    if (latent.lot === undefined) liquid[latent.what as keyof LiquidDraw] = column;
    else {
      const lot = ofLots[latent.lot];
      if (lot) lot[latent.what as keyof LotDraw] = column;
    }
  }
  return { lots: ofLots, liquid };
}

const allOf = (column: Float64Array): Record<keyof LotDraw, Float64Array> => ({
  raw: column,
  bone: column,
  trim: column,
  y: column,
  fat: column,
  gelatin: column,
  pickings: column,
  doneness: column,
});

/** Where the draws of a batch are written. */
interface Written {
  readonly drawn: Drawn;
  readonly figures: BatchColumns;
  readonly liquids: readonly LiquidColumns[];
  readonly lots: readonly Float64Array[];
  readonly shred: Float64Array;
  readonly liquid: Float64Array;
}

/** Runs one batch once a draw. Loops by number and fields by name: it is the innermost of all that is worked out. */
function drawBatch(
  plan: BatchPlan,
  { lots, liquid }: Multipliers,
  minutes: Float64Array,
  far: readonly Float64Array[],
  { drawn, figures, liquids, lots: lotShredG, shred, liquid: poured }: Written,
): void {
  const mass = emptyBatchMass(plan);
  const draw = plainDraw(plan);
  const potFrom = plan.ready?.potFrom ?? 0;
  for (let d = 0; d < drawn.n; d += 1) {
    for (let i = 0; i < lots.length; i += 1) {
      const column = lots[i];
      const lot = draw.lots[i];
      if (!column || !lot) continue;
      lot.raw = valueAt(column.raw, d);
      lot.bone = valueAt(column.bone, d);
      lot.trim = valueAt(column.trim, d);
      lot.y = valueAt(column.y, d);
      lot.fat = valueAt(column.fat, d);
      lot.gelatin = valueAt(column.gelatin, d);
      lot.pickings = valueAt(column.pickings, d);
      lot.doneness = valueAt(entryAt(far, i), d);
    }
    const ready = valueAt(minutes, d);
    draw.liquid.poured = valueAt(liquid.poured, d);
    draw.liquid.steam = valueAt(liquid.steam, d);
    draw.liquid.held = valueAt(liquid.held, d);
    draw.liquid.skim = valueAt(liquid.skim, d);
    draw.liquid.salt = valueAt(liquid.salt, d);
    draw.liquid.minutes = openFactor(plan, ready);
    runBatch(plan, draw.lots, draw.liquid, mass);
    figures.write(mass, plan, ready - potFrom, d);
    for (let i = 0; i < lotShredG.length; i += 1) {
      const own = lotShredG[i];
      const lot = mass.lots[i];
      if (!own || !lot) continue;
      own[d] = lot.bowl;
    }
    for (let i = 0; i < liquids.length; i += 1) {
      const own = liquids[i];
      const one = mass.liquid.liquids[i];
      if (!own || !one) continue;
      own.ml[d] = one.ml;
      own.saltPct[d] = 100 * saltShareOf(one);
    }
    shred[d] = bowlG({ plan, mass });
    // What is left of a pot that boils dry is no broth.
    if (plan.liquid) poured[d] = mass.liquid.dry ? 0 : mlOf(mass.liquid);
    drawn.shredG[d] = valueAt(drawn.shredG, d) + valueAt(shred, d);
    drawn.liquidMl[d] = valueAt(drawn.liquidMl, d) + valueAt(poured, d);
  }
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
  return tickets.map(({ id, levels, heldSpread = spread.soak }) => ({
    portion: product(
      logNormals(`${meal}|hand`, levels?.meat.length ? spread.scoop : HAND, n),
      logNormals(`${meal}|${id}|portion`, spread.portion, n),
    ),
    serving: normals(`${meal}|${id}|serving`, n),
    held: logNormals(`${meal}|${id}|held`, heldSpread, n),
    one: logNormals(`${meal}|${id}|one`, spread.serving, n),
  }));
}

const plus = (a: number, b: number): number => a + b;
const meanOf = (column: Float64Array): number => column.reduce(plus, 0) / Math.max(1, column.length);

/** What is out is out in every draw; the rest is filled from what each leaves of it. */
function drawServing(
  meal: string,
  { tickets: all }: MealPlan,
  plans: readonly BatchPlan[],
  booked: readonly Booked[],
  drawn: Drawn,
): void {
  const { n } = drawn;
  const batches = plans.map(({ id }) => id);
  const tickets = restOf(all, booked);
  const gone = batches.map((batch) => goneOf(batch, booked));
  const shares = plans.map(({ batch }) => forPlates(batch));
  // More than was ordered fills no other dish's plates.
  const outOf = all.map(({ count }, t) => Math.min(count, booked[t]?.servings ?? 0));
  const isOut = outOf.reduce(plus, 0);
  const pools = { g: new Float64Array(batches.length), ml: new Float64Array(batches.length) };
  const middle = (columns: readonly Float64Array[]) =>
    Float64Array.from(columns, (column, b) => entryAt(shares, b) * meanOf(column));
  const filling = fillingOf(
    tickets,
    plans.map(({ id, batch }) => ({ id, mixed: isMixed(batch) })),
    { g: middle(drawn.shredBy), ml: middle(drawn.liquidBy) },
  );
  const columns = servingColumns(meal, tickets, n);
  const draw: ServeDraw = {
    portion: new Float64Array(tickets.length),
    serving: new Float64Array(tickets.length),
    held: new Float64Array(tickets.length),
  };
  const served = emptyServed(tickets.length, batches.length);
  for (let d = 0; d < n; d += 1) {
    for (let t = 0; t < columns.length; t += 1) {
      const column = entryAt(columns, t);
      draw.portion[t] = valueAt(column.portion, d);
      draw.serving[t] = valueAt(column.serving, d);
      draw.held[t] = valueAt(column.held, d);
    }
    for (let b = 0; b < batches.length; b += 1) {
      const { g, ml } = entryAt(gone, b);
      const share = entryAt(shares, b);
      pools.g[b] = Math.max(0, share * valueAt(entryAt(drawn.shredBy, b), d) - g);
      pools.ml[b] = Math.max(0, share * valueAt(entryAt(drawn.liquidBy, b), d) - ml);
    }
    drawn.restG[d] = pools.g.reduce(plus, 0);
    drawn.restMl[d] = pools.ml.reduce(plus, 0);
    serveFrom(tickets, pools, filling, draw, served);
    drawn.plates[d] = isOut + served.plates;
    drawn.needG[d] = served.needG;
    drawn.needMl[d] = served.needMl;
    drawn.leftG[d] = served.leftG;
    drawn.leftMl[d] = served.leftMl;
    for (let t = 0; t < columns.length; t += 1) {
      const one = valueAt(entryAt(columns, t).one, d);
      const [meat, ml, held] = [drawn.meatG[t], drawn.servedMl[t], drawn.heldMl[t]];
      const [filled, shortOf] = [drawn.filled[t], drawn.shortOf[t]];
      const soaked = valueAt(served.heldMl, t);
      if (filled) filled[d] = entryAt(outOf, t) + valueAt(served.filled, t);
      if (shortOf) shortOf[d] = wholeAt(served.shortOf, t);
      if (meat) meat[d] = valueAt(served.meatG, t) * one;
      if (held) held[d] = soaked;
      if (ml) ml[d] = valueAt(served.ladledMl, t) * one + soaked;
    }
  }
}
