import { quantile, quantileSorted } from 'simple-statistics';

/**
 * A figure that nobody can know exactly. `mid` is the nominal run, which closes; the
 * percentiles come from the draws and stand beside it. Without draws only `mid` is there.
 */
export interface Range {
  readonly mid: number;
  readonly p10?: number;
  readonly p50?: number;
  readonly p90?: number;
}

/**
 * A percentile of sorted values, linear between neighbours (Hyndman and Fan 1996, type 7): the one rule for all.
 * @throws if there are no values, or the share is not between 0 and 1
 */
export const percentileOfSorted = (sorted: Float64Array, share: number): number =>
  // Its types ask for an array; any indexed numbers will do.
  quantileSorted(sorted as unknown as number[], share);

/** The nominal figure with the 10th, 50th and 90th percentile of its draws, which stay as they are. */
export function rangeOf(mid: number, draws: Float64Array): Range {
  if (draws.length === 0) return { mid };
  const [p10 = NaN, p50 = NaN, p90 = NaN] = quantile(draws as unknown as number[], [0.1, 0.5, 0.9]);
  return { mid, p10, p50, p90 };
}
