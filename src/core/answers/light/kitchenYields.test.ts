import { expect, test } from '@jest/globals';
import { batchOf, dishOf, inputOf, lotOf, weighedEntry } from '../../testing/meals.ts';
import { openMeal } from '../../model/index.ts';
import { kitchenYields } from './kitchenYields.ts';

test('what was weighed of a cut is gathered over meals; a plan alone is not', () => {
  const lots = [lotOf('beef-brisket', 2000)];
  const shred = (g: number) => weighedEntry({ what: 'sum', flow: 'shred' }, g);
  const weighed = (g: number) => inputOf([batchOf(lots)], [dishOf('taco', 8)], [shred(g)]);
  const found = kitchenYields([weighed(1000), weighed(1200), inputOf([batchOf(lots)], [])].map(openMeal));
  expect(found.get('beef-brisket')?.lots).toBe(2);
  expect(found.get('beef-brisket')?.shredOfRaw).toBeCloseTo(0.55, 9);
  expect(found.has('beef-shank')).toBe(false);
});
