import { expect, test } from '@jest/globals';
import { pantry } from '@/reference/pantry.ts';
import { reference } from '@/reference/index.ts';
import { swapped, swapsFor } from './swaps.ts';

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

test('what takes its place lies where it lay; what was to be done to it is done to it no more', () => {
  const wine = {
    ...{ id: 'w', ref: 'wine-red', state: 'in' as const, measure: 'volume' as const, vessel: 'pot-28' },
    ...{ amount: { text: '300 ml', lo: 300, hi: 300 }, boiledTo: { text: '150 ml', lo: 150, hi: 150 } },
  };
  const [swap = []] = swapsFor('wine-red', 300);
  const items = swapped(
    [wine, { id: 'o', ref: 'onion', state: 'in' }],
    'w',
    swap,
    (g) => `${String(g)} g`,
    () => 'new',
  );
  expect(items).toEqual([
    {
      id: 'w',
      ref: 'stock-low-salt',
      state: 'in',
      vessel: 'pot-28',
      amount: { text: '282 g', lo: 282, hi: 282 },
      measure: 'mass',
    },
    {
      id: 'new',
      ref: 'vinegar',
      state: 'in',
      vessel: 'pot-28',
      amount: { text: '18 g', lo: 18, hi: 18 },
      measure: 'mass',
    },
    { id: 'o', ref: 'onion', state: 'in' },
  ]);
});
