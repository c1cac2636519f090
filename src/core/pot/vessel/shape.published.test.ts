import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Vessel } from '../../meal/schema.ts';
import { brimMl, brimOfWater, fullOfWater, heightOf, surfaceCm2, withVolume, volumeTo } from './shape.ts';

const round: Vessel = { id: 'v', name: 'v', kind: 'pot', shape: 'round', widthCm: 28, heightCm: 14 };
const box: Vessel = { ...round, shape: 'box', widthCm: 18, lengthCm: 26, heightCm: 13 };

/** Volumes of solids (published, any table): cylinder π r² h, box l w h, frustum of a cone π h (R² + R r + r²) / 3. */
test('a vessel holds what its shape holds', () => {
  expect(brimMl(round)).toBeCloseTo(Math.PI * 14 ** 2 * 14, 6);
  expect(brimMl(box)).toBeCloseTo(18 * 26 * 13, 6);
  const bowl = { ...round, bottomCm: 20 };
  expect(brimMl(bowl)).toBeCloseTo((Math.PI * 14 * (14 ** 2 + 14 * 10 + 10 ** 2)) / 3, 6);
});

/** Frustum of a pyramid: h (A + B + √(A B)) / 3 (published; Moscow papyrus, problem 14: 4, 2 and 6 give 56). */
test('a box with sloping walls holds what a frustum of a pyramid holds', () => {
  const papyrus: Vessel = { ...box, widthCm: 2, lengthCm: 2, bottomCm: 4, heightCm: 6 };
  expect(brimMl(papyrus)).toBeCloseTo(56, 9);
});

const vessels = fc.record({
  id: fc.constant('v'),
  name: fc.constant('v'),
  kind: fc.constant('pot' as const),
  shape: fc.constantFrom('round' as const, 'box' as const),
  widthCm: fc.double({ min: 5, max: 60, noNaN: true }),
  lengthCm: fc.double({ min: 5, max: 60, noNaN: true }),
  bottomCm: fc.double({ min: 5, max: 60, noNaN: true }),
  heightCm: fc.double({ min: 3, max: 50, noNaN: true }),
  brimMl: fc.option(fc.double({ min: 100, max: 60_000, noNaN: true }), { nil: undefined }),
});

test('height is volume the other way round, over the brim too', () => {
  fc.assert(
    fc.property(vessels, fc.double({ min: 0, max: 1.4, noNaN: true }), (vessel, share) => {
      const cm = share * vessel.heightCm;
      const ml = volumeTo(vessel, cm);
      expect(heightOf(vessel, ml)).toBeCloseTo(cm, 6);
      if (vessel.brimMl !== undefined) expect(brimMl(vessel)).toBeCloseTo(vessel.brimMl, 4);
    }),
  );
});

test('the surface is what a little more would stand on', () => {
  const bowl = { ...round, bottomCm: 20 };
  expect((volumeTo(bowl, 7.001) - volumeTo(bowl, 7)) / 0.001).toBeCloseTo(surfaceCm2(bowl, 7), 0);
});

/** Water of 15 °C weighs .999 g/ml (published, any steam table). */
test('weighed empty and full of water, a vessel says what it holds, and keeps its proportions', () => {
  const holds = brimOfWater(9_000, 1_500);
  expect(holds).toBeCloseTo(7_507.5, 1);
  expect(fullOfWater(holds, 1_500)).toBeCloseTo(9_000, 9);
  expect(volumeTo({ ...round, brimMl: holds }, 7)).toBeCloseTo(holds / 2, 6);
});

test('a volume alone makes a vessel as deep as it takes, and leaves its width', () => {
  for (const kind of ['pot', 'slow cooker', 'tray'] as const)
    for (const shape of ['round', 'box'] as const) {
      const vessel = withVolume({ ...round, kind, shape, bottomCm: 10, brimMl: 900 }, 6_000);
      expect(brimMl(vessel)).toBeCloseTo(6_000, 6);
      expect([vessel.widthCm, vessel.bottomCm]).toEqual([round.widthCm, 10]);
    }
});
