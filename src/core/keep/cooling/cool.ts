import type { CoolWay } from '../../meal/index.ts';
import { entryAt, valueAt } from '../../columns/index.ts';
import { limits } from './limits.ts';
import { evenLayer, type Layer, stepLayer } from './slab.ts';

/** What is cooled, in pans that are alike. */
export interface Cools {
  /** A liquid stirs itself while it is warm; shred does not, and meat in its sauce hardly. */
  readonly what: 'liquid' | 'shred' | 'both';
  /** cm of food in each pan. */
  readonly depthCm: number;
  /** Across and along; without a length it is round, cm. */
  readonly widthCm: number;
  readonly lengthCm?: number;
  /** cm²: bottom, and walls as high as the food. */
  readonly bottomCm2: number;
  readonly wallCm2: number;
  readonly way: CoolWay;
  /** °C where it starts. */
  readonly fromC: number;
}

interface Around {
  /** W/m²/K through the bottom and the walls, and at the open top. */
  readonly wall: number;
  readonly top: number;
  readonly ambient: number;
}

/** How each way takes heat (estimates: still air with what steams off, moving cold air, ice water about the pan). */
const around: Readonly<Record<CoolWay, Around>> = {
  'on the counter': { wall: 8, top: 14, ambient: 21 },
  fridge: { wall: 10, top: 12, ambient: 3.5 },
  'ice bath': { wall: 60, top: 12, ambient: 0.5 },
  'ice bath, stirred': { wall: 150, top: 14, ambient: 0.5 },
};

/**
 * J/kg/K and kg/m³ of broth, and of shred with its juice; conductivity of what does not move, W/m/K (from memory: handbooks
 * have .5 to .6 for cooked meat and stew).
 */
const stuff = {
  liquid: { heat: 4100, density: 1010, k: 0.6 },
  both: { heat: 3800, density: 1030, k: 0.55 },
  shred: { heat: 3500, density: 850, k: 0.55 },
} as const;

/** Minutes between the points of a curve. */
export const STEP_MIN = 3;
const LONGEST_H = 24;

/** Temperature of the warmest of it, °C, every three minutes. */
export type CoolingCurve = Float64Array;

/**
 * How something cools: a liquid as one body by what its surfaces give (Newton's law); shred and meat in sauce by conduction
 * through their depth and out to their walls. An ice bath is kept up until it is cold.
 * @param rate of the usual, by what a thermometer has shown
 * @param hours it is followed so long
 */
export function coolingCurve(cools: Cools, rate = 1, hours = LONGEST_H): CoolingCurve {
  const n = Math.ceil((hours * 60) / STEP_MIN) + 1;
  const seconds = STEP_MIN * 60 * rate;
  const { ambient } = around[cools.way];
  const left =
    cools.what === 'liquid' ? bodyLeft(cools, seconds, n) : denseLeft(cools, cools.what, seconds, n);
  return left.map((share) => ambient + (cools.fromC - ambient) * share);
}

/** Of its warmth so much is left at each point, of a liquid that stirs itself. */
function bodyLeft({ way, bottomCm2, wallCm2, depthCm }: Cools, seconds: number, n: number): Float64Array {
  const { wall, top } = around[way];
  const { heat, density } = stuff.liquid;
  const perK = 1e-4 * (wall * (bottomCm2 + wallCm2) + top * bottomCm2);
  const kg = (density * bottomCm2 * depthCm) / 1e6;
  // The liquid's own boundary layers take part of the fall where nobody stirs (estimate).
  const stirred = way === 'ice bath, stirred' ? 1 : STILL;
  const step = Math.exp((-perK * stirred * seconds) / (kg * heat));
  return Float64Array.from({ length: n }, (_, i) => step ** i);
}

/**
 * The same of the warmest of what does not move. Conduction is linear and begins even, so that the way down and the ways across
 * multiply (Newman's product, exact for a brick and a short cylinder; Carslaw and Jaeger).
 */
function denseLeft(
  { way, depthCm, widthCm, lengthCm }: Cools,
  what: 'shred' | 'both',
  seconds: number,
  n: number,
): Float64Array {
  const { wall, top } = around[way];
  const { heat, density, k } = stuff[what];
  const of = (cm: number, below: number, above: number): Layer => ({
    depth: cm / 100,
    diffusivity: k / (heat * density),
    conductivity: k,
    below,
    above,
    ambient: 0,
  });
  // From the middle to the wall, since both sides are alike.
  const across: readonly Layer[] =
    lengthCm === undefined
      ? [{ ...of(widthCm / 2, 0, wall), round: true }]
      : [of(widthCm / 2, 0, wall), of(lengthCm / 2, 0, wall)];
  const layers = [of(depthCm, wall, top), ...across];
  let now = layers.map(() => evenLayer(1));
  return Float64Array.from({ length: n }, (_, i) => {
    if (i > 0) now = layers.map((layer, j) => stepLayer(layer, entryAt(now, j), seconds));
    return now.reduce((left, one) => left * one.reduce((a, b) => Math.max(a, b), 0), 1);
  });
}
const STILL = 0.8;

/** Hours until it has come down to a temperature; undefined if it never does within a day. */
export function hoursTo(curve: CoolingCurve, celsius: number): number | undefined {
  const at = curve.findIndex((t) => t <= celsius);
  if (at < 0) return undefined;
  if (at === 0) return 0;
  const [a, b] = [valueAt(curve, at - 1), valueAt(curve, at)];
  return ((at - 1 + (a - celsius) / Math.max(1e-9, a - b)) * STEP_MIN) / 60;
}

/** °C after so many minutes. */
export function celsiusAt(curve: CoolingCurve, minutes: number): number {
  const x = Math.max(0, Math.min(curve.length - 1, minutes / STEP_MIN));
  const i = Math.min(curve.length - 2, Math.floor(x));
  return valueAt(curve, i) + (valueAt(curve, i + 1) - valueAt(curve, i)) * (x - i);
}

/** Whether it keeps both limits, counted from 57 °C. */
export function keepsLimits(curve: CoolingCurve): boolean {
  const from = hoursTo(curve, limits.from) ?? Infinity;
  const first = hoursTo(curve, limits.first) ?? Infinity;
  const last = hoursTo(curve, limits.last) ?? Infinity;
  return first - from <= limits.firstH && last - from <= limits.lastH;
}
