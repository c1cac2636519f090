import { expect, test } from '@jest/globals';
import { pantry } from '@/reference/pantry.ts';
import { reference } from '@/reference/index.ts';
import { swapsFor } from './swaps.ts';

const all = new Map([...reference.ingredients, ...pantry].map((one) => [one.id, one]));
const ids = [...all.keys()];

test('what stands for a thing is in the tables, is another, weighs something, and brings no allergen unsaid', () => {
  const swapped = ids.filter((id) => swapsFor(id, 100).length > 0);
  expect(swapped.length).toBeGreaterThan(25);
  for (const id of swapped)
    for (const swap of swapsFor(id, 100))
      for (const { id: to, grams } of swap) {
        expect([id, to, all.has(to)]).toEqual([id, to, true]);
        expect(to).not.toBe(id);
        expect(grams).toBeGreaterThan(0);
      }
});

/** Common practice, no source. */
test.each([
  ['thyme-sprig', 6, [['sr24-02042', 2]]],
  ['sr24-02042', 2, [['thyme-sprig', 6]]],
  [
    'wine-red',
    500,
    [
      ['stock-low-salt', 470],
      ['vinegar', 30],
    ],
  ],
  ['tomatoes-canned', 400, [['sr24-11529', 480]]],
  ['sr24-11979', 28, [['sr24-11977', 14]]],
] as const)('for %s, %d g', (id, grams, to) => {
  const ways = swapsFor(id, grams).map((swap) =>
    swap.map(({ id: other, grams: g }) => [other, Math.round(g * 10) / 10]),
  );
  expect(ways).toContainEqual(to);
});

test('without wine there is no alcohol; one chilli is another chilli', () => {
  const holds = (id: string) => all.get(id)?.holds ?? [];
  for (const id of ['wine-red', 'sherry-dry', 'beer'])
    for (const swap of swapsFor(id, 100))
      for (const { id: to } of swap) expect(holds(to)).not.toContain('alcohol');
  for (const swap of swapsFor('chilli-guajillo', 10))
    for (const { id: to } of swap) expect(holds(to)).toContain('heat');
});
