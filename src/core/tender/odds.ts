import { entryAt, valueAt, valueBetween } from '../columns/index.ts';
import { bisect } from '../quantity/index.ts';
import { phi, feelLikelihood, type Seen } from './checks.ts';
import { tenderness } from './constants.ts';
import { LONGEST, tendernessAt, minutesTo, STEP, type TendernessCurve } from './curve.ts';

/** What is known of one lot on its curve. */
export interface CookingLot {
  readonly curve: TendernessCurve;
  /** The same for its big pieces. */
  readonly bigCurve: TendernessCurve;
  /** And for the piece that is likely to be first: smaller, and tender sooner by this. */
  readonly first: { readonly curve: TendernessCurve; readonly ahead: number };
  readonly toughness: number;
  /** Spread of its own, of the log of its rate. */
  readonly spread: number;
  readonly seen: readonly Seen[];
}

/** Chances of one pot's lots: they share the error of its heat, and each has its own besides. */
export interface Odds {
  /**
   * Minutes of the cook after which the lot is tender in so many of a hundred pots, or so many times as far as
   * that; undefined if it never is.
   */
  readonly lotAt: (lot: number, chance: number, times?: number) => number | undefined;
  /** The same for the piece likely to be first, before any fork. */
  readonly firstAt: (lot: number, chance: number) => number | undefined;
  /** The same for all of them. */
  readonly potAt: (chance: number) => number | undefined;
  /** Spread of the log of its rate: the pot's, and its own. */
  readonly spreadOf: (lot: number) => { readonly shared: number; readonly own: number };
  /** How far on its way a lot is then, as likely as not: 1 is tender. */
  readonly farAt: (lot: number, minutes: number) => number;
  /** What a lot needs in all, as likely as not: on the curve of a rate of one. */
  readonly needOf: (lot: number) => number;
  readonly lotChance: (lot: number, minutes: number) => number;
  readonly potChance: (minutes: number) => number;
  /** Minutes until all are tender, in each draw of normals: one column shared, one for each lot. */
  readonly drawn: (shared: Float64Array, own: readonly Float64Array[]) => Float64Array;
  /** Minutes more, even odds: as it is, and cut into pieces whose middle is as hot as the liquid. */
  readonly left: (lot: number, minutes: number) => { readonly asItIs: number; readonly cutSmaller: number };
  /** How likely a further check would be: the surprise of it. */
  readonly likely: (lot: number, seen: Seen) => number;
}

/** Nodes of the shared error, and of each lot's log rate where checks have spoken. */
const NODES = 15;
const REACH = 3.5;
const FINE = 241;
const WIDE = 5;

const HOUR = 60;
/** Until small pieces are hot to the middle again, min (estimate). */
const WARM = 5;

/**
 * The chances of the lots of a pot. Without checks a lot's log rate is normal about the pot's; each check is
 * a likelihood on it, and since all of these are log-concave, so is what is left: it never gets wider.
 * Worked out on a grid, exactly and without draws, so that a figure does not flicker.
 * @param pot spread of the error of the heat, which is the pot's: all its lots share it
 */
export function oddsOf(lots: readonly CookingLot[], pot: number = tenderness.heat): Odds {
  const z = Float64Array.from({ length: NODES }, (_, k) => pot * REACH * (-1 + (2 * k) / (NODES - 1)));
  const reachOf = ({ spread }: CookingLot) => WIDE * Math.hypot(pot, spread);
  const checked = lots.map((lot) => (lot.seen.length > 0 ? tails(lot, z, reachOf(lot)) : undefined));
  // In logarithms: a hundred forks that say what nobody expected are no figure of a computer's any more.
  const logs = z.map((at, k) =>
    checked.reduce((sum, one) => sum + (one ? valueAt(one.logs, k) : 0), -((at / pot) ** 2) / 2),
  );
  const most = Math.max(...logs);
  const weights = logs.map((log) => Math.exp(log - most));
  const all = weights.reduce((sum, w) => sum + w, 0);
  for (let k = 0; k < NODES; k += 1) weights[k] = valueAt(weights, k) / all;

  /** Chance that a lot's log rate is above u, the pot's being z[k]. */
  const above = (i: number, k: number, u: number): number => {
    const one = checked[i];
    if (one) return one.above(k, u);
    return 1 - phi((u - valueAt(z, k)) / (lots[i]?.spread ?? 1));
  };
  /** The log rate at which a lot is just tender then. */
  const needed = (i: number, minutes: number, times = 1): number => {
    const lot = lots[i];
    return lot
      ? Math.log((times * lot.toughness) / Math.max(1e-12, tendernessAt(lot.curve, minutes)))
      : Infinity;
  };
  const over = (at: (k: number) => number): number => {
    let sum = 0;
    for (let k = 0; k < NODES; k += 1) sum += valueAt(weights, k) * at(k);
    return sum;
  };
  const lotChance = (i: number, minutes: number, times = 1) => {
    const u = needed(i, minutes, times);
    return over((k) => above(i, k, u));
  };
  const distinct = distinctOf(lots);
  const potChance = (minutes: number) => {
    const us = distinct.map(({ i }) => needed(i, minutes));
    return over((k) => {
      let every = 1;
      for (let d = 0; d < distinct.length && every > 1e-9; d += 1) {
        const { i = 0, times = 1 } = distinct[d] ?? {};
        every *= above(i, k, us[d] ?? Infinity) ** times;
      }
      return every;
    });
  };
  const soonest = (i: number, chance: number, times: number) => {
    const lot = lots[i];
    if (!lot) return undefined;
    if (!checked.some(Boolean)) {
      const u = normalAt(1 - chance) * Math.hypot(pot, lot.spread);
      return minutesTo(lot.curve, times * lot.toughness * Math.exp(-u));
    }
    return whenAt((minutes) => lotChance(i, minutes, times), chance, end);
  };
  // Of two hundred lots of six kinds six are asked, and each of them once.
  const asked = new Map<CookingLot, Map<number, number | undefined>>();
  const lotAt = (i: number, chance: number, times = 1) => {
    const lot = lots[i];
    if (!lot || times !== 1) return soonest(i, chance, times);
    const known = asked.get(lot) ?? new Map<number, number | undefined>();
    asked.set(lot, known);
    if (!known.has(chance)) known.set(chance, soonest(i, chance, 1));
    return known.get(chance);
  };
  const needOf = (i: number) => {
    const lot = lots[i];
    const even = lotAt(i, 0.5);
    return lot ? (even === undefined ? lot.toughness : tendernessAt(lot.curve, even)) : 1;
  };
  const end = Math.max(LONGEST, ...lots.map(({ curve }) => (curve.length - 1) * STEP));
  return {
    spreadOf: (i) => ({ shared: pot, own: lots[i]?.spread ?? 0 }),
    farAt: (i, minutes) => {
      const lot = lots[i];
      if (!lot) return 1;
      return tendernessAt(lot.curve, minutes) / Math.max(1e-9, needOf(i));
    },
    needOf,
    lotChance: (i, minutes) => lotChance(i, minutes),
    potChance,
    lotAt,
    firstAt: (i, chance) => {
      const lot = lots[i];
      if (!lot) return undefined;
      const u = normalAt(1 - chance) * Math.hypot(pot, lot.spread);
      return minutesTo(lot.first.curve, (lot.toughness * Math.exp(-u)) / lot.first.ahead);
    },
    potAt: (chance) => {
      if (lots.length === 1) return lotAt(0, chance);
      // All are ready no sooner than the last alone, and no later than where each has its share of what may fail.
      const alone = distinct.map(({ i }) => lotAt(i, chance) ?? end);
      const sure = distinct.map(({ i }) => lotAt(i, 1 - (1 - chance) / lots.length) ?? end);
      return whenAt(potChance, chance, Math.max(...sure) + STEP, Math.max(0, Math.max(...alone) - STEP));
    },
    drawn: (shared, own) => draws({ lots, checked, z, weights, pot, reachOf }, shared, own),
    left: (i, minutes) => {
      const lot = lots[i];
      const even = lotAt(i, 0.5);
      if (!lot || even === undefined) return { asItIs: end, cutSmaller: end };
      const asItIs = Math.max(0, even - minutes);
      // An hour on the middle has the heat that a small piece's has at once.
      const rate = (tendernessAt(lot.curve, even + HOUR) - tendernessAt(lot.curve, even)) / HOUR;
      const far = Math.max(0, tendernessAt(lot.curve, even) - tendernessAt(lot.curve, minutes));
      return { asItIs, cutSmaller: Math.min(asItIs, rate > 0 ? far / rate + WARM : asItIs) };
    },
    likely: (i, seen) => {
      const lot = lots[i];
      if (!lot) return 1;
      const grid = checked[i] ?? tails(lot, z, reachOf(lot));
      return over((k) => grid.mean(k, (u) => likelihood(lot, seen, u)));
    },
  };
}

/** The lots that differ, by the place of the first of each kind, and how many of it there are. */
function distinctOf(lots: readonly CookingLot[]): readonly { readonly i: number; readonly times: number }[] {
  const kinds = new Map<CookingLot, { readonly i: number; times: number }>();
  for (const [i, lot] of lots.entries()) {
    const known = kinds.get(lot);
    if (known) known.times += 1;
    else kinds.set(lot, { i, times: 1 });
  }
  return [...kinds.values()];
}

const FINE_MIN = 0.02;
/** When a chance that only grows reaches its mark, to a second or so. */
function whenAt(
  chanceAt: (minutes: number) => number,
  chance: number,
  end: number,
  begin = 0,
): number | undefined {
  if (!(chanceAt(end) >= chance)) return undefined;
  return bisect((minutes) => chanceAt(minutes) < chance, begin, end, FINE_MIN)[1];
}

/** z of a share of the standard normal, by halving Φ; the few that are asked are kept. */
function normalAt(share: number): number {
  const known = asked.get(share);
  if (known !== undefined) return known;
  const [low, high] = bisect((at) => phi(at) < share, -8, 8, 16 / 2 ** 40);
  const z = (low + high) / 2;
  if (asked.size < 100) asked.set(share, z);
  return z;
}
const asked = new Map<number, number>();

/** How likely something seen of a lot is, if the log of its rate is u. */
function likelihood(lot: CookingLot, { minutes, feel, big }: Seen, u: number): number {
  const far = (tendernessAt(big ? lot.bigCurve : lot.curve, minutes) * Math.exp(u)) / lot.toughness;
  return Math.max(1e-9, feelLikelihood(feel, far));
}

interface Tails {
  /** The log of how likely what was seen is, for each node of the shared error. */
  readonly logs: Float64Array;
  readonly above: (k: number, u: number) => number;
  /** The log rate above which so much lies. */
  readonly at: (k: number, share: number) => number;
  readonly mean: (k: number, of: (u: number) => number) => number;
}

/** A checked lot's log rate on a grid, for each node of the shared error. */
function tails(lot: CookingLot, z: Float64Array, reach: number): Tails {
  const step = (2 * reach) / (FINE - 1);
  const u = Float64Array.from({ length: FINE }, (_, j) => -reach + j * step);
  const like = u.map((at) => lot.seen.reduce((sum, one) => sum + Math.log(likelihood(lot, one, at)), 0));
  const logs = new Float64Array(z.length);
  // cumulative[k][j]: what lies above node j.
  const cumulative = Array.from(z, (at, k) => {
    const log = u.map((v, j) => valueAt(like, j) - ((v - at) / lot.spread) ** 2 / 2);
    const most = Math.max(...log);
    const density = log.map((of) => Math.exp(of - most));
    const sum = density.reduce((total, d) => total + d, 0);
    logs[k] = most + Math.log(sum);
    const above = new Float64Array(FINE);
    for (let j = FINE - 2; j >= 0; j -= 1)
      above[j] = valueAt(above, j + 1) + (valueAt(density, j) + valueAt(density, j + 1)) / 2 / sum;
    const whole = valueAt(above, 0);
    return above.map((share) => share / whole);
  });
  return {
    logs,
    above: (k, v) => {
      const at = (v + reach) / step;
      if (!(at > 0)) return 1;
      if (at >= FINE - 1) return 0;
      return valueBetween(entryAt(cumulative, k), at);
    },
    at: (k, share) => {
      const row = entryAt(cumulative, k);
      const [low, high] = bisect((half) => valueAt(row, half) >= share, 0, FINE - 1, 1);
      const [from = 0, to = 0] = [row[low], row[high]];
      return valueAt(u, low) + (from > to ? ((from - share) / (from - to)) * step : 0);
    },
    mean: (k, of) => {
      const row = entryAt(cumulative, k);
      let sum = 0;
      for (let j = 0; j < FINE - 1; j += 1)
        sum += (valueAt(row, j) - valueAt(row, j + 1)) * of((valueAt(u, j) + valueAt(u, j + 1)) / 2);
      return sum;
    },
  };
}

interface Pot {
  readonly lots: readonly CookingLot[];
  readonly checked: readonly (Tails | undefined)[];
  readonly z: Float64Array;
  readonly weights: Float64Array;
  readonly pot: number;
  readonly reachOf: (lot: CookingLot) => number;
}

/** Each draw's minutes: the shared error by its node, each lot's own below it, and the last of them all. */
function draws(
  { lots, checked, z, weights, pot: spread, reachOf }: Pot,
  shared: Float64Array,
  own: readonly Float64Array[],
): Float64Array {
  const any = checked.some(Boolean);
  const out = new Float64Array(shared.length);
  const nodes = any ? shared.map((normal) => nodeAt(weights, phi(normal))) : undefined;
  for (let i = 0; i < lots.length; i += 1) {
    const lot = lots[i];
    const column = own[i];
    if (!lot || !column) continue;
    const one = checked[i];
    const minutes = minutesByRate(lot, reachOf(lot));
    for (let d = 0; d < out.length; d += 1) {
      const k = nodes ? valueAt(nodes, d) : 0;
      const e = valueAt(column, d);
      const pot = nodes ? valueAt(z, k) : spread * valueAt(shared, d);
      const at = minutes(one ? one.at(k, 1 - phi(e)) : pot + lot.spread * e);
      if (at > valueAt(out, d)) out[d] = at;
    }
  }
  return out;
}

const RATES = 256;
/** Minutes until a lot is tender by the log of its rate: looked up, since thousands of draws ask. */
function minutesByRate({ curve, toughness }: CookingLot, reach: number): (u: number) => number {
  const table = Float64Array.from(
    { length: RATES + 1 },
    (_, j) =>
      minutesTo(curve, toughness * Math.exp(reach - (2 * reach * j) / RATES)) ?? (curve.length - 1) * STEP,
  );
  return (u) => {
    const at = Math.min(RATES, Math.max(0, ((u + reach) / (2 * reach)) * RATES));
    const j = Math.min(RATES - 1, Math.floor(at));
    const low = valueAt(table, j);
    return low + ((table[j + 1] ?? low) - low) * (at - j);
  };
}

function nodeAt(weights: Float64Array, share: number): number {
  let sum = 0;
  for (let k = 0; k < weights.length; k += 1) {
    sum += valueAt(weights, k);
    if (sum >= share) return k;
  }
  return weights.length - 1;
}
