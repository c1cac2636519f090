import { openMeal } from '../../model/index.ts';
import { expect, test } from '@jest/globals';
import { reckon } from '../../reckoning/reckon.ts';
import { batchOf, dishOf, grams, inputOf, lotOf } from '../../testing/meals.ts';
import { massOf } from '../../ledger/index.ts';

const item = (id: string, ref: string, g: number) => ({ id, ref, amount: grams(g), state: 'in' as const });

/**
 * Sodium and water of a composed pot, worked by hand from USDA SR24 per 100 g: beef stock (06170) 95.89
 * g water, 198 mg sodium; soy sauce (16123) 66.3 g, 5637 mg; onion (11282) 89.11 g, 4 mg; parmesan, hard
 * (01033) 29.16 g, 1602 mg. Salt is sodium by molar masses, 58.443 / 22.990 (CIAAW).
 */
test('what goes in brings the water and the salt that the table prints', () => {
  const items = [
    item('a', 'stock-beef', 1500),
    item('b', 'soy-sauce', 60),
    item('c', 'onion', 400),
    item('d', 'cheese-rind', 80),
  ];
  const { ledger, batches } = reckon(
    openMeal(
      inputOf(
        [batchOf([lotOf('beef-shank', 2000)], { items, salt: grams(5), sear: false })],
        [dishOf('taco', 10)],
      ),
    ),
  );
  const sodiumMg = 15 * 198 + 0.6 * 5637 + 4 * 4 + 0.8 * 1602;
  expect(batches[0]?.salt?.itemsG).toBeCloseTo((58.443 / 22.99) * (sodiumMg / 1000), 0);
  const waterG = 15 * 95.89 + 0.6 * 66.3 + 4 * 89.11 + 0.8 * 29.16;
  const into = ledger.filter(({ id }) => id === 'pour' || id === 'item');
  const water = into.reduce((sum, flow) => sum + flow.now.water, 0);
  expect(Math.abs(water - waterG)).toBeLessThan(0.004 * waterG);
  expect(into.reduce((sum, flow) => sum + massOf(flow.now), 0)).toBeCloseTo(2040, 6);
});
