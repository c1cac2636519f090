import { reckon } from '../../reckoning/index.ts';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runs } from '@/core/testing/runs.ts';
import type { Parcel } from '../../meal/index.ts';
import { openMeal } from '../../model/index.ts';
import { batchOf, dishOf, inputOf, lotOf } from '../../testing/meals.ts';
import { packingOf } from './packing.ts';

import type { Shares } from '../heavy/shares.ts';

const input = inputOf([batchOf([lotOf('beef-shank', 3000)])], [dishOf('taco', 20), dishOf('soup', 5)]);
const share = (dish: string, of: number, meatG: number, liquidMl: number) =>
  ({ dish, name: dish, of, servings: of, meatG, liquidMl }) as unknown as Shares['dishes'][number];
const shares = {
  dishes: [share('dish-taco', 20, 52, 0), share('dish-soup', 5, 60, 250)],
} as unknown as Shares;
const packed = (parcels: Parcel[]) => {
  const meal = openMeal({ ...input, meal: { ...input.meal, parcels } });
  return packingOf(meal, shares, reckon(meal).meal);
};
const parcel = (id: string, counts: Record<string, number>): Parcel => ({
  id,
  place: id,
  dishes: Object.entries(counts).map(([dish, count]) => ({ dish, count })),
});

describe('packing', () => {
  test('without parcels everything stays here, with the weight of all of it', () => {
    const [here, ...away] = packed([]);
    expect(away).toEqual([]);
    expect(here?.dishes).toMatchObject([
      { dish: 'dish-taco', count: 20, allG: 1040, holds: ['beef', 'gluten', 'celery'] },
      { dish: 'dish-soup', count: 5, allMl: 1250 },
    ]);
  });

  test('each dish is packed as often as it was ordered, never more, whatever the parcels say', () => {
    const count = fc.nat(40);
    fc.assert(
      fc.property(fc.array(fc.tuple(count, count), { maxLength: 4 }), (wanted) => {
        const places = packed(
          wanted.map(([tacos, soups], i) => parcel(`p${i}`, { 'dish-taco': tacos, 'dish-soup': soups })),
        );
        for (const { dish, of } of shares.dishes) {
          const all = places.flatMap(({ dishes }) => dishes.filter((one) => one.dish === dish));
          expect(all.reduce((sum, one) => sum + one.count, 0)).toBe(of);
        }
      }),
      { numRuns: runs(40) },
    );
  });
});
