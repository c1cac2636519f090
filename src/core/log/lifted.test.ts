import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runs } from '@/core/testing/runs.ts';
import type { Entry, Feel } from '../meal/index.ts';
import { openMeal } from '../model/index.ts';
import { batchOf, dishOf, grams, inputOf, lotOf } from '../testing/meals.ts';
import { evidenceOf } from './evidence.ts';

const MINUTE = 60_000;
const TARE = 4000;
const setting = { text: '150 °C', lo: 150, hi: 150 };
const braise = { id: 'heat', heat: 'oven', setting, lid: 'ajar', vessel: 'pot-28' } as const;
const water = {
  id: 'w',
  ref: 'water',
  state: 'in',
  measure: 'volume',
  amount: { text: '3 l', lo: 3000, hi: 3000 },
};
const at = (minutes: number, id: string) => ({
  id,
  at: minutes * MINUTE,
  batch: 'pot',
  source: 'typed' as const,
});
const fork = (minutes: number, feel: Feel): Entry => ({
  ...at(minutes, feel),
  ...{ measures: { what: 'check', feel }, value: { text: feel }, measure: 'feel' },
});
const weighed = (minutes: number, g: number): Entry => ({
  ...at(minutes, 'pot'),
  ...{ measures: { what: 'stock', stock: 'pot', vessel: 'pot-28' }, value: grams(g + TARE), measure: 'mass' },
});
const lifted = (minutes: number): Entry => ({
  ...at(minutes, 'lift'),
  ...{ measures: { what: 'done', task: 'pot|pot' }, value: { text: 'done' }, measure: 'time' },
});

function mealOf(entries: Entry[], minutes?: number) {
  const written =
    minutes === undefined ? {} : { minutes: { text: `${minutes} min`, lo: minutes, hi: minutes } };
  const batch = batchOf([lotOf('beef-blade-roast', 1600, { id: 'a' })], {
    ...{ cook: [{ ...braise, ...written }], lidOn: 0 },
    items: [{ ...water, state: 'in', measure: 'volume' }],
  });
  const input = inputOf([batch], [dishOf('taco', 12)], entries);
  const vessels = input.kitchen.vessels.map((one) => ({ ...one, tareG: TARE }));
  return openMeal({ ...input, kitchen: { ...input.kitchen, vessels } });
}
const steamOf = (meal: ReturnType<typeof openMeal>) =>
  evidenceOf(meal, 'pot').find(({ what }) => what === 'steam');
const tender = mealOf([]).planned[0]?.ready?.median ?? NaN;

test('steam is that of the time on the heat: to the lift, however the forks stand about it', () => {
  const share = (min: number, max: number) => fc.double({ min, max, noNaN: true });
  fc.assert(
    fc.property(share(0.75, 0.95), share(0.01, 0.1), share(0, 0.2), fc.boolean(), (no, yes, more, ticks) => {
      const [looked, found] = [no * tender, (no + yes) * tender];
      const out = Math.round((no + yes + more) * tender);
      // What its pot would weigh, were just this time written.
      const potG = mealOf([], out).plannedRun.batches[0]?.mass.liquid.potG ?? NaN;
      const forks = [fork(looked, 'gives but holds'), fork(found, 'turns freely')];
      const said = steamOf(
        mealOf([...forks, ...(ticks ? [lifted(out)] : []), weighed(ticks ? out + 25 : out, potG)]),
      );
      expect(Math.abs(said?.value ?? NaN)).toBeLessThan(0.03);
    }),
    { numRuns: runs(200) },
  );
});

test('what was weighed at another hour says nothing of the time', () => {
  const minutes = (...entries: Entry[]) => {
    const { liquid } = mealOf(entries).now[0] ?? {};
    return (liquid?.minutesFixed ?? NaN) + (liquid?.minutesOpen ?? NaN);
  };
  expect(minutes(weighed(tender + 600, 3000))).toBeCloseTo(minutes(), 6);
  expect(minutes(weighed(1, 3000))).toBeCloseTo(minutes(), 6);
  expect(minutes(lifted(tender + 200))).toBeCloseTo(tender + 200, 6);
  // Ticked at the end of the evening, it was out when it was weighed.
  expect(minutes(weighed(tender + 20, 3000), lifted(tender + 300))).toBeCloseTo(tender + 20, 6);
});
