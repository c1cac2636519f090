import { expect, test } from '@jest/globals';
import { massOf } from '../../ledger/index.ts';
import type { Item } from '../../meal/index.ts';
import { openMeal } from '../../model/index.ts';
import { reckon } from '../../reckoning/index.ts';
import { batchOf, dishOf, grams, inputOf, lotOf } from '../../testing/meals.ts';

const stock: Item = { id: 'stock', ref: 'stock-low-salt', state: 'in', amount: grams(1000) };
const pot = (...items: Item[]) =>
  inputOf([batchOf([lotOf('beef-shank', 2000)], { items: [stock, ...items] })], [dishOf('taco', 10)]);
const figures = (...items: Item[]) => {
  const meal = openMeal(pot(...items));
  const g = (id: string) =>
    meal.nominal.flows.reduce((sum, one) => sum + (one.id === id ? massOf(one.amount) : 0), 0);
  return { liquid: reckon(meal).batches[0]?.liquid, g, items: meal.nominal.batches[0]?.plan.liquid?.items };
};

test('what dried things are soaked in is poured: a sieve holds the chillies, not their water', () => {
  const without = figures();
  const soaked = figures({
    ...{ id: 'chillies', ref: 'chilli-dried', state: 'in', measure: 'mass' },
    amount: grams(60),
    soak: { water: { text: '600 ml', lo: 600, hi: 600 }, goesIn: 1 },
  });
  // 60 g take up 1.6 of their weight (estimate): 504 of the 600 ml are liquid.
  const more = (soaked.liquid?.pouredMl?.mid ?? 0) - (without.liquid?.pouredMl?.mid ?? 0);
  expect(more).toBeGreaterThan(500);
  expect(more).toBeLessThan(515);
  // Of what is strained the chillies, wet through, hold six tenths of their weight (estimate).
  expect(soaked.g('strained')).toBeLessThan(0.65 * 160);
  expect(soaked.g('soakingIn') + soaked.g('preparedItem')).toBeCloseTo(660, 6);
  expect((soaked.liquid?.brothMl?.mid ?? 0) - (without.liquid?.brothMl?.mid ?? 0)).toBeGreaterThan(500);
});

test.each(['tomatoes-crushed', 'tomato-puree'])('%s are a liquid with solids in it', (ref) => {
  const without = figures();
  const wet = figures({ id: 'tomatoes', ref, state: 'in', measure: 'mass', amount: grams(400) });
  expect((wet.liquid?.pouredMl?.mid ?? 0) - (without.liquid?.pouredMl?.mid ?? 0)).toBeGreaterThan(370);
  expect(wet.g('strained')).toBeCloseTo(without.g('strained'), 6);
});

test('without an amount they are no stock that is poured to the line', () => {
  const { items } = figures({ id: 'tomatoes', ref: 'tomatoes-crushed', state: 'in' });
  const tomatoes = items?.find(({ ref }) => ref === 'tomatoes-crushed');
  // The usual share of the meat, as it was.
  expect(tomatoes?.grams).toBeCloseTo(0.05 * 2000, 6);
});
