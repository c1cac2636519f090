import { expect, test } from '@jest/globals';
import { batchOf, lotOf } from '../testing/meals.ts';
import { priced } from './index.ts';

const price = (text: string, per: 'kg' | 'all') => ({ text, amount: Number(text), per });

test('a price is known at every lot of its cut; what was written stands, and a price for all of a lot is that lot’s alone', () => {
  const all = priced([
    batchOf([
      lotOf('beef-shank', 1000, { price: price('9', 'kg') }),
      lotOf('beef-brisket', 1000, { price: price('20', 'all') }),
    ]),
    batchOf([
      lotOf('beef-shank', 3000),
      lotOf('beef-shank', 500, { price: price('11', 'kg') }),
      lotOf('beef-brisket', 800),
    ]),
  ]);
  expect(all.map(({ lots }) => lots.map((lot) => lot.price?.amount))).toEqual([
    [9, 20],
    [9, 11, undefined],
  ]);
});
