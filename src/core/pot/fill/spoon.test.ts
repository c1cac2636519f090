import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Vessel } from '../../meal/index.ts';
import { volumeTo } from '../vessel/shape.ts';
import { bySpoon } from './spoon.ts';

const vessel: Vessel = { id: 'p', name: '28 cm pot', kind: 'pot', shape: 'round', widthCm: 28, heightCm: 14 };

describe('a spoon before the lid', () => {
  test('without meat it reads the volume of the pot up to there', () => {
    const { besideMl, pouredMl } = bySpoon({ vessel, meatCm: 0, meatMl: 0, otherMl: 0 }, 5, 0);
    expect(besideMl).toBeCloseTo(volumeTo(vessel, 5), 6);
    expect(pouredMl).toBeCloseTo(besideMl, 6);
  });

  test('where it stands as planned, what was planned was poured', () => {
    const meat = { vessel, meatCm: 8, meatMl: 2000 };
    const { besideMl } = bySpoon({ ...meat, otherMl: 0 }, 6, 0);
    expect(bySpoon({ ...meat, otherMl: besideMl }, 6, 750).pouredMl).toBeCloseTo(750, 6);
  });

  test('deeper is never less, and nothing is poured below nought', () => {
    const depth = fc.double({ min: 0.1, max: 14, noNaN: true });
    const ml = fc.double({ min: 0, max: 4000, noNaN: true });
    fc.assert(
      fc.property(depth, depth, ml, ml, (a, b, otherMl, planned) => {
        const before = { vessel, meatCm: 7, meatMl: 1800, otherMl };
        const [low, high] = a < b ? [a, b] : [b, a];
        const less = bySpoon(before, low, planned);
        const more = bySpoon(before, high, planned);
        expect(more.besideMl).toBeGreaterThanOrEqual(less.besideMl - 1e-9);
        expect(less.pouredMl).toBeGreaterThanOrEqual(0);
      }),
    );
  });
});
