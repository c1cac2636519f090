import { expect, test } from '@jest/globals';
import { reference } from '@/reference/index.ts';
import type { Item } from '../../meal/index.ts';
import { batchOf } from '../../testing/meals.ts';
import { comeOut } from './comeOut.ts';

const ingredients = new Map(reference.ingredients.map((one) => [one.id, one]));
const put = (ref: string, fate?: Item['fate']): Item => ({
  id: ref,
  ref,
  state: 'in',
  ...(fate && { fate }),
});

test('a spice bag holds several things and comes out as one', () => {
  const items = [put('pepper-black', 'in the bag'), put('clove', 'in the bag'), put('bay-leaf')];
  const things = comeOut(batchOf([], { items }), ingredients, [], []);
  expect(things.map(({ name, count }) => [name, count])).toEqual([
    ['bay leaf', 2],
    ['spice bag (black pepper, clove)', 1],
  ]);
});
