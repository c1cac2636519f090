import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runs } from '@/core/testing/runs.ts';
import { dealtFrom } from './dealtFrom.ts';

const grams = fc.integer({ min: 0, max: 5000 });

/** What is dealt of three pots to tickets that draw on some of them: by ticket and pot. */
function dealt(
  pools: readonly number[],
  on: readonly (readonly number[])[],
  used: readonly number[],
): number[][] {
  const n = pools.length;
  const taken = new Float64Array(used.length * n);
  dealtFrom(
    { g: Float64Array.from(pools), ml: new Float64Array(n) },
    { on },
    {
      usedG: Float64Array.from(used),
      usedMl: new Float64Array(used.length),
      takenG: taken,
      takenMl: new Float64Array(used.length * n),
    },
  );
  return used.map((_, t) => Array.from(taken.subarray(t * n, (t + 1) * n)));
}
const sum = (some: readonly number[]) => some.reduce((all, one) => all + one, 0);

test('hands take of all there is: each dish in proportion to what stands in its pots', () => {
  expect(
    dealt(
      [300, 100],
      [
        [0, 1],
        [0, 1],
      ],
      [200, 100],
    ),
  ).toEqual([
    [150, 50],
    [75, 25],
  ]);
});

test('what a dish can get from nowhere else is left to it', () => {
  // The first may have both; the second, in the order of the meal before it, the second pot alone.
  const [free, bound] = dealt([300, 100], [[0, 1], [1]], [250, 90]);
  expect(bound).toEqual([0, 90]);
  // Of the 300 and the 10 that are left.
  expect(free?.[0]).toBeCloseTo((250 * 300) / 310, 9);
  expect(sum(free ?? [])).toBeCloseTo(250, 9);
  // Two that overlap without either holding the other: the pot between them is left to whom it is owed.
  const [left, right] = dealt(
    [100, 100, 0],
    [
      [0, 1],
      [1, 2],
    ],
    [120, 80],
  );
  expect(right).toEqual([0, 80, 0]);
  expect(left?.[0]).toBeCloseTo(100, 9);
  expect(left?.[1]).toBeCloseTo(20, 9);
});

test('nothing is dealt that is not there, nor of a pot that a dish must not have', () => {
  const place: fc.Arbitrary<readonly number[]> = fc.constantFrom([0], [1], [0, 1], [0, 1, 2], [2]);
  fc.assert(
    fc.property(
      fc.tuple(grams, grams, grams),
      fc.array(fc.tuple(place, grams), { minLength: 1, maxLength: 5 }),
      (pools, some) => {
        const on = some.map(([own]) => own);
        const found = dealt(
          pools,
          on,
          some.map(([, used]) => used),
        );
        for (const [b, had] of pools.entries())
          expect(sum(found.map((of) => of[b] ?? 0))).toBeLessThanOrEqual(had + 1e-6);
        for (const [t, of] of found.entries()) {
          expect(sum(of)).toBeLessThanOrEqual((some[t]?.[1] ?? 0) + 1e-6);
          for (const [b, g] of of.entries()) if (!on[t]?.includes(b)) expect(g).toBe(0);
        }
      },
    ),
    { numRuns: runs(2000) },
  );
});
