import { nominalLiquid, type LiquidDraw } from '../../broth/index.ts';
import { runLot } from '../../bench/index.ts';
import { nominalLot, type LotDraw } from '../../meat/index.ts';
import { condition, type Conditioned, type SparseRow } from '../../pooled/index.ts';
import { valueAt, entryAt } from '../../columns/index.ts';
import { Z90 } from '../../quantity/index.ts';
import { normals } from '../run/normals.ts';
import { type BatchDraw, type BatchMass, emptyBatchMass, runBatch } from '../run/run.ts';
import type { BatchPlan } from '../plan/plan.ts';
import {
  covarianceOf,
  latentsOf,
  multiplierOf,
  multipliersOf,
  priorMultipliersOf,
  priorOf,
  type Latent,
} from './latents.ts';
import type { Learned } from '../../meal/index.ts';
import { type Saying, sayingsOf } from './sayings.ts';
import { readingsOf, unread, type Reading } from './readings.ts';

/** What is known of a meal after its weighings: the middle of it, and how a draw of what was known before moves. */
export interface Posterior {
  readonly latents: readonly Latent[];
  /** The middle, for each batch. */
  readonly centre: readonly BatchDraw[];
  /** What each latent multiplies by, in each draw. */
  readonly drawn: (n: number) => readonly Float64Array[];
  /** What the readings say of each kind by themselves: the message that the log learns from. */
  readonly says: () => readonly Saying[];
  /** Readings that can hardly be right beside all else that is known. */
  readonly doubted: () => readonly Doubted[];
}

/** A reading beyond what all the others, and all that was known before, leave likely. */
export interface Doubted extends Pick<Reading, 'batch' | 'of' | 'lots' | 'value'> {
  /** What they foretell of it: 80 in 100 lie between, and its middle. */
  readonly foretold: { readonly mid: number; readonly p10: number; readonly p90: number };
}

/** What is eaten, dropped or left in the pot is no wrong reading (estimate). */
const SLACK = 0.03;

/** The run is bent, so its slopes are taken anew at each better middle. */
const ROUNDS = 4;
const STEP = 0.02;
/** Of more than so many latents the slopes are taken once: each of many bends the run but little. */
const MANY = 300;
/**
 * What a reading can be off and still be of this meat, in standard deviations of what was foretold (estimate): what lies
 * beyond is missing or found.
 */
const PLAUSIBLE = 2.5;

export const plainDraw = (plan: BatchPlan): BatchDraw => ({
  lots: plan.lots.map(() => ({ ...nominalLot })),
  liquid: { ...nominalLiquid },
});

/** Sets the multiplier of a latent in the draw of its batch. */
export function put(draw: BatchDraw | undefined, latent: Latent, value: number): void {
  if (!draw) return;
  const multiplier = multiplierOf(latent, value);
  if (latent.lot === undefined) draw.liquid[latent.what as keyof LiquidDraw] = multiplier;
  else {
    const lot = draw.lots[latent.lot];
    if (lot) lot[latent.what as keyof LotDraw] = multiplier;
  }
}

/**
 * One posterior for the middle and the draws. The logarithms of what nobody knows are normal, with the lots of a cut and of
 * the kitchen sharing theirs; each reading is a linear look at them, by the slopes of the forward run at the middle
 * (Gauss and Newton's steps), so that a weighed shred, pot or broth teaches of all that came before it.
 */
export function posteriorOf(
  meal: string,
  plans: readonly BatchPlan[],
  { learned }: { readonly learned?: Learned | undefined } = {},
): Posterior {
  const latents = latentsOf(meal, plans, learned);
  const readings = readingsOf(plans);
  const priors = (n: number) => latents.map((latent) => priorOf(meal, latent, n));
  const foreseen = (n: number) => latents.map((latent) => priorMultipliersOf(meal, latent, n));
  if (readings.length === 0)
    return {
      latents,
      centre: centreAt(plans, latents, () => 0),
      drawn: foreseen,
      says: () => [],
      doubted: () => [],
    };

  const blind = plans.map(unread);
  const covariance = (i: number, j: number) => covarianceOf(latents[i], latents[j]);
  const noise = readings.map((reading) => reading.noise);
  let middle = new Float64Array(latents.length);
  let rows: readonly SparseRow[] = [];
  let off = new Float64Array(readings.length);
  let conditioned: Conditioned | undefined;
  let far = off;
  let asFirst: { readonly conditioned: Conditioned; readonly far: Float64Array } | undefined;
  for (let round = 0; round < ROUNDS; round += 1) {
    const anew = round === 0 || latents.length <= MANY;
    const looked = lookAt(blind, latents, readings, middle, anew);
    if (anew) rows = looked.rows;
    conditioned = anew || !conditioned ? condition(latents.length, covariance, rows, noise) : conditioned;
    const { gain, spread } = conditioned;
    far = Float64Array.from(readings, ({ value }, r) => {
      // How far the reading is from what was foretold before anything was known.
      const about = (rows[r] ?? []).reduce((sum, [i, slope]) => sum + slope * valueAt(middle, i), 0);
      return Math.log(value / valueAt(looked.foretold, r)) + about;
    });
    // The run is bent: what can hardly be right is judged where the plan stands, not where it would drag it.
    asFirst ??= { conditioned, far };
    off = far.map((one, r) => {
      const most = PLAUSIBLE * valueAt(spread, r);
      return Math.max(-most, Math.min(most, one));
    });
    middle = Float64Array.from(gain, (of) => dot(of, off));
  }
  return {
    latents,
    centre: centreAt(plans, latents, (i) => valueAt(middle, i)),
    // The log judges what was read by what else it knows: it is told all of it, whatever this meal makes of it.
    says: () =>
      conditioned
        ? sayingsOf(
            latents,
            readings,
            Float64Array.from(conditioned.gain, (of) => dot(of, far)),
            covariance,
            rows,
            conditioned,
          )
        : [],
    doubted: () => doubtedOf(readings, asFirst?.conditioned.judged(asFirst.far, SLACK) ?? []),
    drawn: (n) =>
      conditioned
        ? moved(meal, priors(n), rows, off, noise, conditioned, n).map((values, i) => {
            const latent = latents[i];
            return latent ? multipliersOf(latent, values) : values;
          })
        : foreseen(n),
  };
}

/** Of each batch the one that is furthest off: one wrong figure puts its neighbours in doubt. */
function doubtedOf(
  readings: readonly Reading[],
  judged: ReturnType<Conditioned['judged']>,
): readonly Doubted[] {
  const worst = new Map<number, { readonly z: number; readonly doubted: Doubted }>();
  for (const [r, { off, sd }] of judged.entries()) {
    const reading = readings[r];
    const z = Math.abs(off) / sd;
    if (!reading || z <= PLAUSIBLE || z <= (worst.get(reading.batch)?.z ?? 0)) continue;
    const { batch, of, lots, value } = reading;
    const at = (by: number) => value * Math.exp(-off + by * sd);
    const foretold = { mid: at(0), p10: at(-Z90), p90: at(Z90) };
    worst.set(batch, { z, doubted: { batch, of, lots, value, foretold } });
  }
  return [...worst.values()].map(({ doubted }) => doubted);
}

/** The middle that a value of each latent leads to. */
function centreAt(
  plans: readonly BatchPlan[],
  latents: readonly Latent[],
  value: (i: number) => number,
): BatchDraw[] {
  const centre = plans.map(plainDraw);
  for (const [i, latent] of latents.entries()) put(centre[latent.batch], latent, value(i));
  return centre;
}

/** The middle before anything is weighed: as the log has taught. */
export const foretold = (meal: string, plans: readonly BatchPlan[], learned: Learned): readonly BatchDraw[] =>
  centreAt(plans, latentsOf(meal, plans, learned), () => 0);

const dot = (a: Float64Array, b: Float64Array) => {
  let sum = 0;
  for (let k = 0; k < a.length; k += 1) sum += valueAt(a, k) * valueAt(b, k);
  return sum;
};

/** What the run says of each reading at a middle, and its slopes there, both in logarithms. */
function lookAt(
  plans: readonly BatchPlan[],
  latents: readonly Latent[],
  readings: readonly Reading[],
  middle: Float64Array,
  slopes: boolean,
): { readonly foretold: Float64Array; readonly rows: readonly SparseRow[] } {
  const foretold = new Float64Array(readings.length);
  const rows: [number, number][][] = readings.map(() => []);
  for (const [b, plan] of plans.entries()) {
    const own = readings.flatMap((reading, r) => (reading.batch === b ? [{ reading, r }] : []));
    if (own.length === 0) continue;
    const draw = plainDraw(plan);
    const mine = latents.flatMap((latent, i) => (latent.batch === b ? [{ latent, i }] : []));
    for (const { latent, i } of mine) put(draw, latent, valueAt(middle, i));
    const mass = emptyBatchMass(plan);
    const run = runFor(plan, own, draw, mass);
    run.all();
    const at = own.map(({ reading }) => Math.max(1e-6, reading.foretold(mass)));
    for (const [k, { r }] of own.entries()) foretold[r] = entryAt(at, k);
    for (const { latent, i } of slopes ? mine : []) {
      if (!run.hangsOn(latent)) continue;
      put(draw, latent, valueAt(middle, i) + STEP);
      run.of(latent);
      for (const [k, { reading, r }] of own.entries()) {
        const slope = Math.log(Math.max(1e-6, reading.foretold(mass)) / entryAt(at, k)) / STEP;
        if (slope !== 0) rows[r]?.push([i, slope]);
      }
      put(draw, latent, valueAt(middle, i));
      run.of(latent);
    }
  }
  return { foretold, rows };
}

/** Runs as much of a batch as its readings look at. */
interface Run {
  readonly all: () => void;
  /** After a change of one latent. */
  readonly of: (latent: Latent) => void;
  /** Whether any reading can be another with this latent. */
  readonly hangsOn: (latent: Latent) => boolean;
}

/** Where lots alone were weighed no liquid is cooked, and of the lots the one that has changed. */
function runFor(
  plan: BatchPlan,
  own: readonly { readonly reading: Reading }[],
  { lots, liquid }: BatchDraw,
  mass: BatchMass,
): Run {
  if (!own.every(({ reading }) => reading.ofLots)) {
    const all = () => runBatch(plan, lots, liquid, mass);
    return { all, of: all, hangsOn: () => true };
  }
  const ofLot = (i: number) => {
    const [lot, draw, out] = [plan.lots[i], lots[i], mass.lots[i]];
    if (lot && draw && out) runLot(lot, draw, out);
  };
  return {
    all: () => {
      for (let i = 0; i < plan.lots.length; i += 1) ofLot(i);
    },
    of: ({ lot }) => {
      if (lot !== undefined) ofLot(lot);
    },
    hangsOn: ({ lot }) => lot !== undefined,
  };
}

/** Each draw moved by what it should have weighed and did not. */
function moved(
  meal: string,
  priors: readonly Float64Array[],
  rows: readonly SparseRow[],
  off: Float64Array,
  noise: readonly number[],
  { gain }: Conditioned,
  n: number,
): readonly Float64Array[] {
  const columns = priors.map((column) => column.slice());
  const errors = noise.map((sigma, r) => normals(`${meal}|reading|${r}`, n).map((z) => sigma * z));
  const short = new Float64Array(rows.length);
  for (let d = 0; d < n; d += 1) {
    for (const [r, row] of rows.entries()) {
      let sum = valueAt(off, r) + valueAt(entryAt(errors, r), d);
      for (const [i, slope] of row) sum -= slope * valueAt(entryAt(priors, i), d);
      short[r] = sum;
    }
    for (const [i, column] of columns.entries()) {
      const of = gain[i];
      if (of) column[d] = valueAt(column, d) + dot(of, short);
    }
  }
  return columns;
}
