import { expect, test } from '@jest/globals';
import { heatingOf, overflows } from './build.ts';

test('rounds on a griddle: what does not fit at once goes on next, and the minutes are those of all', () => {
  expect(heatingOf('folded taco', 48)).toEqual({ rounds: 12, minutes: 36 });
  expect(heatingOf('folded taco', 48, 3)).toEqual({ rounds: 4, minutes: 12 });
  expect(heatingOf('soup', 48)).toBeNull();
  expect(heatingOf('gratin', 12)).toEqual({ rounds: 1, minutes: 10 });
});

test('what will not fit its bowl is told in ml', () => {
  expect(overflows('soup', 80, 270)).toBeUndefined();
  expect(overflows('soup', 160, 300)).toBeCloseTo(160 / 0.62 + 300 - 450, 6);
  expect(overflows('taco', 500, 500)).toBeUndefined();
});
