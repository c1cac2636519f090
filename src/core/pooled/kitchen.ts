import { valueAt } from '../columns/index.ts';
import { Z90 } from '../quantity/index.ts';
import { boundOf } from './bound.ts';
import { conditionGroups, type GroupKnown, type KitchenSpreads, type Messages } from './groups.ts';
import { weightOf } from './weight.ts';

/** Something that was measured of one group, as a logarithm of measured over foretold. */
export interface GroupReading {
  readonly group: string;
  readonly value: number;
  /** Standard deviation of it about the group's own value: of the single batch, and of how it was measured. */
  readonly noise: number;
  /** Of that the single batch's own part; absent: it tells nothing of how much batches vary. */
  readonly own?: number;
  /** How much the groups themselves vary, where this one differs from `spreads.group`. */
  readonly groupSpread?: number;
  /** The truth lies on this side of the value, and no more is known. */
  readonly side?: 'above' | 'below';
  /** It was portioned out by hand, and is off by as much as all that is. */
  readonly byHand?: boolean;
}

export interface KitchenKnown {
  readonly groups: ReadonlyMap<string, GroupKnown>;
  /** Of a group that nothing was measured of. */
  readonly unseen: GroupKnown;
  /** Of each reading, in its order: 1 counts whole, 0 not at all. */
  readonly weights: Float64Array;
  /** How much single batches vary in this kitchen, of what was taken for it: as wide as not knowing it better makes it. */
  readonly scale: number;
}

/**
 * How much further out a tenth lies where the spread itself was learned from so many: Student's t over the normal, first term
 * (Abramowitz and Stegun 26.7.5, from memory).
 */
const wider = (freedom: number): number => 1 + (Z90 ** 2 + 1) / (4 * freedom);

const ROUNDS = 8;
/** Weights and scales that move by less than this have settled. */
const SETTLED = 1e-6;

/**
 * How many batches' worth of weight the usual spread of single batches has beside those that were seen (estimate).
 */
const USUAL = 4;

/**
 * What the readings of a kitchen teach: a kitchen's error that all groups share, each group's own about it, what a hand that
 * portions is off by, and noise, normal throughout (`conditionGroups`). Each reading is judged by all the others, unclipped,
 * and counts as likely as it is right (`weightOf`); what says one side alone is a message of its own, made anew from what the
 * others say (expectation propagation: Minka 2001, from memory). How much single batches vary is learned from what is left over
 * (posterior mean of a variance with a scaled inverse chi-squared prior: Gelman et al., Bayesian Data Analysis, 3rd ed., 3.2,
 * from memory).
 */
export function learnGroups(readings: readonly GroupReading[], spreads: KitchenSpreads): KitchenKnown {
  const fit = fitOf(readings, spreads);
  const known = () => conditionGroups(fit, spreads);
  // At first against what was known before anything was measured, which no reading can drag along.
  let at = known();
  judge(fit, readings, at);
  for (let round = 0; round < ROUNDS; round += 1) {
    at = known();
    const before = fit.scale;
    rescale(fit, readings, at);
    if (Math.max(judge(fit, readings, at), Math.abs(fit.scale - before)) < SETTLED) break;
  }
  at = known();
  const groups = fit.names.flatMap((name, k): (readonly [string, GroupKnown])[] => {
    const group = at.groupOf(k);
    return group ? [[name, group]] : [];
  });
  return {
    groups: new Map(groups),
    unseen: at.unseen,
    weights: fit.weights,
    scale: fit.seen > 0 ? fit.scale * wider(USUAL + fit.seen) : 1,
  };
}

/** The readings in columns: thousands of them are gone through several times. */
interface Fit extends Messages {
  readonly names: readonly string[];
  readonly weights: Float64Array;
  /** Of single batches, as a multiple of what is usual. */
  scale: number;
  /** From so many batches. */
  seen: number;
}

function fitOf(readings: readonly GroupReading[], spreads: KitchenSpreads): Fit {
  const places = new Map<string, number>();
  const spread: number[] = [];
  const n = readings.length;
  const group = new Int32Array(n);
  for (const [i, one] of readings.entries()) {
    let k = places.get(one.group);
    if (k === undefined) {
      k = places.size;
      places.set(one.group, k);
      spread.push(one.groupSpread ?? spreads.group);
    }
    group[i] = k;
  }
  return {
    names: [...places.keys()],
    group,
    byHand: Int32Array.from(readings, ({ byHand }) => (byHand ? 1 : 0)),
    value: Float64Array.from(readings, ({ value }) => value),
    precision: new Float64Array(n),
    weights: new Float64Array(n).fill(1),
    spread: Float64Array.from(spread),
    scale: 1,
    seen: 0,
  };
}

/** Variance of a reading about its group's value, with what single batches vary here. */
function varianceOf({ noise, own = 0 }: GroupReading, scale: number): number {
  return noise * noise + (scale * scale - 1) * own * own;
}

/** What is foretold of a reading by all the others: its own message taken out again. */
function withoutIt(mean: number, variance: number, value: number, precision: number) {
  const rest = 1 / Math.max(1e-12, 1 / variance - precision);
  return { mean: (mean / variance - precision * value) * rest, variance: rest };
}

/** Weighs each reading by how far it lies from what the others foretell of it; returns the most by which one has moved. */
function judge(fit: Fit, readings: readonly GroupReading[], at: ReturnType<typeof conditionGroups>): number {
  let moved = 0;
  for (const [i, reading] of readings.entries()) {
    const { mean, variance } = at.ofReading(i);
    const others = withoutIt(mean, variance, valueAt(fit.value, i), valueAt(fit.precision, i));
    const noise = varianceOf(reading, fit.scale);
    const sd = Math.sqrt(others.variance + noise);
    const off = reading.value - others.mean;
    const isWithin = reading.side === (off < 0 ? 'above' : 'below');
    const weight = isWithin ? 1 : weightOf(off / sd, sd);
    let said = { value: reading.value, precision: weight / noise };
    if (reading.side) {
      const message = boundOf(off, reading.side, sd);
      said = { value: others.mean + message.value, precision: weight / (message.sd ** 2 + noise) };
    }
    moved = Math.max(
      moved,
      Math.abs(weight - valueAt(fit.weights, i)),
      Math.abs(said.value - valueAt(fit.value, i)),
    );
    fit.weights[i] = weight;
    fit.value[i] = said.value;
    fit.precision[i] = said.precision;
  }
  return moved;
}

/** How much single batches vary, from what is left between them and their groups. */
function rescale(fit: Fit, readings: readonly GroupReading[], at: ReturnType<typeof conditionGroups>): void {
  let sum = USUAL;
  let n = USUAL;
  for (const [i, reading] of readings.entries()) {
    const { own = 0, side } = reading;
    const weight = valueAt(fit.weights, i);
    if (!(own > 0) || side || weight === 0) continue;
    const { mean, variance } = at.ofReading(i);
    // The batch's own part is what is left, as far as it is not the reading's error.
    const mine = (fit.scale * own) ** 2;
    const share = mine / varianceOf(reading, fit.scale);
    const left = share * share * ((reading.value - mean) ** 2 + variance) + (1 - share) * mine;
    sum += (weight * left) / (own * own);
    n += weight;
  }
  fit.scale = Math.sqrt(sum / n);
  fit.seen = n - USUAL;
}
