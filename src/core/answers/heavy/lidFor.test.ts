import { reckon, withWater } from '../../reckoning/index.ts';
import { openMeal } from '../../model/index.ts';
import { expect, test } from '@jest/globals';
import { withLastMinutes } from '../../clock/index.ts';
import { batchOf, dishOf, inputOf, lotOf } from '../../testing/meals.ts';

import { lidFor } from './lidFor.ts';
import { problemWords } from '@/words/index.ts';

const input = inputOf([batchOf([lotOf('beef-blade-roast', 3000)])], [dishOf('taco', 30)]);
const mlOf = (batch = input.batches) =>
  reckon(openMeal({ ...input, batches: batch })).batches[0]?.liquid.brothMl?.mid ?? NaN;

test('the last minutes with the lid off leave what was asked, to five minutes of steam', () => {
  const want = mlOf() - 500;
  const found = lidFor(openMeal(input), { batch: 'pot', lid: 'off', wantMl: want });
  if (found.what !== 'minutes') throw new Error(found.what);
  const changed = input.batches.map((one) => ({
    ...one,
    cook: withLastMinutes(one.cook, 'off', found.minutes),
  }));
  expect(mlOf(changed)).toBeCloseTo(found.ml, 6);
  // Five minutes of an open pot are under 60 ml.
  expect(Math.abs(found.ml - want)).toBeLessThan(60);
  const ajar = lidFor(openMeal(input), { batch: 'pot', lid: 'ajar', wantMl: want });
  expect(ajar.what === 'minutes' ? ajar.minutes : Infinity).toBeGreaterThan(found.minutes);
});

test('what is less already, what no lid can do, and what nobody knows are told apart', () => {
  expect(lidFor(openMeal(input), { batch: 'pot', lid: 'off', wantMl: 20_000 }).what).toBe('less already');
  expect(lidFor(openMeal(input), { batch: 'pot', lid: 'ajar', wantMl: 10 }).what).toBe('not enough');
  const cook = [{ id: 'heat2', heat: 'oven' as const, setting: { text: 'warm' }, lid: 'on' as const }];
  const unknown = { ...input, batches: input.batches.map((one) => ({ ...one, cook })) };
  expect(lidFor(openMeal(unknown), { batch: 'pot', lid: 'off', wantMl: 1000 }).what).toBe('unknown');
});

test('what is advised to be poured is enough, and not by much', () => {
  for (const wantMl of [1500, 3000, 6000]) {
    const found = lidFor(openMeal(input), { batch: 'pot', lid: 'ajar', wantMl });
    if (found.what !== 'less already') continue;
    const poured = (ml: number) => {
      const { batches } = reckon(withWater(input, 'pot', ml));
      return (batches[0]?.liquid.brothMl ?? batches[0]?.liquid.sauceMl)?.mid ?? NaN;
    };
    const { moreMl } = found;
    if (moreMl === null) throw new Error('a vessel holds it');
    expect(poured(moreMl)).toBeGreaterThanOrEqual(wantMl);
    expect(poured(moreMl - 150)).toBeLessThan(wantMl);
  }
  expect(lidFor(openMeal(input), { batch: 'pot', lid: 'ajar', wantMl: 6000 }).what).toBe('less already');
  // Nobody is told to pour more than any vessel here holds.
  expect(lidFor(openMeal(input), { batch: 'pot', lid: 'ajar', wantMl: 5e6 })).toMatchObject({ moreMl: null });
});

test('the timed phases stand inside the whole time: it is not longer because its lid is ajar at the end', () => {
  const lengths = (cook = input.batches[0]?.cook ?? []) =>
    reckon(openMeal({ ...input, batches: input.batches.map((one) => ({ ...one, cook })) })).batches[0]
      ?.lengths ?? [];
  const [whole = 0] = lengths();
  const [before = 0, last = 0] = lengths(withLastMinutes(input.batches[0]?.cook ?? [], 'ajar', 45));
  expect(last).toBe(45);
  expect(before + last - whole).toBeGreaterThanOrEqual(0);
  expect(before + last - whole).toBeLessThan(15);
});

test('a slow cooker that will hold too much says so, and pouring less mends it', () => {
  const slow = inputOf(
    [
      batchOf([lotOf('beef-brisket', 2500)], {
        cook: [{ id: 'heat', heat: 'slow cooker', setting: 'low', lid: 'on' }],
        level: 'cover',
      }),
    ],
    [dishOf('taco', 24)],
  );
  const said = reckon(openMeal(slow)).problems.find(({ says }) => says.what === 'slow cooker keeps it');
  expect(said && problemWords(said)).toMatch(
    /pour \d\.\d l less, or boil it down at the end \(about \d+ min, lid off\)/,
  );
  const remedy = said?.remedies?.[0];
  if (remedy?.what !== 'pour less') throw new Error('no remedy');
  const items = [
    {
      id: remedy.item,
      ref: 'stock-low-salt',
      amount: remedy.amount,
      measure: 'volume' as const,
      state: 'in' as const,
    },
  ];
  const less = reckon(openMeal({ ...slow, batches: slow.batches.map((one) => ({ ...one, items })) }));
  const before = reckon(openMeal(slow)).batches[0]?.liquid.brothMl?.mid ?? 0;
  expect(less.batches[0]?.liquid.brothMl?.mid ?? Infinity).toBeLessThan(before - 200);
});
