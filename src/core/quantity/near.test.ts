import { expect, test } from '@jest/globals';
import { unitNear } from './near.ts';

test.each([
  ['1250', ['kg', 'g'], 1050, 1380, 'g'],
  ['1.25', ['kg', 'g'], 1050, 1380, 'kg'],
  ['1,25', ['kg', 'g'], 1050, 1380, 'kg'],
  ['300', ['kg', 'g'], 1050, 1380, 'g'],
  // Far from it in either: asked.
  ['60', ['kg', 'g'], 1050, 1380, undefined],
  ['12', ['lb', 'oz'], 3000, 4000, 'lb'],
  // Pounds or ounces, as likely: asked.
  ['3', ['lb', 'oz'], 200, 500, undefined],
  ['2', ['l', 'ml'], 1500, 2500, 'l'],
  ['1250 g', ['kg', 'g'], 1050, 1380, undefined],
])('%s of %j beside %d to %d', (text, units, lo, hi, unit) => {
  expect(unitNear(text, units, { lo, hi })).toBe(unit);
});
