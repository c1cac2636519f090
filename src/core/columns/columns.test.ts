import { expect, test } from '@jest/globals';
import { entryAt, valueAt, valueBetween, wholeAt } from './columns.ts';

const of = (...values: number[]) => Float64Array.of(...values);

test('a place that is not there is a fault, and no plausible nought', () => {
  expect(valueAt(of(2, 3), 1)).toBe(3);
  expect(() => valueAt(of(2, 3), 2)).toThrow('no value at 2 of 2');
  expect(() => valueBetween(of(), 0)).toThrow('no value');
  expect(wholeAt(Int32Array.of(4), 0)).toBe(4);
  expect(() => wholeAt(Int16Array.of(4), -1)).toThrow('no value at -1 of 1');
  expect(entryAt(['a', 'b'], 1)).toBe('b');
  expect(() => entryAt(['a', 'b'], 2)).toThrow('nothing at 2 of 2');
});

test('between two places it goes straight, and on beyond the last', () => {
  const column = of(10, 30, 50);
  expect([-3, 0, 0.25, 1, 1.5, 2].map((place) => valueBetween(column, place))).toEqual([
    10, 10, 15, 30, 40, 50,
  ]);
  expect(valueBetween(column, 4)).toBe(90);
  expect(valueBetween(of(7), 3)).toBe(7);
});
