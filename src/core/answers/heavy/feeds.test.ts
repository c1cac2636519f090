import { reckon } from '../../reckoning/index.ts';
import { describe, expect, test } from '@jest/globals';
import { openMeal } from '../../model/index.ts';
import { batchOf, dishOf, inputOf, lotOf } from '../../testing/meals.ts';
import { feeds } from './feeds.ts';
import { swap } from '../light/swap.ts';

const meal = (grams: number, plates = 20) =>
  openMeal(inputOf([batchOf([lotOf('beef-brisket', grams)])], [dishOf('taco', plates), dishOf('pasta', 4)]));
const alone = (grams: number, chance: number) =>
  feeds(meal(grams), { chance })?.alone.map(({ count }) => count) ?? [];

describe('what so much meat feeds', () => {
  test('more meat feeds more, and a surer answer fewer', () => {
    const [tacos = 0, pasta = 0] = alone(3000, 0.9);
    const [more = 0] = alone(4000, 0.9);
    const [surer = Infinity] = alone(3000, 0.99);
    expect(more).toBeGreaterThan(tacos);
    expect(surer).toBeLessThanOrEqual(tacos);
    // A plate of pasta takes twice a taco's meat and more.
    expect(pasta).toBeLessThan(tacos);
  });

  test('the order as it stands is fed half as often if it is twice as large', () => {
    const once = feeds(meal(3000, 10), { chance: 0.9 });
    const input = meal(3000, 20).input;
    const twice = feeds(
      openMeal({
        ...input,
        meal: { ...input.meal, dishes: [dishOf('taco', 20), dishOf('pasta', 8)] },
      }),
      { chance: 0.9 },
    );
    if (!once || !twice) throw new Error('no answer');
    expect(once.times / twice.times).toBeCloseTo(2, 1);
  });

  test('without an order, or where no liquid is known, there is no answer', () => {
    expect(
      feeds(openMeal(inputOf([batchOf([lotOf('beef-brisket', 3000)])], [])), { chance: 0.9 }),
    ).toBeNull();
    const cold = {
      id: 'heat',
      heat: 'oven' as const,
      lid: 'on' as const,
      setting: { text: '40 °C', lo: 40, hi: 40 },
    };
    const never = batchOf([lotOf('beef-brisket', 3000)], { cook: [cold] });
    expect(feeds(openMeal(inputOf([never], [dishOf('taco', 9)])), { chance: 0.9 })).toBeNull();
  });
});

describe('one cut for another', () => {
  const ask = { batch: 'pot', lot: 'lot-beef-brisket-3000', cut: 'beef-shank' };

  test('gives the same shred to the gram, and back again the same weight', () => {
    const before = meal(3000);
    const there = swap(before, ask);
    if (!there) throw new Error('no swap');
    const lot = lotOf('beef-shank', there.rawG.mid, { id: 'x' });
    const after = openMeal(inputOf([batchOf([lot])], [dishOf('taco', 20), dishOf('pasta', 4)]));
    const shred = (of: typeof before) => reckon(of).meal.shredG.mid;
    expect(shred(after)).toBeCloseTo(shred(before), 6);
    const back = swap(after, { batch: 'pot', lot: 'x', cut: 'beef-brisket' });
    expect(back?.rawG.mid).toBeCloseTo(3000, 6);
    expect(there.rawG.p10).toBeLessThan(there.rawG.mid);
  });

  test('for itself it changes nothing, and for what nobody knows there is none', () => {
    const same = swap(meal(3000), { ...ask, cut: 'beef-brisket' });
    expect(same).toMatchObject({ fatG: expect.closeTo(0, 6), juiceMl: expect.closeTo(0, 6), cost: null });
    expect(swap(meal(3000), { ...ask, cut: 'unicorn' })).toBeUndefined();
    expect(swap(meal(3000), { ...ask, lot: 'gone' })).toBeUndefined();
  });
});
