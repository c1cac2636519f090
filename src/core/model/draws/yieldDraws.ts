import { valueAt } from '../../quantity/index.ts';
import { CholeskyDecomposition, Matrix } from 'ml-matrix';
import { normals } from './normals.ts';
import type { BatchPlan } from '../plan/plan.ts';

/** Spread of log y that a kitchen's lots all share, and one lot's own (estimates; the log narrows them). */
const KITCHEN = 0.05;
export const LOT_SPREAD = 0.06;

/** A lot's multiplier on its yield in every draw; NaN in `seen` until its cooked meat was weighed. */
export interface YieldLot {
  readonly batch: string;
  readonly lot: string;
  readonly cut: string;
  readonly cutSpread: number;
  /** log(weighed / planned yield), or NaN. */
  readonly seen: number;
}

export function yieldLots(
  plans: readonly BatchPlan[],
  seen: (batch: string, lot: string) => number,
): YieldLot[] {
  return plans.flatMap((plan) =>
    plan.lots.map((lot, i) => ({
      batch: plan.id,
      lot: lot.id,
      cut: lot.cut,
      cutSpread: plan.cuts[i]?.spread ?? 0,
      seen: seen(plan.id, lot.id),
    })),
  );
}

/**
 * Draws of each lot's yield multiplier: exp(kitchen + cut + lot), normal and independent, so lots
 * of one cut share this kitchen's error and part of the cut's. Lots that were weighed condition the
 * rest: each draw is moved by what it should have weighed and did not (conditioning by kriging,
 * Journel and Huijbregts 1978, also called Matheron's rule), which is exact for normals.
 */
export function drawYields(meal: string, lots: readonly YieldLot[], n: number): readonly Float64Array[] {
  const kitchen = normals(`${meal}|kitchen`, n);
  const logs = lots.map((lot) => {
    const cut = normals(`${meal}|cut|${lot.cut}`, n);
    const own = normals(`${meal}|${lot.batch}|${lot.lot}|y`, n);
    return Float64Array.from(
      kitchen,
      (z, d) => KITCHEN * z + lot.cutSpread * valueAt(cut, d) + LOT_SPREAD * valueAt(own, d),
    );
  });
  const seen = lots.flatMap((lot, i) => (Number.isNaN(lot.seen) ? [] : [i]));
  if (seen.length > 0) condition(lots, logs, seen, n);
  for (const log of logs) for (let d = 0; d < n; d += 1) log[d] = Math.exp(valueAt(log, d));
  return logs;
}

function covariance(a: YieldLot | undefined, b: YieldLot | undefined): number {
  if (!a || !b) return 0;
  const cut = a.cut === b.cut ? a.cutSpread * b.cutSpread : 0;
  return KITCHEN ** 2 + cut + (a === b ? LOT_SPREAD ** 2 : 0);
}

function condition(
  lots: readonly YieldLot[],
  logs: readonly Float64Array[],
  seen: readonly number[],
  n: number,
): void {
  const between = (from: readonly YieldLot[]) =>
    new Matrix(from.map((lot) => seen.map((j) => covariance(lot, lots[j]))));
  const among = between(seen.flatMap((i) => lots[i] ?? []));
  // Gain: what each lot's log moves for each seen lot's shortfall.
  const gains = new CholeskyDecomposition(among).solve(between(lots).transpose()).transpose().to2DArray();
  const short = new Float64Array(seen.length);
  for (let d = 0; d < n; d += 1) {
    for (const [k, i] of seen.entries()) short[k] = (lots[i]?.seen ?? 0) - (logs[i]?.[d] ?? 0);
    for (const [i, log] of logs.entries()) {
      const gain = gains[i];
      if (!gain) continue;
      let move = 0;
      for (let k = 0; k < short.length; k += 1) move += valueAt(gain, k) * valueAt(short, k);
      log[d] = valueAt(log, d) + move;
    }
  }
}
