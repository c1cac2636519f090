import { reckon } from '../../reckoning/index.ts';
import { expect, test } from '@jest/globals';
import { amountOf } from '../../ledger/index.ts';
import { openMeal } from '../../model/index.ts';
import { batchOf, dishOf, inputOf, lotOf } from '../../testing/meals.ts';
import { energyOf, perServing } from './perServing.ts';

test('energy by Atwater’s factors is what SR24 prints, row by row', () => {
  // USDA SR24 13818, blade roast, braised: protein 26.37, fat 27.26, 359 kcal in 100 g; 06170, beef stock: protein 1.97,
  // fat .09, carbohydrate 1.2, 13 kcal. SR24 has factors of its own for meat, a little above the general ones.
  const blade = energyOf(amountOf({ protein: 26.37, fat: 27.26 }));
  expect(Math.abs(blade / 359 - 1)).toBeLessThan(0.03);
  expect(energyOf(amountOf({ protein: 1.97, fat: 0.09, other: 1.2 }))).toBeCloseTo(13, 0);
});

test('a serving worked by hand: its meat and its liquid, and what guests must not have', () => {
  const input = inputOf([batchOf([lotOf('beef-blade-roast', 3000)])], [dishOf('roll', 6)]);
  const meal = openMeal(input);
  const [one] = perServing(meal, reckon(meal).meal);
  if (!one) throw new Error('no serving');
  // 130 g of braised beef with its fat picked over, and 75 ml of broth: by SR24 some 25 to 32 g of protein in 100 g.
  expect(one.proteinG.mid).toBeGreaterThan(0.25 * 130);
  expect(one.proteinG.mid).toBeLessThan(0.34 * 130);
  expect(one.energyKcal.mid).toBeGreaterThan(200);
  expect(one.energyKcal.mid).toBeLessThan(480);
  expect(one.energyKcal.p10 ?? NaN).toBeLessThan(one.energyKcal.mid);
  expect(one.holds).toEqual(expect.arrayContaining(['beef', 'gluten', 'celery']));
});
