import { openMeal } from '../../model/index.ts';
import { reckonDrawn } from '../../testing/reckonDrawn.ts';
import { expect, test } from '@jest/globals';
import { batchOf, dishOf, inputOf, lotOf } from '../../testing/meals.ts';
import { margins, type MarginBin } from './margins.ts';

const sum = (bins: readonly MarginBin[]) => bins.reduce((total, { share }) => total + share, 0);

test('the distribution holds every draw, nought lies between two stretches, and what is short is the chance', () => {
  const input = inputOf(
    [batchOf([lotOf('beef-blade-roast', 2200)], { cook: [{ id: 'heat2', heat: 'stove', lid: 'on' }] })],
    [dishOf('taco', 20)],
  );
  const { meat, liquid, draws } = margins(openMeal(input));
  expect(draws).toBe(5000);
  for (const bins of [meat.bins, liquid?.bins ?? []]) {
    expect(sum(bins)).toBeCloseTo(1, 9);
    expect(bins.some(({ from, to }) => from < -1e-9 && to > 1e-9)).toBe(false);
    for (const [i, { from }] of bins.entries())
      if (i > 0) expect(from).toBeCloseTo(bins[i - 1]?.to ?? NaN, 6);
  }
  // Liquid is plentiful here, so the meal is short when the meat is.
  const { short } = meat;
  expect(sum(meat.bins.filter(({ to }) => to <= 1e-9))).toBeCloseTo(short, 9);
  expect(short).toBeGreaterThan(0.02);
  expect(short).toBeLessThan(0.98);
  expect(1 - short).toBeCloseTo(reckonDrawn(input).meal.enough ?? NaN, 2);
});

test('where no time is known there is no liquid to show', () => {
  const batch = batchOf([lotOf('beef-shank', 1000)], {
    size: 'cubes',
    cook: [{ id: 'heat', heat: 'smoker', lid: 'on' }],
  });
  expect(margins(openMeal(inputOf([batch], [dishOf('taco', 4)]))).liquid).toBeNull();
});
