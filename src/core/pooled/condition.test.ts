import { describe, expect, test } from '@jest/globals';
import { condition } from './condition.ts';

const KITCHEN = 0.05 ** 2;
const CUT = 0.07 ** 2;
const LOT = 0.06 ** 2;
const ALL = KITCHEN + CUT + LOT;
/** Three lots of a kitchen, the first two of one cut. */
const covariance = (i: number, j: number) =>
  KITCHEN + (Math.max(i, j) < 2 || i === j ? CUT : 0) + (i === j ? LOT : 0);

describe('normals that were looked at', () => {
  /** Normal posterior with one observation, in closed form (any text on Bayes): Σ_io / Σ_oo. */
  test('one lot weighed moves the others by what they share', () => {
    const { gain, spread } = condition(3, covariance, [[[0, 1]]], [0]);
    expect(gain.map(([g]) => g)).toEqual([
      expect.closeTo(1, 9),
      expect.closeTo((KITCHEN + CUT) / ALL, 9),
      expect.closeTo(KITCHEN / ALL, 9),
    ]);
    expect(spread[0]).toBeCloseTo(Math.sqrt(ALL), 9);
  });

  test('a sum of two moves each by half, and noise holds it back', () => {
    const both = [
      [
        [0, 0.5],
        [1, 0.5],
      ],
    ] as const;
    const { gain } = condition(2, covariance, both, [0]);
    expect(gain[0]?.[0]).toBeCloseTo(gain[1]?.[0] ?? NaN, 9);
    const { gain: noisy } = condition(2, covariance, both, [1]);
    expect(noisy[0]?.[0]).toBeLessThan(0.05);
  });

  test('the same look taken twice, free of noise but for a hair, is worth one', () => {
    const once = condition(3, covariance, [[[0, 1]]], [0.001]).gain[1]?.[0] ?? NaN;
    const twice = condition(3, covariance, [[[0, 1]], [[0, 1]]], [0.001, 0.001]).gain[1] ?? [];
    expect((twice[0] ?? NaN) + (twice[1] ?? NaN)).toBeCloseTo(once, 3);
  });
});
