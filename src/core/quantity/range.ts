import quickselect from 'quickselect';

/**
 * A figure that nobody can know exactly. `mid` is the central reckoning, which closes; the
 * percentiles come from the draws and stand beside it. Without draws only `mid` is there.
 */
export interface Range {
  readonly mid: number;
  readonly p10?: number;
  readonly p50?: number;
  readonly p90?: number;
}

/** Percentile of sorted values, linear between neighbours (Hyndman and Fan 1996, type 7). */
export function percentileOfSorted(sorted: Float64Array, share: number): number {
  const at = (sorted.length - 1) * share;
  const below = Math.floor(at);
  const low = sorted[below] ?? NaN;
  const high = sorted[Math.min(below + 1, sorted.length - 1)] ?? NaN;
  return low + (high - low) * (at - below);
}

/** The centre with the 10th, 50th and 90th percentile of its draws (which are put in another order). */
export function rangeOf(mid: number, draws: Float64Array): Range {
  if (draws.length === 0) return { mid };
  const percentile = (share: number) => {
    const at = Math.round((draws.length - 1) * share);
    // Its types ask for an array; any indexed numbers will do.
    quickselect(draws as unknown as number[], at);
    return draws[at] ?? NaN;
  };
  return { mid, p10: percentile(0.1), p50: percentile(0.5), p90: percentile(0.9) };
}
