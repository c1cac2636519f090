import { valueAt } from '../../columns/index.ts';
import { slab } from './series.ts';

/** A piece of meat as a brick: its sides, cm, and its diffusivity, m²/s. */
export interface Brick {
  readonly sides: readonly [number, number, number];
  readonly diffusivity: number;
}

/**
 * How much of a change of its surface the middle of a brick has felt, 0 to 1, at each step after it:
 * the product of its three slabs (published: Carslaw and Jaeger). It hangs on no pot: what is known of a brick serves all.
 * @returns at least so many steps
 */
export function stepResponse({ sides, diffusivity }: Brick, steps: number, minutes: number): Float64Array {
  const key = `${sides.join()} ${diffusivity} ${minutes}`;
  const known = responses.get(key);
  if (known && known.length >= steps) return known;
  const [a = 0, b = 0, c = 0] = sides.map((cm) => (diffusivity * 60) / (cm / 200) ** 2);
  const felt = new Float64Array(steps);
  for (let n = 0; n < steps; n += 1) {
    const t = n * minutes;
    felt[n] = 1 - slab(a * t) * slab(b * t) * slab(c * t);
  }
  if (responses.size > MANY) responses.clear();
  responses.set(key, felt);
  return felt;
}

const responses = new Map<string, Float64Array>();
const MANY = 400;

/**
 * Temperature in the middle of a brick whose surface follows a given course, °C, at each step: each
 * change of the surface is felt by its own step response (Duhamel's principle, published: Carslaw and
 * Jaeger). A change between two steps is taken to happen half way.
 * @param surface °C at each step; start the temperature it had all through
 */
export function coreTemperature(
  brick: Brick,
  surface: Float64Array,
  start: number,
  minutes: number,
): Float64Array {
  const n = surface.length;
  const half = stepResponse(brick, 2 * n + 1, minutes / 2);
  const change = surface.map((t, i) => (i === 0 ? t - start : t - (surface[i - 1] ?? t)));
  const middle = new Float64Array(n);
  const first = valueAt(change, 0);
  for (let i = 0; i < n; i += 1) middle[i] = start + first * valueAt(half, 2 * i);
  // Once it boils nothing changes: such steps are felt by none after them.
  for (let j = 1; j < n; j += 1) {
    const by = valueAt(change, j);
    if (by === 0) continue;
    for (let i = j; i < n; i += 1) middle[i] = valueAt(middle, i) + by * valueAt(half, 2 * (i - j) + 1);
  }
  return middle;
}

/** The same at one step alone. */
export function coreTemperatureAt(
  brick: Brick,
  surface: Float64Array,
  start: number,
  minutes: number,
  at: number,
): number {
  const half = stepResponse(brick, 2 * surface.length + 1, minutes / 2);
  let middle = start + ((surface[0] ?? start) - start) * valueAt(half, 2 * at);
  for (let j = 1; j <= at; j += 1) {
    const by = valueAt(surface, j) - valueAt(surface, j - 1);
    if (by !== 0) middle += by * valueAt(half, 2 * (at - j) + 1);
  }
  return middle;
}
