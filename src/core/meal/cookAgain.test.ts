import { expect, test } from '@jest/globals';
import { openMeal } from '../model/index.ts';
import { reckon } from '../reckoning/reckon.ts';
import { batchOf, dishOf, inputOf, lotOf } from '../testing/meals.ts';
import { cookAgain } from './cookAgain.ts';
import { mealFile } from './schema.ts';

test('cooked again it is the same plan, with nothing of what happened to it', () => {
  const items = [
    {
      id: 'w',
      ref: 'wine-red',
      amount: { text: '200 ml', lo: 200, hi: 200 },
      measure: 'volume' as const,
      state: 'in' as const,
      put: 9,
    },
  ];
  const before = inputOf([batchOf([lotOf('beef-shank', 2000)], { items })], [dishOf('taco', 12)]);
  const [first] = before.batches;
  const day = {
    hands: 2,
    minutes: { [`${first?.id ?? ''}|trim`]: { text: '9 min', lo: 9, hi: 9 } },
    pins: { x: 1 },
    begun: { x: 1 },
    shops: ['2026-12-04'],
  };
  const meal = {
    ...before.meal,
    day,
    notes: 'less salt',
    serving: { local: '2026-12-05T18:00', zone: 'UTC' },
    merged: ['00000000'],
    both: [{ at: ['meal', 'name'], values: ['Feast', 'Supper'] }],
  };
  let n = 0;
  const again = cookAgain(
    meal,
    before.batches.map((batch) => ({ ...batch, lidOn: 5 })),
    () => `new ${(n += 1)}`,
  );
  expect(again.meal).toMatchObject({
    notes: 'less salt',
    batches: ['new 1'],
    day: { hands: 2, minutes: { 'new 1|trim': { lo: 9 } } },
  });
  expect(again.meal.serving).toBeUndefined();
  expect(again.meal.day?.pins).toBeUndefined();
  expect(again.meal.day?.begun).toBeUndefined();
  expect(again.meal.day?.shops).toBeUndefined();
  // What two copies of the first said otherwise is not said of this one.
  expect([again.meal.merged, again.meal.both]).toEqual([undefined, undefined]);
  expect(again.batches[0]?.lidOn).toBeUndefined();
  expect(again.batches[0]?.items?.[0]).not.toHaveProperty('put');
  expect(mealFile.shape.meal.safeParse(again.meal).success).toBe(true);
  const figures = (input: typeof before) => reckon(openMeal(input)).batches[0]?.meat.shredG.mid;
  expect(figures({ ...before, ...again, batches: [...again.batches] })).toBeCloseTo(
    figures(before) ?? NaN,
    9,
  );
});
