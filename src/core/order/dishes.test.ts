import { expect, test } from '@jest/globals';
import { dishKinds } from '../meal/mealSchema.ts';
import { dishOf, grams } from '../testing/meals.ts';
import { dishName, needOf, ticketsOf, usualDishes } from './index.ts';

test('every kind of dish has a usual portion between a smallest and a largest that are good', () => {
  for (const kind of dishKinds) {
    const { meat, liquid, held, name } = usualDishes[kind];
    for (const { min, want, max } of [meat, liquid]) {
      expect(min).toBeLessThanOrEqual(want);
      expect(want).toBeLessThanOrEqual(max);
    }
    expect(meat.want + liquid.want).toBeGreaterThan(0);
    expect(held).toBeLessThanOrEqual(0.15);
    expect(name).not.toBe('');
  }
});

test('the user’s own portion replaces the usual one, and widens its ends', () => {
  const [ticket] = ticketsOf([dishOf('taco', 10, { meat: { want: grams(80) } })]);
  expect(ticket?.meat).toEqual({ want: 80, min: 45, max: 80 });
});

test('the need of a meal is its servings, with what the shred holds', () => {
  const tickets = ticketsOf([dishOf('taco', 10), dishOf('roll', 4)]);
  expect(needOf(tickets).meatG).toBe(10 * 52 + 4 * 130);
  expect(needOf(tickets).liquidMl).toBeCloseTo(10 * 0.12 * 52 + 4 * (75 + 0.06 * 130), 9);
});

test('a dish without a readable count is left out, and a name of its own is kept', () => {
  expect(ticketsOf([dishOf('taco', 10, { count: { text: 'ten' } })])).toEqual([]);
  expect(dishName({ kind: 'pasta', name: 'trays' })).toBe('trays');
  expect(dishName({ kind: 'pasta' })).toBe('plates of pasta');
});
