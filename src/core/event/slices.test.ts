import { expect, test } from '@jest/globals';
import { openMeal } from '../model/index.ts';
import { figureOf } from '../shop/index.ts';
import { eventOfTwo } from '../testing/event.ts';
import { slices } from './index.ts';

test('a slice more is never less sure, costs its weight at the lot’s price, and leaves no more plates bare', () => {
  const opened = openMeal(
    eventOfTwo({ beefG: 9000, porkG: 14_000, tacos: 78, pasta: 10, pastaFrom: ['pork'] }),
  );
  const found = slices(opened, { batch: 'beef' });
  if (!found) throw new Error('no slices');
  expect(found.stepG).toBe(500);
  const bare = found.slices.map((one) => one.bare.reduce((sum, { count }) => sum + count, 0));
  for (const [i, { moreG, costs, enough }] of found.slices.entries()) {
    expect(costs && figureOf(costs)).toBeCloseTo((12 * moreG) / 1000, 2);
    const before = found.slices[i - 1];
    // The same thousand draws: what is more is more in each of them.
    expect(enough ?? NaN).toBeGreaterThanOrEqual((before?.enough ?? 0) - 0.02);
    expect(bare[i] ?? NaN).toBeLessThanOrEqual(bare[i - 1] ?? Infinity);
  }
  const [least, most] = [found.slices[0]?.enough, found.slices.at(-1)?.enough];
  expect((most ?? 0) - (least ?? 0)).toBeGreaterThan(0.2);
  // Without a price nothing is said of money; of a pot without meat nothing at all.
  expect(slices(opened, { batch: 'pork' })?.slices.every(({ costs }) => costs === undefined)).toBe(true);
  expect(slices(opened, { batch: 'nobody' })).toBeUndefined();
});
