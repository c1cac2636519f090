import { expect, test } from '@jest/globals';
import { readQuantity } from './read.ts';

const volume = (text: string) => {
  const reading = readQuantity(text, 'volume');
  return reading.ok ? [reading.quantity.lo, reading.quantity.hi, reading.quantity.text] : reading.error;
};

/** 1 tsp = 4.92892 ml (NIST Handbook 44); how much heaped is more is our estimate. */
test('a heaped spoon, a handful and a splash are ranges; a level spoon is one', () => {
  expect(volume('a heaped tsp')).toEqual([expect.closeTo(7.39, 1), expect.closeTo(10.84, 1), 'a heaped tsp']);
  expect(volume('2 handfuls')).toEqual([80, 160, '2 handfuls']);
  expect(volume('a splash')).toEqual([10, 25, 'a splash']);
  expect(volume('half a handful')).toEqual([20, 40, 'half a handful']);
  expect(volume('1 level tsp')).toEqual([expect.closeTo(4.929, 3), expect.closeTo(4.929, 3), '1 level tsp']);
  expect(volume('a heaped bucket')).toMatch(/a heaped bucket/);
});
