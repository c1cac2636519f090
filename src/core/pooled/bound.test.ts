import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { sampleNormals } from '../model/index.ts';
import { boundOf } from './bound.ts';

/** Mean and standard deviation of what is left of a normal beyond a bound, drawn. */
function drawn(at: number, sd: number): { readonly mean: number; readonly sd: number } {
  const left = sampleNormals(42, 400_000)
    .map((z) => z * sd)
    .filter((value) => value > at);
  const mean = left.reduce((sum, one) => sum + one, 0) / left.length;
  return { mean, sd: Math.sqrt(left.reduce((sum, one) => sum + (one - mean) ** 2, 0) / left.length) };
}

test('put together with its normal again, the message has the mean and spread of the normal cut off there', () => {
  for (const at of [-0.1, 0, 0.05, 0.12]) {
    const sd = 0.1;
    const message = boundOf(at, 'above', sd);
    const precision = 1 / sd ** 2 + 1 / message.sd ** 2;
    const found = drawn(at, sd);
    expect(message.value / message.sd ** 2 / precision).toBeCloseTo(found.mean, 3);
    expect(1 / Math.sqrt(precision)).toBeCloseTo(found.sd, 3);
  }
});

test('below is above, mirrored; a bound never says more than its side', () => {
  fc.assert(
    fc.property(
      fc.double({ min: -0.3, max: 0.3, noNaN: true }),
      fc.double({ min: 0.05, max: 0.3, noNaN: true }),
      (at, sd) => {
        const [above, below] = [boundOf(at, 'above', sd), boundOf(-at, 'below', sd)];
        expect(below.value).toBeCloseTo(-above.value, 9);
        expect(above.sd).toBeGreaterThan(0);
        expect(above.value).toBeGreaterThanOrEqual(-1e-9);
      },
    ),
  );
});
