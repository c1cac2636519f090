import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { firstRound, nextRound } from './rounds.ts';
import type { DishShare } from './wanted.ts';

const dish = fc.record({
  dish: fc.uuid(),
  name: fc.constant('tacos'),
  of: fc.integer({ min: 0, max: 80 }),
  meatG: fc.double({ min: 0, max: 200, noNaN: true }),
});

test('the first round is safe and in whole grams; after the next nothing is left', () => {
  fc.assert(
    fc.property(
      fc.array(dish, { minLength: 1, maxLength: 8 }),
      fc.double({ min: 0, max: 1.2, noNaN: true }),
      fc.double({ min: 0, max: 5000, noNaN: true }),
      (dishes, surely, leftG) => {
        const dealt = firstRound(dishes as unknown as DishShare[], surely);
        for (const one of dealt) {
          const whole = dishes.find((of) => of.dish === one.dish);
          expect(Number.isInteger(one.meatG)).toBe(true);
          expect(one.meatG).toBeLessThanOrEqual(Math.min(1, surely) * (whole?.meatG ?? 0) + 1e-9);
        }
        const more = nextRound(dealt, leftG);
        const shared = dealt.reduce((sum, one) => sum + one.servings * (more.get(one.dish) ?? 0), 0);
        const any = dealt.some(({ meatG }) => meatG > 0);
        expect(shared).toBeCloseTo(any ? leftG : 0, 6);
      },
    ),
  );
});
