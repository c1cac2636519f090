import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runs } from '@/core/testing/runs.ts';
import { celsiusAt, coolingCurve, hoursTo, keepsLimits } from './cool.ts';
import { fitCooling } from './fit.ts';
import { limits } from './limits.ts';
import { inPans, pansFor } from './pans.ts';
import { evenLayer, stepLayer } from './slab.ts';
import { latestSplit, withSplit } from './split.ts';

/** The middle of a slab after its surfaces were changed at once (Carslaw and Jaeger, all terms). */
function series(fo: number): number {
  let sum = 0;
  for (let n = 0; n < 30; n += 1) {
    const root = (2 * n + 1) * (Math.PI / 2);
    sum += ((n % 2 === 0 ? 2 : -2) / root) * Math.exp(-root * root * fo);
  }
  return sum;
}

describe('conduction', () => {
  test.each([0.1, 0.2, 0.4, 0.8])(
    'a slab open on both sides is the series of Carslaw and Jaeger, Fo %s',
    (fo) => {
      const depth = 0.05;
      const diffusivity = 1.4e-7;
      const seconds = (fo * (depth / 2) ** 2) / diffusivity;
      const cold = { depth, diffusivity, conductivity: 0.5, below: 1e6, above: 1e6, ambient: 0 };
      const out = stepLayer(cold, evenLayer(1), seconds);
      const middle = ((out[11] ?? NaN) + (out[12] ?? NaN)) / 2;
      expect(middle).toBeCloseTo(series(fo), 2);
    },
  );

  test('open on one side alone its depth counts whole: half the depth, both sides, is as slow', () => {
    const one = { depth: 0.025, diffusivity: 1.4e-7, conductivity: 0.5, below: 0, above: 1e6, ambient: 0 };
    const both = { ...one, depth: 0.05, below: 1e6 };
    const seconds = 1800;
    expect(stepLayer(one, evenLayer(1), seconds)[0]).toBeCloseTo(
      stepLayer(both, evenLayer(1), seconds)[12] ?? NaN,
      2,
    );
  });
});

/**
 * Conduction in a round pot in two dimensions, explicit finite volumes on rings and layers: an independent reference.
 * @returns hours until the warmest of it is down
 */
function inTwoDimensions(
  { depth, radius, k, diffusivity }: Record<'depth' | 'radius' | 'k' | 'diffusivity', number>,
  { wall, top, ambient }: Record<'wall' | 'top' | 'ambient', number>,
  [from, to]: readonly [number, number],
): number {
  const [nz, nr] = [20, 40];
  const [dz, dr] = [depth / nz, radius / nr];
  const dt = 0.2 * (Math.min(dz, dr) ** 2 / diffusivity);
  const through = (h: number, d: number) => 1 / (1 / h + d / 2 / k) / k;
  let t = Array.from({ length: nz }, () => new Float64Array(nr).fill(from));
  for (let seconds = 0; ; seconds += dt) {
    const warmest = Math.max(...t.map((row) => Math.max(...row)));
    if (warmest <= to) return seconds / 3600;
    t = t.map((row, z) =>
      row.map((own, r) => {
        const down = z === 0 ? through(wall, dz) * (ambient - own) : ((t[z - 1]?.[r] ?? own) - own) / dz;
        const up = z === nz - 1 ? through(top, dz) * (ambient - own) : ((t[z + 1]?.[r] ?? own) - own) / dz;
        const inward = r === 0 ? 0 : (r * ((row[r - 1] ?? own) - own)) / dr;
        const outward =
          r === nr - 1
            ? (r + 1) * through(wall, dr) * (ambient - own)
            : ((r + 1) * ((row[r + 1] ?? own) - own)) / dr;
        return own + diffusivity * dt * ((down + up) / dz + (inward + outward) / ((r + 0.5) * dr));
      }),
    );
  }
}

describe('what does not move', () => {
  const pot = { shape: 'round', widthCm: 28 } as const;
  const stew = (way: 'fridge' | 'ice bath', grams = 4000) =>
    hoursTo(coolingCurve({ ...inPans('both', grams, 1, way, pot), fromC: 57 }), 21) ?? NaN;

  test('4 kg of stew in a 28 cm pot: about 4.3 h in the fridge and 2.4 h in ice (two-dimensional conduction)', () => {
    expect(Math.abs(stew('fridge') - 4.31)).toBeLessThan(0.15);
    expect(Math.abs(stew('ice bath') - 2.44)).toBeLessThan(0.15);
    // Dense food is slower than a liquid that stirs itself.
    const broth =
      hoursTo(coolingCurve({ ...inPans('liquid', 4000, 1, 'fridge', pot), fromC: 57 }), 21) ?? NaN;
    expect(stew('fridge')).toBeGreaterThan(1.2 * broth);
  });

  test.each([
    ['fridge', 4000, { wall: 10, top: 12, ambient: 3.5 }],
    ['ice bath', 4000, { wall: 60, top: 12, ambient: 0.5 }],
    ['fridge', 9000, { wall: 10, top: 12, ambient: 3.5 }],
  ] as const)('%s, %s g: as finite volumes in two dimensions have it', (way, grams, around) => {
    const stuff = { k: 0.55, diffusivity: 0.55 / (3800 * 1030), radius: 0.14 };
    const depth = inPans('both', grams, 1, way, pot).depthCm / 100;
    const exact = inTwoDimensions({ ...stuff, depth }, around, [57, 21]);
    expect(Math.abs(stew(way, grams) / exact - 1)).toBeLessThan(0.02);
  });
});

/**
 * Chili of three and six gallons, cooled in a walk-in: in stockpots it missed the Food Code's steps, in layers of two inches it came
 * several times sooner (Olds and Sneed, J. Am. Diet. Assoc. 105, 2005, from memory: the finding alone, no figure of it).
 */
test.each([11.4, 22.7])(
  '%s l of chili in its pot keep neither step; in layers of 5 cm they are several times sooner',
  (litres) => {
    const grams = 1030 * litres;
    const pot = { shape: 'round', widthCm: litres > 20 ? 36 : 32 } as const;
    const inPot = coolingCurve({ ...inPans('both', grams, 1, 'fridge', pot), fromC: 57 });
    expect(keepsLimits(inPot)).toBe(false);
    expect(hoursTo(inPot, 21) ?? Infinity).toBeGreaterThan(2 * limits.firstH);
    const five = Array.from({ length: 24 }, (_, i) => inPans('both', grams, i + 1, 'fridge', undefined)).find(
      ({ depthCm }) => depthCm <= 5.1,
    );
    const layered = five ? (hoursTo(coolingCurve({ ...five, fromC: 57 }), 21) ?? Infinity) : Infinity;
    expect(layered).toBeLessThan((hoursTo(inPot, 21) ?? Infinity) / 2);
  },
);

describe('the two steps', () => {
  test('are those of the Food Code, 3-501.14 (from memory)', () => {
    expect(limits).toEqual({ from: 57, first: 21, firstH: 2, last: 5, lastH: 6 });
  });

  test('a deep pot on the counter keeps neither; shallow trays in the fridge do better, an ice bath keeps both', () => {
    const pot = { shape: 'round', widthCm: 28 } as const;
    const deep = coolingCurve({ ...inPans('liquid', 6000, 1, 'on the counter', pot), fromC: 57 });
    expect(keepsLimits(deep)).toBe(false);
    const ice = coolingCurve({ ...inPans('liquid', 6000, 1, 'ice bath, stirred', pot), fromC: 57 });
    expect(keepsLimits(ice)).toBe(true);
    const hours = (pans: number) =>
      hoursTo(coolingCurve({ ...inPans('liquid', 6000, pans, 'fridge', undefined), fromC: 57 }), 21) ?? NaN;
    expect(hours(4)).toBeLessThan(hours(2));
    const dense = (what: 'shred' | 'liquid') =>
      hoursTo(coolingCurve({ ...inPans(what, 3000, 1, 'ice bath, stirred', undefined), fromC: 57 }), 21) ??
      NaN;
    expect(dense('shred')).toBeGreaterThan(dense('liquid'));
  });

  test('it only ever cools, and never below what is about it', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('liquid' as const, 'shred' as const, 'both' as const),
        fc.integer({ min: 100, max: 20_000 }),
        fc.integer({ min: 1, max: 12 }),
        fc.constantFrom('on the counter' as const, 'fridge' as const, 'ice bath' as const),
        (what, grams, pans, way) => {
          const curve = coolingCurve({ ...inPans(what, grams, pans, way, undefined), fromC: 60 });
          for (let i = 1; i < curve.length; i += 1) {
            expect(curve[i] ?? NaN).toBeLessThanOrEqual((curve[i - 1] ?? NaN) + 1e-9);
            expect(curve[i] ?? NaN).toBeGreaterThanOrEqual(0);
          }
        },
      ),
      { numRuns: runs(40) },
    );
  });
});

describe('by the thermometer', () => {
  const cools = { ...inPans('liquid', 6000, 1, 'fridge', { shape: 'round', widthCm: 28 }), fromC: 57 };

  test('readings of a slower pan make the curve slower, and the range narrower', () => {
    const truth = coolingCurve(cools, 0.75);
    const readings = [60, 120, 180].map((minutes) => ({ minutes, celsius: celsiusAt(truth, minutes) }));
    const fitted = fitCooling(cools, readings);
    expect(fitted.rate).toBeGreaterThan(0.7);
    expect(fitted.rate).toBeLessThan(0.82);
    const wide = (of: ReturnType<typeof fitCooling>) =>
      (hoursTo(of.slow, 21) ?? NaN) - (hoursTo(of.fast, 21) ?? NaN);
    expect(wide(fitted)).toBeLessThan(wide(fitCooling(cools, [])) / 2);
  });

  test('split at the latest moment it just keeps the first limit; a step later it does not', () => {
    const before = coolingCurve(cools);
    const shallow = inPans('liquid', 6000, pansFor('liquid', 6000, 4), 'ice bath', undefined);
    const at = latestSplit(before, 0, shallow);
    if (at === undefined) throw new Error('it can be split');
    const first = (minutes: number) => hoursTo(withSplit(before, minutes, shallow), 21) ?? NaN;
    expect(first(at)).toBeLessThanOrEqual(2);
    expect(first(at + 3)).toBeGreaterThan(2);
    expect(latestSplit(coolingCurve({ ...shallow, fromC: 57 }), 0, shallow)).toBeUndefined();
  });
});
