import { valueAt } from '../columns/index.ts';

/** Spread of a serving about its portion, of the portion (estimate). */
export const SERVING_SPREAD = 0.1;

/** What k servings take, each about `one`: their errors add up as √k. */
export const taken = (k: number, one: number, z: number) =>
  Math.max(0, k * one + SERVING_SPREAD * one * Math.sqrt(k) * z);

/** What is left for a ticket: the least that any set that holds its batches can still give. */
export function leftFor(rest: Float64Array, within: readonly number[]): number {
  let least = Infinity;
  for (let i = 0; i < within.length; i += 1) least = Math.min(least, valueAt(rest, within[i] ?? 0));
  return within.length > 0 ? Math.max(0, least) : 0;
}

export function takeOff(rest: Float64Array, within: readonly number[], amount: number): void {
  for (let i = 0; i < within.length; i += 1) {
    const s = within[i] ?? 0;
    rest[s] = valueAt(rest, s) - amount;
  }
}
