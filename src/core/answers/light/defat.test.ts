import { describe, expect, test } from '@jest/globals';
import { usualKitchen, withChopped, withSkim } from '../../meal/index.ts';
import { massOf } from '../../ledger/index.ts';
import { openMeal } from '../../model/index.ts';
import { batchOf, dishOf, inputOf, lotOf } from '../../testing/meals.ts';
import { defatsOf, vesselFor } from './defat.ts';

const pot = batchOf([lotOf('beef-blade-roast', 3000)]);
const one = (batch: typeof pot) => {
  const [found] = openMeal(inputOf([batch], [dishOf('taco', 20)])).nominal.batches;
  if (!found) throw new Error('no batch');
  return found;
};

describe('taking the fat off', () => {
  test('each way says what it takes, whichever way is chosen; the longer it waits the more', () => {
    const ways = (batch: typeof pot) =>
      defatsOf(one(batch)).map(({ way, skimG }) => [way, Math.round(skimG)]);
    expect(ways(withSkim(pot, 'chill'))).toEqual(ways(pot));
    const [hot, settle, chill] = defatsOf(one(pot)).map(({ skimG }) => skimG);
    expect(hot).toBeLessThan(settle ?? NaN);
    expect(settle).toBeLessThan(chill ?? NaN);
    // The chosen one is the flow of the ledger, to the gram.
    const meal = openMeal(inputOf([withSkim(pot, 'settle')], [dishOf('taco', 20)]));
    const skimmed = meal.nominal.flows.find(({ id }) => id === 'skim');
    expect(skimmed && massOf(skimmed.amount)).toBeCloseTo(settle ?? NaN, 6);
  });

  test('the smallest vessel that holds it, and none that would run over', () => {
    expect(vesselFor(2000, usualKitchen)?.name).toBe('20 cm pot');
    expect(vesselFor(3000, usualKitchen)?.name).not.toBe('20 cm pot');
    // Not into the jug of the blender, which holds 1.5 l and is closed over what is hot.
    for (const ml of [300, 900, 1400]) expect(vesselFor(ml, usualKitchen)?.kind).not.toBe('blender jug');
    expect(vesselFor(200_000, usualKitchen)).toBeUndefined();
  });
});

test('chopped, what will not pull goes into the bowl too', () => {
  const minutes = { text: '1 h', lo: 60, hi: 60 };
  const short = batchOf([lotOf('beef-shank', 3000)], {
    cook: [
      {
        ...{ id: 'heat', heat: 'oven', lid: 'on', minutes, out: 'then' },
        setting: { text: '150 °C', lo: 150, hi: 150 },
      },
    ],
  });
  const [pulled, chopped] = [one(short).mass.sums, one(withChopped(short)).mass.sums];
  expect(pulled.unpulled).toBeGreaterThan(500);
  expect(chopped.unpulled).toBe(0);
  expect(chopped.shred).toBeGreaterThan(pulled.shred + 0.8 * pulled.unpulled);
});
