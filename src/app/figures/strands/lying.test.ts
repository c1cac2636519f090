import { expect, test } from '@jest/globals';
import { strandsOf } from '@/core/ledger/index.ts';
import { openMeal } from '@/core/model/index.ts';
import { batchOf, dishOf, inputOf, lotOf, weighedEntry } from '@/core/testing/meals.ts';
import { lyingBands } from './lying.ts';

const SIZE = { width: 390, height: 26 };
const strandsWith = (lots: Parameters<typeof batchOf>[0], entries: Parameters<typeof inputOf>[2] = []) =>
  strandsOf(openMeal(inputOf([batchOf(lots)], [dishOf('taco', 12)], entries)).ledger, 'pot');
const ys = (path: string) => [...path.matchAll(/[\d.-]+,(-?[\d.]+)/g)].map((point) => Number(point[1]));

test('the strands lie within the strip, and only what there is of them', () => {
  const bands = lyingBands(strandsWith([lotOf('beef-shank', 2000)]), SIZE);
  expect(bands.map(({ id }) => id)).toEqual(expect.arrayContaining(['bone', 'shred', 'juice']));
  for (const { id, path } of bands)
    for (const y of ys(path)) expect([id, y >= -2 && y <= SIZE.height]).toEqual([id, true]);
  expect(lyingBands(strandsWith([]), SIZE)).toEqual([]);
});

test('what was weighed is filled: the same rule as in the upright ones', () => {
  const weighed = weighedEntry({ what: 'sum', flow: 'shred' }, 800);
  const bands = lyingBands(strandsWith([lotOf('beef-shank', 2000)], [weighed]), SIZE);
  expect(bands.find(({ id }) => id === 'shred')?.weighed).toBe(true);
  expect(bands.find(({ id }) => id === 'bone')?.weighed).toBe(false);
});
