import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runs } from '@/core/testing/runs.ts';
import { reference } from '@/reference/index.ts';
import type { Picking } from '../meal/index.ts';
import { components } from '../ledger/amount.ts';
import { openMeal } from '../model/index.ts';
import { batchOf, dishOf, inputOf, lotOf } from '../testing/meals.ts';

/** Fat of a gram of the shred, picked so. */
function fatOfShred(cut: string, picking: Picking): number {
  const meal = openMeal(inputOf([batchOf([lotOf(cut, 3000)], { picking })], [dishOf('roll', 6)]));
  const shred = meal.nominal.flows.find(({ id }) => id === 'shred')?.amount;
  if (!shred) throw new Error('no shred');
  return shred.fat / components.reduce((sum, one) => sum + shred[one], 0);
}

describe('fat of what is picked', () => {
  /**
   * Published: USDA SR24, cooked lean of short ribs (13150) 18.13 of 100 g, of blade (13060) 14.4; "about 24 g" and "18" of a roll of
   * 130 g. The whole keeps a little less of its fat in the flows than its row has, so the lean does too.
   */
  test.each([
    ['beef-short-ribs', 18.13],
    ['beef-blade-roast', 14.4],
  ])('lean only leaves the fat of the published lean: %s, %s of 100 g', (cut, published) => {
    const lean = 100 * fatOfShred(cut, 'lean only');
    expect(Math.abs(lean / published - 1)).toBeLessThan(0.12);
    const [membrane, tender] = [fatOfShred(cut, 'membrane'), fatOfShred(cut, 'all tender')];
    expect(100 * membrane).toBeGreaterThan(lean + 3);
    expect(tender).toBeGreaterThan(membrane);
  });

  test('of every cut: the more is picked the leaner it is, and the bench closes by component', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...reference.cuts.map(({ id }) => id)),
        fc.constantFrom('none' as const, 'thick fat' as const, 'close' as const),
        (cut, trim) => {
          const fats = (['all tender', 'membrane', 'lean only'] as const).map((picking) => {
            const batch = batchOf([lotOf(cut, 3000)], { picking, trim });
            const { flows } = openMeal(inputOf([batch], [])).nominal;
            const of = (id: string) => flows.find((one) => one.id === id)?.amount;
            const [cooked, bone, pickings, shred] = ['cooked', 'bone', 'pickings', 'shred'].map(of);
            for (const one of components) {
              const out = (bone?.[one] ?? 0) + (pickings?.[one] ?? 0) + (shred?.[one] ?? 0);
              expect(Math.abs((cooked?.[one] ?? 0) - out)).toBeLessThan(1e-6);
            }
            return fatOfShred(cut, picking);
          });
          expect(fats[1]).toBeLessThanOrEqual((fats[0] ?? NaN) + 1e-9);
          expect(fats[2]).toBeLessThanOrEqual((fats[1] ?? NaN) + 1e-9);
        },
      ),
      { numRuns: runs(100) },
    );
  });
});
