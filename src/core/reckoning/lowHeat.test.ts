import { describe, expect, test } from '@jest/globals';
import type { Phase } from '../meal/index.ts';
import { openMeal } from '../model/index.ts';
import { batchOf, dishOf, inputOf, lotOf } from '../testing/meals.ts';
import { reckon } from './reckon.ts';

/** Held under its lid at so many °C, for so many minutes or until it is tender. */
function held(celsius: number, minutes?: number, more: Partial<Phase> = {}) {
  const cook: Phase[] = [
    {
      ...{
        id: 'heat',
        heat: 'oven',
        lid: 'on',
        setting: { text: `${celsius} °C`, lo: celsius, hi: celsius },
      },
      ...(minutes !== undefined && { minutes: { text: `${minutes} min`, lo: minutes, hi: minutes } }),
      ...more,
    },
  ];
  const { batches, problems } = reckon(
    openMeal(inputOf([batchOf([lotOf('beef-blade-roast', 2000)], { cook })], [dishOf('taco', 12)])),
  );
  const [batch] = batches;
  if (!batch) throw new Error('no batch');
  return { meat: batch.meat, ready: batch.ready, says: problems.map(({ says }) => says.what) };
}

describe('low heat', () => {
  test.each([55, 60, 62, 64])(
    'three hours at %s °C are out by the clock, and nothing of it pulls',
    (celsius) => {
      const { meat } = held(celsius, 180);
      expect(meat.shredG.mid).toBeLessThan(0.02 * meat.cookedG.mid);
      expect(meat.unpulledG.mid).toBeGreaterThan(0.95 * meat.cookedG.mid);
    },
  );

  test('at 60 °C a day or two pulls; below 57 °C nothing is called ready, however long', () => {
    expect(held(60, 40 * 60).meat.unpulledG.mid).toBeLessThan(20);
    const cold = held(54, 70 * 60);
    expect(cold.says).toContain('never tender');
    expect(cold.ready.min).toBeNull();
    expect(cold.meat.shredG.mid).toBeLessThan(1);
  });

  test('it leaves more in the meat: losses of 26 to 30 % at 60 to 65 °C, and the published rows from 90 °C on', () => {
    // From memory: handbooks of cooking held at low heat. Of the flesh, without its rendered fat, somewhat more or less.
    const loss = ({ meat }: ReturnType<typeof held>) => 1 - meat.cookedYield.mid;
    const [low, warm, braised, hot] = [62, 80, 95, 160].map((celsius) => loss(held(celsius)));
    expect(low).toBeGreaterThan(0.22);
    expect(low).toBeLessThan(0.34);
    expect(warm).toBeGreaterThan(low ?? NaN);
    expect(braised).toBeGreaterThan(warm ?? NaN);
    expect(braised).toBeCloseTo(hot ?? NaN, 6);
  });
});
