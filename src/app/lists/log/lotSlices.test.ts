import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runs } from '@/core/testing/runs.ts';
import { lotSlices } from './lotSlices.ts';

/** The area within a written outline, by its corners. */
function areaWithin(path: string): number {
  const points = [...path.matchAll(/(-?[\d.]+),(-?[\d.]+)(?=[CZ]|$)/g)].map(
    ([, x, y]) => [Number(x), Number(y)] as const,
  );
  return Math.abs(
    points.reduce((sum, [x, y], i) => {
      const [nx, ny] = points[(i + 1) % points.length] ?? [x, y];
      return sum + (x * ny - nx * y) / 2;
    }, 0),
  );
}

const lengthOf = (path: string): number => {
  const points = path
    .slice(1)
    .split('L')
    .map((point) => point.split(' ').map(Number));
  return points
    .slice(1)
    .reduce(
      (sum, [x = 0, y = 0], i) => sum + Math.hypot(x - (points[i]?.[0] ?? 0), y - (points[i]?.[1] ?? 0)),
      0,
    );
};

describe('a lot, drawn', () => {
  test('weighs what it weighs: area by thickness and density, and bone as its share', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 400, max: 9000 }),
        fc.double({ min: 0.05, max: 0.35, noNaN: true }),
        fc.constantFrom('cross-cut' as const, 'piece' as const),
        fc.integer(),
        (rawG, share, kind, seed) => {
          const lot = lotSlices({ rawG, boneG: share * rawG, pickingsG: 0.05 * rawG, fatG: 0 }, kind, seed);
          const mm2 = lot.slices.reduce((sum, { outline }) => sum + areaWithin(outline), 0);
          expect((mm2 / 100) * lot.thickCm * 1.07).toBeGreaterThan(0.98 * rawG);
          expect((mm2 / 100) * lot.thickCm * 1.07).toBeLessThan(1.02 * rawG);
          const bone = lot.slices.reduce((sum, one) => sum + areaWithin(one.bone ?? ''), 0);
          expect(bone / mm2).toBeCloseTo(share, 2);
        },
      ),
      { numRuns: runs(60) },
    );
  });

  test('twice the membrane is twice the seam, in the same places; without a bone all of a seam is seen', () => {
    const lot = (pickingsG: number) =>
      lotSlices({ rawG: 2600, boneG: 0, pickingsG, fatG: 0 }, 'cross-cut', 7);
    const [little, much] = [lot(130), lot(260)];
    expect(much.slices.map(({ seams }) => seams)).toEqual(little.slices.map(({ seams }) => seams));
    for (const [i, { seams, seamMm, outline }] of little.slices.entries()) {
      expect(much.slices[i]?.seamMm).toBeCloseTo(2 * seamMm, 9);
      const drawn = seams.reduce((sum, path) => sum + lengthOf(path), 0) * seamMm;
      expect(drawn / areaWithin(outline)).toBeCloseTo(0.05, 2);
    }
  });
});
