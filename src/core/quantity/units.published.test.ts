import { expect, test } from '@jest/globals';
import { unitNamed } from './units.ts';

/** NIST SP 811 (2008) appendix B.8 and NIST Handbook 44 appendix C, exact factors. */
test.each([
  ['lb', 453.59237],
  ['oz', 28.349523125],
  ['cup', 236.5882365],
  ['fl oz', 29.5735295625],
  ['tsp', 4.92892159375],
  ['tbsp', 14.78676478125],
])('one %s is as NIST prints it', (name, si) => {
  expect(unitNamed(name)?.si).toBeCloseTo(si, 10);
});

/** The same handbook's definitions, from one another. */
test('16 oz make a pound and 8 fl oz a cup', () => {
  expect(16 * (unitNamed('oz')?.si ?? 0)).toBeCloseTo(unitNamed('lb')?.si ?? NaN, 10);
  expect(8 * (unitNamed('fl oz')?.si ?? 0)).toBeCloseTo(unitNamed('cup')?.si ?? NaN, 10);
});
