import { describe, expect, test } from '@jest/globals';
import { batchOf, dishOf, inputOf, lotOf } from '../testing/meals.ts';
import { most, overfull } from './bounds.ts';
import { mealFileOf, readMealFile, writeMealFile } from './file/file.ts';

describe('lists that a file would not take', () => {
  const long = (length: number) => ({ length });

  test('as many as can be kept are not too many; one more is named with the number', () => {
    for (const what of Object.keys(most) as (keyof typeof most)[]) {
      expect(overfull({ [what]: long(most[what]) })).toBeUndefined();
      expect(overfull({ [what]: long(most[what] + 1) })).toEqual({ what, most: most[what] });
    }
  });

  test('what was too long before may be made shorter, or stay; only growing is refused', () => {
    expect(overfull({ batches: long(52) }, { batches: long(53) })).toBeUndefined();
    expect(overfull({ batches: long(52) }, { batches: long(52) })).toBeUndefined();
    expect(overfull({ batches: long(53) }, { batches: long(52) })).toEqual({ what: 'batches', most: 50 });
    expect(overfull({ batches: long(52), dishes: long(51) }, { batches: long(52) })?.what).toBe('dishes');
  });

  test('what is not there holds nothing', () => {
    expect(overfull({ lots: undefined })).toBeUndefined();
    expect(overfull({})).toBeUndefined();
  });

  test('a meal that is as full as it may be goes out and comes in', () => {
    const lots = Array.from({ length: most.lots }, (_, i) => lotOf('beef-shank', 1, { id: `lot-${i}` }));
    const pots = Array.from({ length: most.batches }, (_, i) =>
      batchOf(i === 0 ? lots : [], { id: `pot-${i}` }),
    );
    const dishes = Array.from({ length: most.dishes }, (_, i) => dishOf('taco', 1, { id: `dish-${i}` }));
    const { reference, ...parts } = inputOf(pots, dishes);
    const text = writeMealFile(mealFileOf(parts, reference.version));
    const read = readMealFile(text);
    if (!read.ok) throw new Error(read.error);
    expect(writeMealFile(read.file)).toBe(text);
  });
});
