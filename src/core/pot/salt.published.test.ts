import { expect, test } from '@jest/globals';
import { reference } from '@/reference/index.ts';
import { salts, saltSpoons, saltToAdd } from './salt.ts';

/** NaCl 58.443, Na 22.990 g/mol (CIAAW standard atomic weights): 2.542 g of salt for each g of sodium. */
const SALT = 58.443 / 22.99;

/** Sodium per 100 g as printed in USDA SR24: 06170 beef stock 198 mg, 16123 soy sauce 5637 mg, 06194 broth 366 mg. */
test.each([
  ['stock-beef', 198],
  ['soy-sauce', 5637],
  ['broth-canned', 366],
])('the salt of %s is that of its sodium', (id, sodiumMg) => {
  const per = reference.ingredients.find((ingredient) => ingredient.id === id)?.per;
  expect(per?.salt).toBeCloseTo((SALT * sodiumMg) / 100_000, 4);
});

/** By hand: 2000 g of broth at .8 % want 16.13 g in it; with 1000 g of the meat's water to 2000, half as much again. */
test('salt is solved back from the finished liquid and all the water', () => {
  expect(saltToAdd(0.008, 2000, 2000, 3000, 0)).toBeCloseTo(16.129 * 1.5, 2);
  expect(saltToAdd(0.008, 2000, 2000, 3000, 10)).toBeCloseTo(16.129 * 1.5 - 10, 2);
  expect(saltToAdd(0.008, 2000, 2000, 3000, 100)).toBe(0);
  expect(saltToAdd(0.008, 0, 0, 3000, 0)).toBe(0);
});

test('spoons follow the salt: 18 g are three of fine salt (SR24 02047: 6 g a teaspoon), more of flakes', () => {
  const [fine, , flakes] = salts;
  expect(saltSpoons(18, fine)).toBe('3 tsp of fine salt');
  expect(saltSpoons(18, flakes)).toBe('2.25 tbsp of light flakes');
  expect(saltSpoons(0.4, fine)).toBe('0 tsp of fine salt');
});
