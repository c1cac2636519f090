import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { bisect } from './bisect.ts';

test('finds a root to its fineness', () => {
  const [low, high] = bisect((x) => x * x < 2, 0, 2, 1e-9);
  expect(low).toBeCloseTo(Math.SQRT2, 8);
  expect(high - low).toBeLessThanOrEqual(1e-9);
});

test('of whole numbers it finds the two on either side, wherever the turn is', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 1000 }), (turn) => {
      expect(bisect((x) => x < turn, 0, 1000, 1)).toEqual([turn - 1, turn]);
    }),
  );
});
