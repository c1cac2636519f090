import { valueAt } from '../columns/index.ts';
import { errorFunction } from 'simple-statistics';
import type { Feel } from '../meal/index.ts';

/** A fork in the meat: when, what it said, and whether only the big pieces were tried. */
export interface Seen {
  /** Of the cook. */
  readonly minutes: number;
  readonly feel: Feel;
  readonly big: boolean;
}

/** Between which points of the way to tender (1) each word lies (estimates). */
const bounds: Readonly<Record<Feel, readonly [number, number]>> = {
  resists: [0, 0.75],
  'gives but holds': [0.75, 1],
  'turns freely': [1, 1.5],
  'falls apart': [1.5, Infinity],
  'the bone slides out': [1.1, Infinity],
};

/** A hand tells these points from one another to about so much of the way (log-normal, estimate). */
const HAND = 0.08;

export const isTender = (feel: Feel): boolean => bounds[feel][0] >= 1;

/** Beyond these the normal is as good as nought or one. */
const FAR = 6;
const STEPS = 4096;
const table = Float64Array.from(
  { length: STEPS + 1 },
  (_, i) => (1 + errorFunction((-FAR + (2 * FAR * i) / STEPS) / Math.SQRT2)) / 2,
);

/** Φ, the standard normal's distribution function: read off a table, since it is asked thousands of times (to 3e-7). */
export function phi(z: number): number {
  const at = ((z + FAR) / (2 * FAR)) * STEPS;
  if (!(at > 0)) return 0;
  if (at >= STEPS) return 1;
  const i = Math.floor(at);
  const low = valueAt(table, i);
  return low + (valueAt(table, i + 1) - low) * (at - i);
}

/** How likely it is that a hand says this of meat so far on its curve. */
export function feelLikelihood(feel: Feel, far: number): number {
  const [from, to] = bounds[feel];
  if (far <= 0) return from === 0 ? 1 : 0;
  const above = from === 0 ? 1 : phi((Math.log(far) - Math.log(from)) / HAND);
  const beyond = to === Infinity ? 0 : phi((Math.log(far) - Math.log(to)) / HAND);
  return above - beyond;
}
