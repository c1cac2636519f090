import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runs } from '@/core/testing/runs.ts';
import type { Batch } from '../../meal/index.ts';
import { drawsOf, openMeal } from '../../model/index.ts';
import { reckon } from '../../reckoning/index.ts';
import { builtFilled, filledMeal } from '../../testing/filledMeal.ts';
import { grams } from '../../testing/meals.ts';
import { advice } from './advice.ts';

test('so much more meat does what it says, and nobody doubles a lot without its cost', () => {
  let tried = 0;
  fc.assert(
    fc.property(filledMeal, (any) => {
      const input = builtFilled({ ...any, dish: 'taco' });
      const { more, moreMl } = advice(openMeal(input));
      if (!more) return;
      tried += 1;
      expect(more.doubles !== null).toBe(more.grams > any.pot.g);
      const [first] = input.batches;
      const [lot] = first?.lots ?? [];
      if (!first || !lot) throw new Error('no lot');
      const heavier = { ...first, lots: [{ ...lot, weight: grams(any.pot.g + more.grams) }] };
      const enoughOf = (batch: Batch) => {
        const after = openMeal({ ...input, batches: [batch] });
        return reckon(after, drawsOf(after)).meal.enough ?? NaN;
      };
      const alone = enoughOf(heavier);
      // Where nobody knows how much liquid there will be, no chance is told.
      if (Number.isNaN(alone)) expect(more.enough).toBeUndefined();
      else if (moreMl === null) expect(Math.abs(alone - (more.enough ?? NaN))).toBeLessThan(0.03);
      else expect(alone).toBeLessThan(0.95);
    }),
    { numRuns: runs(300, 15) },
  );
  expect(tried).toBeGreaterThan(0);
});
