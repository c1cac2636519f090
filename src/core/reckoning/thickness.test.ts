import { describe, expect, test } from '@jest/globals';
import type { Item } from '../meal/index.ts';
import { openMeal } from '../model/index.ts';
import { type Changes, batchOf, dishOf, inputOf, lotOf } from '../testing/meals.ts';
import { reckon } from './reckon.ts';

const put = (ref: string, g: number, more: Partial<Item> = {}): Item => ({
  ...{ id: ref, ref, state: 'in', measure: 'mass' },
  amount: { text: `${g} g`, lo: g, hi: g },
  ...more,
});
const setting = { text: '150 °C', lo: 150, hi: 150 };
/** A sauce that keeps what is in it, boiled down to so much. */
function sauce(cut: string, g: number, items: Item[], changes: Changes = {}) {
  const cook = [{ id: 'heat', heat: 'oven' as const, lid: 'on' as const, setting }];
  const batch = batchOf([lotOf(cut, g)], { cook, items, strain: false, ...changes });
  const [liquid] = reckon(openMeal(inputOf([batch], [dishOf('pasta', 4)]))).batches[0]?.liquids ?? [];
  if (!liquid) throw new Error('no liquid');
  return liquid;
}

describe('how thick a sauce is, hot (checked from outside; the words are common practice)', () => {
  test('crushed tomatoes are smooth: 2.5 kg in 3 l of sauce coat the spoon, about 19 g a litre', () => {
    const boiled = { reduceTo: { text: '3 l', lo: 3000, hi: 3000 } };
    const { thickness } = sauce(
      'beef-eye-of-round',
      500,
      [put('tomatoes-crushed', 2500), put('water', 800)],
      boiled,
    );
    expect(thickness.gPerL).toBeGreaterThan(16);
    expect(thickness.gPerL).toBeLessThan(23);
    expect(thickness.feels).toBe('coats the spoon');
  });

  test('protein of tomatoes is no gelatin: ten times the meat thickens more than ten times the tomatoes’ protein would', () => {
    // Of the same tomatoes, with hardly any meat and with none of its gelatin beside it, only what is dry in them counts.
    const [little, much] = [100, 300].map((g) =>
      sauce('beef-eye-of-round', g, [put('tomatoes-crushed', 2000)]),
    );
    const dry = (0.2 * (0.0164 + 0.0729 + 0.0101) * 2000 * 1000) / (0.8944 * 2000);
    expect(Math.abs((little?.thickness.gPerL ?? NaN) / dry - 1)).toBeLessThan(0.2);
    expect(much?.thickness.gPerL).toBeLessThan(1.25 * dry);
  });

  test('own juice of shank is silky and no more than coats while it is hot', () => {
    const { thickness } = sauce('beef-shank', 3000, [], { level: 'own juice' });
    expect(['runs', 'coats the spoon']).toContain(thickness.feels);
  });

  test('whole beans give the liquid a little of their starch, and mashed they thicken it', () => {
    const beans = put('beans-dry', 300);
    const [without, whole] = [[], [beans]].map((more) =>
      sauce('beef-shank', 1500, [put('water', 1500), ...more]),
    );
    const more = (whole?.thickness.gPerL ?? NaN) - (without?.thickness.gPerL ?? NaN);
    expect(more).toBeGreaterThan(2);
    expect(more).toBeLessThan(15);
  });
});
