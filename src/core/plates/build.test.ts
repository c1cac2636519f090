import { expect, test } from '@jest/globals';
import { dishKinds } from '../meal/mealSchema.ts';
import { builds, heatingOf, overflows } from './build.ts';

test('every kind of dish has its build, and a cook can see what is below what', () => {
  for (const kind of dishKinds) {
    expect(builds[kind].layers.length).toBeGreaterThan(0);
    // Layers are told apart by their words.
    expect(new Set(builds[kind].layers).size).toBe(builds[kind].layers.length);
  }
});

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
