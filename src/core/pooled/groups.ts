import { valueAt, wholeAt } from '../columns/index.ts';

/** Standard deviations, before anything was measured: of what all groups share, and of each group about it. */
export interface KitchenSpreads {
  readonly kitchen: number;
  readonly group: number;
  /** Of what is portioned by hand: the same each time, and so shared by all that is. */
  readonly hand?: number;
}

/** Value of a group = what all share + its own: the middle, and how much of either is still open. */
export interface GroupKnown {
  readonly n: number;
  readonly mean: number;
  /** Standard deviation that all groups move with together, and the group's own. */
  readonly shared: number;
  readonly own: number;
}

/** What readings say, in columns: each a normal message of its group's value, with the hand's error in it or without. */
export interface Messages {
  /** Of each reading, which group it is of. */
  readonly group: Int32Array;
  readonly byHand: Int32Array;
  readonly value: Float64Array;
  readonly precision: Float64Array;
  /** Of each group, how much groups vary. */
  readonly spread: Float64Array;
}

interface Conditioned {
  readonly unseen: GroupKnown;
  /** Undefined where nothing was said of it. */
  readonly groupOf: (k: number) => GroupKnown | undefined;
  /** What is known of what a reading reads, itself included. */
  readonly ofReading: (i: number) => { readonly mean: number; readonly variance: number };
}

/**
 * The posterior of groups that share a kitchen's error, read with a hand's or without, in closed form: given what is shared
 * the groups are independent, so each is put aside in turn and two unknowns are left (Gelman et al., Bayesian Data Analysis,
 * 3rd ed., 5.4, from memory). The same as `condition` finds for these rows, in time that grows with their number.
 */
export function conditionGroups(messages: Messages, spreads: KitchenSpreads): Conditioned {
  const { group, byHand, value, precision, spread } = messages;
  const m = spread.length;
  const column = () => new Float64Array(m);
  // Of each group: precision, of the readings by hand, and what they say.
  const [P, H, S, T, n] = [column(), column(), column(), column(), new Int32Array(m)];
  for (let i = 0; i < group.length; i += 1) {
    const p = valueAt(precision, i);
    if (!(p > 0)) continue;
    const k = wholeAt(group, i);
    n[k] = wholeAt(n, k) + 1;
    P[k] = valueAt(P, k) + p;
    S[k] = valueAt(S, k) + p * valueAt(value, i);
    if (wholeAt(byHand, i) !== 1) continue;
    H[k] = valueAt(H, k) + p;
    T[k] = valueAt(T, k) + p * valueAt(value, i);
  }
  const open = (k: number) => 1 / (valueAt(P, k) + 1 / valueAt(spread, k) ** 2);
  // What all share and the hand's error: their precision, and what is said of them.
  let [aa, ab, bb, a, b] = [0, 0, 0, 0, 0];
  for (let k = 0; k < m; k += 1) {
    const [p, h, s, t, o] = [valueAt(P, k), valueAt(H, k), valueAt(S, k), valueAt(T, k), open(k)];
    aa += p - p * p * o;
    ab += h - p * h * o;
    bb += h - h * h * o;
    a += s - p * s * o;
    b += t - h * s * o;
  }
  const { kitchen, hand = 0 } = spreads;
  const solved = solve(kitchen, hand, aa, ab, bb, a, b);
  const shared = Math.sqrt(solved.cc);
  /** Of a group with so much of the hand's error: how its middle hangs on what is shared, and what is left of its own. */
  const along = (k: number, withHand: number) => {
    const o = open(k);
    const [c, h] = [1 - valueAt(P, k) * o, withHand - valueAt(H, k) * o];
    return {
      mean: o * valueAt(S, k) + c * solved.c + h * solved.h,
      shared: c * c * solved.cc + 2 * c * h * solved.ch + h * h * solved.hh,
      own: o,
    };
  };
  return {
    unseen: { n: 0, mean: solved.c, shared, own: spreads.group },
    groupOf: (k) => {
      if (!(valueAt(P, k) > 0)) return undefined;
      const of = along(k, 0);
      return { n: wholeAt(n, k), mean: of.mean, shared: Math.sqrt(of.shared), own: Math.sqrt(of.own) };
    },
    ofReading: (i) => {
      const of = along(wholeAt(group, i), wholeAt(byHand, i));
      return { mean: of.mean, variance: of.shared + of.own };
    },
  };
}

/** Two normals about nought with what is said of them: their middles and covariances. One without a spread is nought. */
function solve(kitchen: number, hand: number, aa: number, ab: number, bb: number, a: number, b: number) {
  const [p, q] = [kitchen > 0 ? aa + 1 / kitchen ** 2 : Infinity, hand > 0 ? bb + 1 / hand ** 2 : Infinity];
  if (p === Infinity && q === Infinity) return { c: 0, h: 0, cc: 0, ch: 0, hh: 0 };
  if (q === Infinity) return { c: a / p, h: 0, cc: 1 / p, ch: 0, hh: 0 };
  if (p === Infinity) return { c: 0, h: b / q, cc: 0, ch: 0, hh: 1 / q };
  const det = p * q - ab * ab;
  const [cc, ch, hh] = [q / det, -ab / det, p / det];
  return { c: cc * a + ch * b, h: ch * a + hh * b, cc, ch, hh };
}
