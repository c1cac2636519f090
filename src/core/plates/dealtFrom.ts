import { entryAt, valueAt } from '../columns/index.ts';
import type { Filling, Pools, Served } from './served.ts';

/**
 * From which batches the servings come, as hands take: of all that a dish may draw on, in proportion to what there is; dishes of the
 * fewest batches first, and what another can get from nowhere else is left to it.
 * @param out what the tickets use; what of each batch is written into it
 */
export function dealtFrom(pools: Pools, { on }: Pick<Filling, 'on'>, out: Taken): void {
  dealOne(pools.g, on, out.usedG, out.takenG);
  dealOne(pools.ml, on, out.usedMl, out.takenMl);
}

/** What the tickets use, and of each batch: ticket by ticket. */
export type Taken = Pick<Served, 'usedG' | 'usedMl' | 'takenG' | 'takenMl'>;

function dealOne(pool: Float64Array, on: Filling['on'], used: Float64Array, taken: Float64Array): void {
  const n = pool.length;
  taken.fill(0);
  // Where all draw on all, each takes of each by its part of the whole.
  if (on.every((own) => own.length === n)) {
    const all = pool.reduce((sum, had) => sum + had, 0);
    let left = all;
    for (let t = 0; t < used.length; t += 1) {
      const amount = Math.min(left, valueAt(used, t));
      left -= amount;
      for (let b = 0; b < n; b += 1) taken[t * n + b] = all > 0 ? (valueAt(pool, b) * amount) / all : 0;
    }
    return;
  }
  const order = on
    .map((own, t) => ({ t, own }))
    .toSorted((a, b) => a.own.length - b.own.length || a.t - b.t)
    .map(({ t }) => t);
  const left = pool.slice();
  for (const [i, t] of order.entries()) takeFrom(left, on, t, order.slice(i + 1), used, taken);
}

function takeFrom(
  pool: Float64Array,
  on: Filling['on'],
  t: number,
  later: readonly number[],
  used: Float64Array,
  taken: Float64Array,
): void {
  const own = entryAt(on, t);
  const free = pool.slice();
  for (const other of later) {
    const theirs = entryAt(on, other);
    const elsewhere = theirs.reduce((sum, b) => sum + (own.includes(b) ? 0 : valueAt(free, b)), 0);
    const shared = theirs.filter((b) => own.includes(b));
    const must = Math.max(0, valueAt(used, other) - elsewhere);
    const there = shared.reduce((sum, b) => sum + valueAt(free, b), 0);
    const part = there > 0 ? Math.min(1, must / there) : 0;
    for (const b of shared) free[b] = valueAt(free, b) * (1 - part);
  }
  // What is free first; where that does not do, what there is.
  const wanted = valueAt(used, t);
  const first = take(free, own, wanted);
  for (const b of own) give(b, valueAt(first, b));
  const given = own.reduce((sum, b) => sum + valueAt(first, b), 0);
  if (wanted - given > ROUNDING) {
    const rest = take(pool, own, wanted - given);
    for (const b of own) give(b, valueAt(rest, b));
  }

  function give(b: number, amount: number): void {
    pool[b] = Math.max(0, valueAt(pool, b) - amount);
    taken[t * pool.length + b] = valueAt(taken, t * pool.length + b) + amount;
  }
}

/** Less than this of a gram is rounding. */
const ROUNDING = 1e-9;

/** So much of some batches, in proportion to what there is of each: how much of which. */
function take(of: Float64Array, own: readonly number[], amount: number): Float64Array {
  const there = own.reduce((sum, b) => sum + valueAt(of, b), 0);
  const share = there > 0 ? Math.min(1, amount / there) : 0;
  return Float64Array.from(of, (had, b) => (own.includes(b) ? had * share : 0));
}
