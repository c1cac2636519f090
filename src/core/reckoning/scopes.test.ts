import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { openMeal } from '../model/index.ts';
import { anyMeal, builtMeal } from '../testing/anyMeal.ts';
import { usualKitchen } from '../meal/index.ts';
import { batchOf, dishOf, inputOf, lotOf } from '../testing/meals.ts';
import { runs } from '../testing/runs.ts';
import { reckonAtOnce } from './reckon.ts';

const sum = (all: readonly number[]) => all.reduce((total, one) => total + one, 0);

test('of what a pot gives all goes to the plates or is kept, and the meal’s figures are the sums of its pots', () => {
  fc.assert(
    fc.property(anyMeal, (any) => {
      const { meal, batches, kept } = reckonAtOnce(openMeal({ ...builtMeal(any), kitchen: usualKitchen }));
      for (const one of batches) {
        expect(one.toPlates.g).toBeGreaterThanOrEqual(0);
        expect(one.toPlates.g + one.kept.shredG).toBeCloseTo(Math.max(one.gives.g, one.kept.shredG), 3);
      }
      expect(sum(batches.map(({ gives }) => gives.g))).toBeCloseTo(meal.shredG.mid, 3);
      expect(kept.g).toBeCloseTo(sum(batches.map((one) => one.kept.shredG)), 6);
      expect(kept.ml).toBeCloseTo(sum(batches.map((one) => one.kept.liquidMl)), 6);
      expect(meal.over.g).toBeCloseTo(meal.shredG.mid - meal.needG, 6);
    }),
    { numRuns: runs(1000, 40) },
  );
});

test('two pots: a key in one leaves what hangs on the other alone as it is, and deals the need anew', () => {
  const pot = (id: string, g: number) => ({ ...batchOf([lotOf('beef-shank', g, { id: `${id} lot` })]), id });
  const [one, two] = [pot('one', 2000), pot('two', 3000)];
  const meal = inputOf([one, two], [dishOf('taco', 24)]);
  const before = reckonAtOnce(openMeal(meal));
  const after = reckonAtOnce(openMeal({ ...meal, batches: [pot('one', 2500), two] }));
  expect(after.batches[1]?.lots).toBe(before.batches[1]?.lots);
  expect(after.batches[1]?.need.meatG).toBeLessThan(before.batches[1]?.need.meatG ?? 0);
  const needs = (of: typeof after) => sum(of.batches.map(({ need }) => need.meatG));
  expect(needs(after)).toBeCloseTo(after.meal.needG, 3);
  expect(needs(before)).toBeCloseTo(before.meal.needG, 3);
});
