import { describe, expect, test } from '@jest/globals';
import { drawYields, type YieldLot } from './yieldDraws.ts';

const N = 20_000;
const KITCHEN = 0.05 ** 2;
const CUT = 0.07 ** 2;
const LOT = 0.06 ** 2;
const lot = (id: string, cut: string, seen = NaN): YieldLot => ({
  batch: 'pot',
  lot: id,
  cut,
  cutSpread: 0.07,
  seen,
});

function stats(lots: readonly YieldLot[]) {
  const logs = drawYields('meal', lots, N).map((column) => column.map(Math.log));
  const mean = (xs: Float64Array) => xs.reduce((sum, x) => sum + x, 0) / N;
  const means = logs.map(mean);
  const cov = (i: number, j: number) =>
    (logs[i] ?? new Float64Array(0)).reduce(
      (sum, x, d) => sum + (x - (means[i] ?? 0)) * ((logs[j]?.[d] ?? 0) - (means[j] ?? 0)),
      0,
    ) / N;
  return { means, cov };
}

describe('the yields of lots', () => {
  test('share the kitchen, and those of one cut its error too', () => {
    const { cov } = stats([lot('a', 'blade'), lot('b', 'blade'), lot('c', 'shank')]);
    expect(cov(0, 0)).toBeCloseTo(KITCHEN + CUT + LOT, 3);
    expect(cov(0, 1)).toBeCloseTo(KITCHEN + CUT, 3);
    expect(cov(0, 2)).toBeCloseTo(KITCHEN, 3);
  });

  /** Normal posterior with one observation, in closed form (any text on Bayes): Σ_io / Σ_oo · seen. */
  test('move towards what another lot weighed, by the closed form of the posterior', () => {
    const seen = -0.12;
    const { means, cov } = stats([lot('a', 'blade', seen), lot('b', 'blade'), lot('c', 'shank')]);
    const all = KITCHEN + CUT + LOT;
    expect(means[0]).toBeCloseTo(seen, 9);
    expect(means[1]).toBeCloseTo(((KITCHEN + CUT) / all) * seen, 2);
    expect(means[2]).toBeCloseTo((KITCHEN / all) * seen, 2);
    expect(cov(0, 0)).toBeCloseTo(0, 9);
    expect(cov(1, 1)).toBeCloseTo(all - (KITCHEN + CUT) ** 2 / all, 3);
    expect(cov(2, 2)).toBeCloseTo(all - KITCHEN ** 2 / all, 3);
  });

  test('what one lot weighed is not undone by another that agrees', () => {
    const one = stats([lot('a', 'blade', -0.1), lot('b', 'blade')]);
    const two = stats([lot('a', 'blade', -0.1), lot('a2', 'blade', -0.1), lot('b', 'blade')]);
    expect(two.means[2]).toBeLessThan(one.means[1] ?? 0);
    expect(two.cov(2, 2)).toBeLessThan(one.cov(1, 1));
  });
});
