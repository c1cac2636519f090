import { valueAt } from '../../columns/index.ts';

/** A layer of food in a pan, or the way across it: how deep, and what it gives its heat to below and above. */
export interface Layer {
  /** m. */
  readonly depth: number;
  /** m²/s, and W/m/K. */
  readonly diffusivity: number;
  readonly conductivity: number;
  /** W/m²/K at the bottom and at the top, and what lies beyond, °C. */
  readonly below: number;
  readonly above: number;
  readonly ambient: number;
  /** From the axis of something round to its wall, which is above: rings in place of layers. */
  readonly round?: true;
}

const NODES = 24;

/** The longest step, s. */
const STEP = 15;

/**
 * Conduction through a layer, stepped forward: its temperatures after so many seconds. Each node gives to its neighbours
 * and the outer ones to the air or the ice (implicit differences; checked against the series of Carslaw and Jaeger).
 * @param from °C at each node, from the bottom up
 */
export function stepLayer(
  { depth, diffusivity, conductivity, below, above, ambient, round }: Layer,
  from: Float64Array,
  seconds: number,
): Float64Array {
  const dx = depth / NODES;
  const steps = Math.max(1, Math.ceil(seconds / STEP));
  const dt = seconds / steps;
  const inner = (diffusivity * dt) / dx ** 2;
  // Half a node's resistance lies between the outer node and its surface.
  const outer = (h: number) =>
    h > 0 ? ((diffusivity * dt) / (conductivity * dx)) * (1 / (1 / h + dx / 2 / conductivity)) : 0;
  // A ring has more of its neighbour outside than inside: face over volume, against a flat layer's.
  const inward = (i: number) => (round ? i / (i + 0.5) : 1);
  const outward = (i: number) => (round ? (i + 1) / (i + 0.5) : 1);
  const [low, high] = [outer(below), outer(above) * outward(NODES - 1)];
  const now = Float64Array.from(from);
  const ratio = new Float64Array(NODES);
  for (let s = 0; s < steps; s += 1) {
    // The three diagonals, solved by elimination (Thomas).
    for (let i = 0; i < NODES; i += 1) {
      const down = i === 0 ? low : inner * inward(i);
      const up = i === NODES - 1 ? high : inner * outward(i);
      const known = valueAt(now, i) + (i === 0 ? low * ambient : 0) + (i === NODES - 1 ? high * ambient : 0);
      const left = i === 0 ? 0 : inner * inward(i);
      const pivot = 1 + down + up - left * (i === 0 ? 0 : valueAt(ratio, i - 1));
      ratio[i] = (i === NODES - 1 ? 0 : inner * outward(i)) / pivot;
      now[i] = (known + left * (i === 0 ? 0 : valueAt(now, i - 1))) / pivot;
    }
    for (let i = NODES - 2; i >= 0; i -= 1)
      now[i] = valueAt(now, i) + valueAt(ratio, i) * valueAt(now, i + 1);
  }
  return now;
}

export const evenLayer = (celsius: number): Float64Array => new Float64Array(NODES).fill(celsius);
