import { wholeAt, valueAt } from '../columns/index.ts';

/** Something that was measured of one group, as a logarithm of measured over foretold. */
export interface GroupReading {
  readonly group: string;
  readonly value: number;
  /** Standard deviation of it about the group's own value: of the single batch, and of how it was measured. */
  readonly noise: number;
  /** How much the groups themselves vary, where this one differs from `spreads.group`. */
  readonly groupSpread?: number;
}

/** Standard deviations, before anything was measured: of what all groups share, and of each group about it. */
export interface KitchenSpreads {
  readonly kitchen: number;
  readonly group: number;
}

/** Value of a group = what all share + its own: the middle, and how much of either is still open. */
export interface GroupKnown {
  readonly n: number;
  readonly mean: number;
  /** Standard deviation that all groups move with together, and the group's own. */
  readonly shared: number;
  readonly own: number;
}

export interface KitchenKnown {
  readonly groups: ReadonlyMap<string, GroupKnown>;
  /** Of a group that nothing was measured of. */
  readonly unseen: GroupKnown;
  /** Of each reading, in its order: 1 counts whole, 0 not at all. */
  readonly weights: Float64Array;
}

/** Beyond so many standard deviations a reading counts less, and beyond these not at all (estimates). */
const DAMPED = 2.5;
const ABSURD = 4.5;
const ROUNDS = 6;

/**
 * What the readings of a kitchen teach, in closed form: a kitchen's error that all groups share, each group's own about
 * it, and noise (normal throughout; conditioning groups on the shared part makes it exact: Gelman et al., Bayesian Data
 * Analysis, 3rd ed., 5.4, from memory). The same as `condition` finds for these rows, in time that grows with their number.
 * Outliers are damped by iterated weights (Huber 1964), and what is absurd is not counted.
 */
export function learnGroups(readings: readonly GroupReading[], spreads: KitchenSpreads): KitchenKnown {
  const fit = fitOf(readings, spreads);
  // At first against what was known before anything was measured, which no reading can drag along.
  weigh(
    fit,
    (i, k) =>
      valueAt(fit.value, i) / Math.hypot(spreads.kitchen, valueAt(fit.spread, k), valueAt(fit.noise, i)),
  );
  let known = weighted(fit, spreads);
  for (let round = 0; round < ROUNDS; round += 1) {
    const { mean, open } = known;
    const moved = weigh(
      fit,
      (i, k) =>
        (valueAt(fit.value, i) - valueAt(mean, k)) / Math.hypot(valueAt(open, k), valueAt(fit.noise, i)),
    );
    known = weighted(fit, spreads);
    if (moved < SETTLED) break;
  }
  const groups = fit.names.flatMap((name, k): (readonly [string, GroupKnown])[] => {
    const group = known.groupOf(k);
    return group ? [[name, group]] : [];
  });
  return { groups: new Map(groups), unseen: known.unseen, weights: fit.weights };
}

/** Weights that move by less than this have settled. */
const SETTLED = 1e-6;

function weightOf(z: number): number {
  const far = Math.abs(z);
  return far <= DAMPED ? 1 : far <= ABSURD ? DAMPED / far : 0;
}

/** The readings in columns: thousands of them are gone through several times. */
interface Fit {
  readonly names: readonly string[];
  /** Of each reading, which group it is of. */
  readonly group: Int32Array;
  readonly value: Float64Array;
  readonly noise: Float64Array;
  readonly weights: Float64Array;
  /** Of each group, how much groups vary. */
  readonly spread: Float64Array;
}

function fitOf(readings: readonly GroupReading[], spreads: KitchenSpreads): Fit {
  const places = new Map<string, number>();
  const spread: number[] = [];
  const n = readings.length;
  const [group, value, noise] = [new Int32Array(n), new Float64Array(n), new Float64Array(n)];
  for (let i = 0; i < n; i += 1) {
    const one = readings[i];
    if (!one) continue;
    let k = places.get(one.group);
    if (k === undefined) {
      k = places.size;
      places.set(one.group, k);
      spread.push(one.groupSpread ?? spreads.group);
    }
    group[i] = k;
    value[i] = one.value;
    noise[i] = one.noise;
  }
  return {
    names: [...places.keys()],
    group,
    value,
    noise,
    weights: new Float64Array(n).fill(1),
    spread: Float64Array.from(spread),
  };
}

/** Weighs each reading by how far it lies from what was foretold of it; returns the most by which one has moved. */
function weigh({ group, weights }: Fit, z: (i: number, k: number) => number): number {
  let moved = 0;
  for (let i = 0; i < weights.length; i += 1) {
    const next = weightOf(z(i, wholeAt(group, i)));
    moved = Math.max(moved, Math.abs(next - valueAt(weights, i)));
    weights[i] = next;
  }
  return moved;
}

interface Weighted {
  /** Of each group its middle, and how much of it is still open in all. */
  readonly mean: Float64Array;
  readonly open: Float64Array;
  readonly unseen: GroupKnown;
  readonly groupOf: (k: number) => GroupKnown | undefined;
}

function weighted({ names, group, value, noise, weights, spread }: Fit, spreads: KitchenSpreads): Weighted {
  const m = names.length;
  const [n, precision, sum] = [new Int32Array(m), new Float64Array(m), new Float64Array(m)];
  for (let i = 0; i < weights.length; i += 1) {
    const k = wholeAt(group, i);
    const weight = valueAt(weights, i);
    const p = weight / valueAt(noise, i) ** 2;
    if (weight > 0) n[k] = wholeAt(n, k) + 1;
    precision[k] = valueAt(precision, k) + p;
    sum[k] = valueAt(sum, k) + p * valueAt(value, i);
  }
  // What each group says of the shared part: its mean, as surely as its own error leaves it.
  let all = spreads.kitchen > 0 ? 1 / spreads.kitchen ** 2 : Infinity;
  let said = 0;
  for (let k = 0; k < m; k += 1) {
    if (valueAt(precision, k) === 0) continue;
    const says = 1 / (valueAt(spread, k) ** 2 + 1 / valueAt(precision, k));
    all += says;
    said += (says * valueAt(sum, k)) / valueAt(precision, k);
  }
  const kitchen = spreads.kitchen > 0 ? said / all : 0;
  const shared = spreads.kitchen > 0 ? 1 / Math.sqrt(all) : 0;
  const groupOf = (k: number): GroupKnown | undefined => {
    if (valueAt(precision, k) === 0) return undefined;
    const variance = valueAt(spread, k) ** 2;
    const shrink = variance / (variance + 1 / valueAt(precision, k));
    return {
      n: wholeAt(n, k),
      mean: kitchen + shrink * (valueAt(sum, k) / valueAt(precision, k) - kitchen),
      shared: (1 - shrink) * shared,
      own: Math.sqrt(variance * (1 - shrink)),
    };
  };
  const [mean, open] = [new Float64Array(m), new Float64Array(m)];
  for (let k = 0; k < m; k += 1) {
    const one = groupOf(k) ?? { mean: kitchen, shared, own: valueAt(spread, k) };
    mean[k] = one.mean;
    open[k] = Math.hypot(one.shared, one.own);
  }
  return { mean, open, unseen: { n: 0, mean: kitchen, shared, own: spreads.group }, groupOf };
}
