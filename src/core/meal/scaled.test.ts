import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { reference } from '@/reference/index.ts';
import { takesFor } from '../log/index.ts';
import { batchOf, dishOf, grams, inputOf, lotOf } from '../testing/meals.ts';
import { mealFile } from './schema.ts';
import { forPlates, platesIn } from './scaled.ts';

const wine = {
  id: 'w',
  ref: 'wine-red',
  amount: { text: '200 ml', lo: 200, hi: 200 },
  measure: 'volume' as const,
  state: 'in' as const,
};
const stock = { id: 's', ref: 'stock-low-salt', state: 'in' as const };
const pot = batchOf([lotOf('beef-shank', 2500, { pieces: { count: 6 } })], {
  items: [wine, stock],
  salt: grams(20),
  cook: [{ id: 'heat', heat: 'oven', lid: 'on', setting: { text: '160 °C', lo: 160, hi: 160 } }],
});
const input = inputOf([pot], [dishOf('taco', 13), dishOf('roll', 4), dishOf('dip', 1)]);

describe('cooked again for another number of plates', () => {
  test('plates come out exactly, every dish keeps at least one, and what is typed says what is stored', () => {
    fc.assert(
      fc.property(fc.integer({ min: 3, max: 600 }), (plates) => {
        const { meal, batches } = forPlates(input, plates);
        if (plates >= 18) expect(platesIn(meal.dishes)).toBe(plates);
        expect(meal.dishes.every(({ count }) => (count.lo ?? 0) >= 1)).toBe(true);
        const [lot] = batches[0]?.lots ?? [];
        expect(lot?.weight.lo).toBeCloseTo((2500 * plates) / 18, -1);
        const [, number = '', unit] = /^([\d.]+) (k?g)$/.exec(lot?.weight.text ?? '') ?? [];
        expect(Number(number) * (unit === 'kg' ? 1000 : 1)).toBeCloseTo(lot?.weight.lo ?? NaN, 6);
      }),
    );
  });

  test('meat and what was written grow alike; what is solved to the line is left to the reckoning', () => {
    const { batches } = forPlates(input, 36);
    expect(batches[0]?.items?.map(({ amount }) => amount?.lo)).toEqual([400, undefined]);
    expect(batches[0]?.salt).toMatchObject({ text: '40 g', lo: 40 });
    expect(batches[0]?.lots[0]?.pieces?.count).toBe(12);
    const file = {
      format: 'slow-spoon meal',
      version: 1,
      reference: reference.version,
      ...forPlates(input, 36),
      entries: [],
      kitchen: input.kitchen,
    };
    expect(mealFile.safeParse(file).error).toBeUndefined();
  });

  test('twice the plates want twice the meat, and far less than twice the steam', () => {
    const { before, after } = takesFor(input, 36);
    expect(after.rawG / before.rawG).toBeCloseTo(2, 2);
    expect(after.shredG / before.shredG).toBeCloseTo(2, 1);
    expect(after.steamMl / before.steamMl).toBeLessThan(1.7);
  });

  test('without plates it is the same meal', () => {
    const bare = { meal: { ...input.meal, dishes: [] }, batches: input.batches };
    expect(forPlates(bare, 12)).toEqual(bare);
  });
});
