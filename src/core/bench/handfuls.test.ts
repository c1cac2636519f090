import { expect, test } from '@jest/globals';
import { reference } from '@/reference/index.ts';
import { pantry } from '@/reference/pantry.ts';
import { withoutFigures } from '../pot/index.ts';
import { notForPets } from './handfuls.ts';

const all = [...reference.ingredients, ...pantry];
const named = (name: RegExp) => {
  const found = all.find((one) => name.test(one.row ?? one.name));
  if (!found) throw new Error(`no ${String(name)}`);
  return found;
};

/** The onion kind harms dogs and cats, in whatever it is (US FDA, and common practice; from memory). */
test.each([
  [/^onion$/, 'harms'],
  [/^shallots, raw/, 'harms'],
  [/^peppers, ancho/, 'harms'],
  [/^sauce, peppers, hot/, 'harms'],
  [/^garlic/, 'harms'],
  [/^spices, onion powder/, 'harms'],
  [/^chives, raw/, 'harms'],
  [/^grapes?, /, 'harms'],
  [/^beef stock, home made/, 'may hold onion'],
  [/^bouillon/, 'may hold onion'],
  [/^gravy, beef/, 'may hold onion'],
  [/^sauce, barbecue/, 'may hold onion'],
] as const)('%s is not for pets: it %s', (name, why) => {
  expect(notForPets('pickings', [named(/^carrot/), named(name)])?.why).toBe(why);
});

test('what nobody knows, and what stood on a shelf, may hold it; carrot, water and thyme do not; bones never', () => {
  const paste = withoutFigures('p', 'a paste');
  expect(notForPets('strained', [paste])).toEqual({ why: 'may hold onion', name: 'a paste' });
  const shelf = { ...named(/^water/), name: 'beef shank fat, from the shelf', section: 'from the shelf' };
  expect(notForPets('strained', [shelf])?.why).toBe('may hold onion');
  const plain = [
    named(/^water$/),
    named(/^carrot$/),
    named(/^thyme/),
    named(/^bay leaf/),
    named(/^tomatoes/),
  ];
  expect(notForPets('pickings', plain)).toBeUndefined();
  expect(notForPets('bone', plain)).toEqual({ why: 'bones' });
});
