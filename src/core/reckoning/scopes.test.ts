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
      const opened = openMeal({ ...builtMeal(any), kitchen: usualKitchen });
      const { meal, batches, ofAllPots } = reckonAtOnce(opened);
      for (const { gives, toPlates, kept } of batches) {
        expect(toPlates.g).toBeGreaterThanOrEqual(0);
        expect(toPlates.g + kept.shredG).toBeCloseTo(Math.max(gives.g, kept.shredG), 3);
        expect(toPlates.ml + kept.liquidMl).toBeCloseTo(Math.max(gives.ml, kept.liquidMl), 3);
      }
      const { gives, toPlates, keeps } = ofAllPots;
      expect(gives.g).toBeCloseTo(meal.shredG.mid, 3);
      expect(sum(batches.map((one) => one.toPlates.ml))).toBeCloseTo(toPlates.ml, 6);
      expect(sum(batches.map((one) => one.kept.shredG))).toBeCloseTo(keeps.g, 6);
      const wanted = sum(meal.tickets.map(({ count }) => count));
      const { meat, liquid } = meal.runsShort;
      expect(meat || liquid).toBe(opened.nominal.served.plates < wanted - 1e-6);
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
