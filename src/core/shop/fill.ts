import { valueAt, entryAt } from '../columns/index.ts';
/** One stretch of buying: so much of each candidate for each gram along it, until it ends. */
export interface Stretch {
  readonly share: readonly number[];
  /** g along it; Infinity where the shop has enough. */
  readonly length: number;
}

/** What can be bought of a candidate, and in what proportion it is wanted. */
export interface Candidate {
  readonly weight: number;
  /** g; Infinity where the shop has enough. */
  readonly limit: number;
}

/**
 * The path through a mix in proportions: all grow together, and one that the shop has no more of
 * stays where it is while the rest goes on.
 * @throws if the proportions add up to nothing
 */
export function inProportion(candidates: readonly Candidate[]): readonly Stretch[] {
  const all = candidates.reduce((sum, { weight }) => sum + weight, 0);
  if (!(all > 0)) throw new RangeError('a mix of nothing');
  const ends = [...new Set(candidates.filter((c) => c.weight > 0).map((c) => c.limit / c.weight))].sort(
    (a, b) => a - b,
  );
  let from = 0;
  return ends.flatMap((to) => {
    const going = candidates.map(({ weight, limit }) => (weight > 0 && limit / weight >= to ? weight : 0));
    const rate = going.reduce((sum, weight) => sum + weight, 0);
    const length = (to - from) * rate;
    from = to;
    return length > 0 ? [{ share: going.map((weight) => weight / rate), length }] : [];
  });
}

/** The path through candidates one after the other: each as far as the shop has it. */
export function inOrder(order: readonly number[], candidates: readonly Candidate[]): readonly Stretch[] {
  const stretches: Stretch[] = [];
  for (const i of order) {
    const length = candidates[i]?.limit ?? 0;
    if (length > 0) stretches.push({ share: candidates.map((_, j) => (j === i ? 1 : 0)), length });
    if (length === Infinity) break;
  }
  return stretches;
}

/** How far along the path each draw has its need met: g in all, Infinity where the path ends before. */
export function metAt(
  path: readonly Stretch[],
  shredPerRaw: readonly Float64Array[],
  need: Float64Array,
): Float64Array {
  return need.map((wanted, d) => {
    let left = wanted;
    let far = 0;
    if (left <= 0) return 0;
    for (const { share, length } of path) {
      const gain = share.reduce((sum, s, j) => sum + s * valueAt(entryAt(shredPerRaw, j), d), 0);
      if (gain > 0 && gain * length >= left) return far + left / gain;
      left -= gain > 0 ? gain * length : 0;
      far += length;
    }
    return Infinity;
  });
}

/** What is bought of each candidate when one stands so far along the path, g. */
export function boughtAt(path: readonly Stretch[], far: number): number[] {
  const bought = (path[0]?.share ?? []).map(() => 0);
  let left = far;
  for (const { share, length } of path) {
    const here = Math.min(left, length);
    if (here > 0)
      for (const [j, s] of share.entries()) bought[j] = entryAt(bought, j) + (s > 0 ? s * here : 0);
    left -= here;
    if (!(left > 0)) break;
  }
  return bought;
}
