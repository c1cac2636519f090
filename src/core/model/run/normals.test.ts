import { expect, test } from '@jest/globals';
import { normals, sampleNormals, seedOf } from './normals.ts';

const moment = (xs: Float64Array, k: number) => xs.reduce((sum, x) => sum + x ** k, 0) / xs.length;

/** Moments of the standard normal: 0, 1, 0, 3 (published, any text on probability). */
test('the draws are standard normals', () => {
  const xs = sampleNormals(seedOf('a kitchen'), 200_000);
  expect(moment(xs, 1)).toBeCloseTo(0, 1);
  expect(moment(xs, 2)).toBeCloseTo(1, 1);
  expect(Math.abs(moment(xs, 3))).toBeLessThan(0.05);
  expect(Math.abs(moment(xs, 4) - 3)).toBeLessThan(0.1);
});

test('each key has a stream of its own, and the same one every time', () => {
  const keys = ['meal|pot|a|y', 'meal|pot|b|y', 'meal|pot|a|bone', 'other|pot|a|y'];
  const columns = keys.map((key) => normals(key, 5_000));
  for (const [i, a] of columns.entries()) {
    for (const b of columns.slice(i + 1)) {
      const correlation = a.reduce((sum, x, d) => sum + x * (b[d] ?? 0), 0) / a.length;
      expect(Math.abs(correlation)).toBeLessThan(0.06);
    }
  }
  expect(sampleNormals(seedOf(keys[0] ?? ''), 5_000)).toEqual(columns[0]);
});

test('more draws begin with the same ones', () => {
  expect(sampleNormals(7, 100)).toEqual(sampleNormals(7, 1_000).slice(0, 100));
});
