import { describe, expect, test } from '@jest/globals';
import type { Entry } from '../../meal/index.ts';
import { answerTo } from '../../broth/index.ts';
import { openMeal } from '../../model/index.ts';
import { MINUTE_MS } from '../../quantity/index.ts';
import { batchOf, dishOf, inputOf, lotOf } from '../../testing/meals.ts';
import { reductionsOf } from './reduction.ts';

const down = { text: '600 ml', lo: 600, hi: 600 };
const mark = (id: string, at: number, value: number, measure: 'volume' | 'mass', more = {}): Entry => ({
  id,
  at: at * MINUTE_MS,
  batch: 'pot',
  measures: { what: 'mark' },
  value: { text: String(value), lo: value, hi: value },
  measure,
  source: 'typed',
  ...more,
});
function of(entries: Entry[], now: number) {
  const input = inputOf(
    [batchOf([lotOf('beef-shank', 2500)], { reduceTo: down })],
    [dishOf('taco', 20)],
    entries,
  );
  const [one] = openMeal(input).nominal.batches;
  if (!one) throw new Error('no batch');
  const [found] = reductionsOf(one, input, now * MINUTE_MS);
  if (!found) throw new Error('no reduction');
  return found;
}

describe('a liquid that boils down', () => {
  test('goes from what is there to what was asked, as burners usually do until a mark', () => {
    const { fromMl, toMl, now, usual } = of([], 0);
    expect(toMl).toBe(600);
    expect(fromMl).toBeGreaterThan(600);
    expect(now).toBeUndefined();
    expect(usual.minutes.mid).toBeCloseTo((fromMl - toMl) / usual.mlPerMin, 6);
  });

  test('the pot on the scale is as good as a jug: what it loses is what has gone', () => {
    const { fromMl } = of([], 0);
    const jug = of(
      [
        mark('a', 0, fromMl, 'volume', { celsius: 20 }),
        mark('b', 10, fromMl - 200, 'volume', { celsius: 20 }),
      ],
      10,
    );
    const scale = of([mark('a', 0, 4000, 'mass'), mark('b', 10, 3800, 'mass')], 10);
    expect(scale.now?.minutes.mid).toBeCloseTo(jug.now?.minutes.mid ?? NaN, 0);
    expect(scale.now?.from).toBe('marks');
  });

  test('a hot jug holds less than it shows', () => {
    const hot = of([mark('a', 0, 1000, 'volume', { celsius: 95 })], 0);
    expect(hot.marks[0]?.ml).toBeCloseTo(1000 * 0.964, -1);
  });
});

describe('what a spoon of it suggests', () => {
  const salty = { baseG: 1000, saltG: 6 };
  const thin = { ml: 1000, waterG: 960, thickness: { gPerL: 3, feels: 'runs' as const } };
  test('is little, in grams, and mostly nothing', () => {
    expect(answerTo('right', salty, thin)).toEqual({ what: 'nothing' });
    const flat = answerTo('flat', salty, thin);
    expect(flat.what === 'salt' && flat.grams).toBeCloseTo(1.5, 1);
    const over = answerTo('salty', { baseG: 1000, saltG: 12 }, thin);
    expect(over.what === 'thin' && over.grams).toBeCloseTo(12 / 0.0105 - 1000, 6);
    const loose = answerTo('thin', salty, thin);
    expect(loose.what === 'thicken' && loose.starchG).toBeGreaterThan(4);
    expect(answerTo('thick', salty, thin)).toEqual({ what: 'thin', grams: 0.08 * 960 });
    expect(answerTo('hot', salty, thin).what).toBe('dairy or starch');
  });
});
