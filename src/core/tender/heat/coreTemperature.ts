import { valueAt } from '../../quantity/index.ts';
import { slab } from './series.ts';

/** A piece of meat as a brick: its sides, cm, and its diffusivity, m²/s. */
export interface Brick {
  readonly sides: readonly [number, number, number];
  readonly diffusivity: number;
}

/**
 * How much of a change of its surface the middle of a brick has felt, 0 to 1, at each step after it:
 * the product of its three slabs (published: Carslaw and Jaeger).
 */
export function stepResponse({ sides, diffusivity }: Brick, steps: number, minutes: number): Float64Array {
  const rates = sides.map((cm) => (diffusivity * 60) / (cm / 200) ** 2);
  const [a = 0, b = 0, c = 0] = rates;
  return Float64Array.from({ length: steps }, (_, n) => {
    const t = n * minutes;
    return 1 - slab(a * t) * slab(b * t) * slab(c * t);
  });
}

/**
 * Temperature in the middle of a brick whose surface follows a given course, °C, at each step: each
 * change of the surface is felt by its own step response (Duhamel's principle, published: Carslaw and
 * Jaeger). A change between two steps is taken to happen half curve.
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
  for (let i = 0; i < n; i += 1) {
    let sum = start + valueAt(change, 0) * valueAt(half, 2 * i);
    for (let j = 1; j <= i; j += 1) sum += valueAt(change, j) * valueAt(half, 2 * (i - j) + 1);
    middle[i] = sum;
  }
  return middle;
}
