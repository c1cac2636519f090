import { expect, test } from '@jest/globals';
import { valueAt, valueBetween } from './valueAt.ts';

test('a wrong place never turns into a plausible nought', () => {
  expect(valueAt([4, 5], 1)).toBe(5);
  expect(() => valueAt([4, 5], 2)).toThrow('no value at 2 of 2');
  expect(() => valueBetween([], 0)).toThrow('no value');
});

test('between two places it is a straight line, before the first the first, beyond the last it goes on', () => {
  const column = [10, 20, 50];
  expect([-3, 0, 0.25, 1, 1.5, 2].map((place) => valueBetween(column, place))).toEqual([
    10, 10, 12.5, 20, 35, 50,
  ]);
  expect(valueBetween(column, 4)).toBe(110);
  expect(valueBetween([7], 3)).toBe(7);
});
