import { expect, test } from '@jest/globals';
import { reference } from '@/reference/index.ts';
import { saltAtDressing, salts, saltSpoons, saltWanted } from './salt.ts';

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
  const end = (saltG: number) => ({ waterG: 3000, saltG });
  expect(saltWanted(0.008, 2000, 2000, end(0))).toBeCloseTo(16.129 * 1.5, 2);
  expect(saltWanted(0.008, 2000, 2000, end(10))).toBeCloseTo(16.129 * 1.5 - 10, 2);
  // The items alone bring too much: less than nothing is wanted, and it says by how much.
  expect(saltWanted(0.008, 2000, 2000, end(100))).toBeCloseTo(16.129 * 1.5 - 100, 2);
  expect(saltWanted(0.008, 0, 0, end(0))).toBe(0);
  // A low of half the water on the way allows half the salt.
  expect(saltWanted(0.008, 2000, 2000, end(0), [{ waterG: 1500, saltG: 0 }])).toBeCloseTo(16.129 * 0.75, 2);
});

/** By hand: 1000 g at 1.1 % hold 11 g; 5 g are in, and what is added weighs too: 6 / (1 − .011). */
test('what the meat still wants is reckoned on its dressed weight', () => {
  expect(saltAtDressing(0.011, 1000, 5)).toBeCloseTo(6 / 0.989, 6);
  expect(saltAtDressing(0.011, 1000, 20)).toBe(0);
});

test('spoons follow the salt: 18 g are three of fine salt (SR24 02047: 6 g a teaspoon), more of flakes', () => {
  const [fine, , flakes] = salts;
  expect(saltSpoons(18, fine)).toBe('3 tsp of fine salt');
  expect(saltSpoons(18, flakes)).toBe('2.25 tbsp of light flakes');
  expect(saltSpoons(0.4, fine)).toBe('0 tsp of fine salt');
});
