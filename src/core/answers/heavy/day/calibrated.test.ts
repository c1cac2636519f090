import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { isCheck, runs } from '@/core/testing/runs.ts';
import { entryAt, valueAt } from '../../../columns/index.ts';
import type { Entry, Feel } from '../../../meal/index.ts';
import { openMeal, sampleNormals } from '../../../model/index.ts';
import { feelLikelihood, type Seen } from '../../../tender/checks.ts';
import { bisect } from '../../../quantity/index.ts';
import { batchOf, dishOf, inputOf, lotOf } from '../../../testing/meals.ts';
import { dayOf } from './day.ts';

/**
 * Simulated cooks: the truth lies in the rate, as the model has it, and each puts forks in at moments of their own. What the
 * clock says of them is held against the truth (own simulation; the spreads are the model's own).
 */
const MINUTE = 60_000;
const CUTS = ['beef-shank', 'beef-short-ribs', 'beef-blade-roast', 'pork-picnic', 'lamb-shoulder'] as const;
/** A hand tells so much of the way from one another: as in the model. */
const HAND = 0.08;

const cookOf = fc.record({
  cut: fc.constantFrom(...CUTS),
  g: fc.integer({ min: 800, max: 4000 }),
  celsius: fc.integer({ min: 135, max: 175 }),
  /** Hours that were written, or none. */
  written: fc.option(fc.constantFrom(2, 2.5, 3, 4), { nil: undefined }),
  /** Where forks go in, of the time foretold. */
  forks: fc.array(fc.double({ min: 0.5, max: 1.5, noNaN: true }), { minLength: 1, maxLength: 3 }),
  seed: fc.integer({ min: 1, max: 2 ** 30 }),
});
type Cook = typeof cookOf extends fc.Arbitrary<infer T> ? T : never;

function opened({ cut, g, celsius, written }: Cook, entries: Entry[] = []) {
  const setting = { text: `${celsius} °C`, lo: celsius, hi: celsius };
  const minutes = written === undefined ? {} : { minutes: { text: '', lo: 60 * written, hi: 60 * written } };
  const cook = [{ id: 'heat', heat: 'oven' as const, lid: 'on' as const, setting, ...minutes }];
  return openMeal(inputOf([batchOf([lotOf(cut, g)], { cook, lidOn: 0 })], [dishOf('taco', 12)], entries));
}
const readyIn = (meal: ReturnType<typeof opened>) => {
  const ready = meal.planned[0]?.ready;
  if (!ready) throw new Error('nobody knows when it is ready');
  return ready;
};

/** What a hand says of meat so far on its way. */
const FEELS: readonly (readonly [number, Feel])[] = [
  [1.5, 'falls apart'],
  [1, 'turns freely'],
  [0.75, 'gives but holds'],
  [0, 'resists'],
];
const feltAt = (far: number): Feel => FEELS.find(([from]) => far >= from)?.[1] ?? 'resists';

function simulate(cook: Cook) {
  const before = readyIn(opened(cook));
  const { shared, own } = before.odds.spreadOf(0);
  const z = sampleNormals(cook.seed, 2 + cook.forks.length);
  const rate = Math.exp(shared * valueAt(z, 0) + own * valueAt(z, 1));
  const farAt = (minutes: number) => rate * before.odds.farAt(0, minutes);
  const seen: Seen[] = [];
  for (const [i, share] of cook.forks.toSorted((a, b) => a - b).entries()) {
    const minutes = Math.round(share * before.median);
    const feel = feltAt(farAt(minutes) * Math.exp(HAND * valueAt(z, 2 + i)));
    seen.push({ minutes, feel, big: false });
    if (feel !== 'resists' && feel !== 'gives but holds') break;
  }
  const entries = seen.map(({ minutes, feel }, i): Entry => ({
    ...{ id: `fork ${i}`, at: minutes * MINUTE, batch: 'pot', measure: 'feel', source: 'typed' },
    measures: { what: 'check', feel },
    value: { text: feel },
  }));
  const meal = opened(cook, entries);
  return { before, farAt, seen, meal, after: readyIn(meal), spread: { shared, own } };
}

test('of what the clock calls 90 in 100 between 86 and 94 come true, whatever was written and seen', () => {
  const came = { true: 0, all: 0 };
  fc.assert(
    fc.property(cookOf, (cook) => {
      const { farAt, seen, meal, after } = simulate(cook);
      if (after.lots.every(({ found }) => found)) return;
      const now = (seen.at(-1)?.minutes ?? 0) * MINUTE;
      const day = dayOf(meal, { now, tries: 0 });
      const readyBy = day.pots[0]?.readyBy;
      expect(readyBy).toBeDefined();
      came.all += 1;
      if (farAt((readyBy ?? 0) / MINUTE) >= 1) came.true += 1;
    }),
    { numRuns: runs(2000, 400) },
  );
  // A few hundred know the share to .03 at two standard errors; the check's two thousand need no allowance.
  const allowed = isCheck ? 0 : 0.03;
  expect(came.true / came.all).toBeGreaterThan(0.86 - allowed);
  expect(came.true / came.all).toBeLessThan(0.94 + allowed);
});

test('after a fork the next look is when half of what remains has passed, and not sooner than 20 min', () => {
  const n = 20_000;
  const [a, b] = [sampleNormals(1, n), sampleNormals(2, n)];
  fc.assert(
    fc.property(cookOf, (cook) => {
      const { before, seen, after, spread } = simulate(cook);
      const last = seen.at(-1)?.minutes ?? 0;
      if (after.nextCheck === undefined) return;
      // The same forks, in draws of the rate: each weighs as much as what was felt is likely in it.
      const fars = seen.map(({ minutes }) => before.odds.farAt(0, minutes));
      const draws = Array.from(a, (z, i) => {
        const rate = Math.exp(spread.shared * z + spread.own * valueAt(b, i));
        const weight = seen.reduce(
          (product, { feel }, k) => product * feelLikelihood(feel, rate * entryAt(fars, k)),
          1,
        );
        return { rate, weight };
      });
      // Those that are tender already are not what remains.
      const farNow = before.odds.farAt(0, last);
      const left = draws.filter(({ rate }) => rate * farNow < 1).sort((x, y) => y.rate - x.rate);
      const whole = left.reduce((sum, { weight }) => sum + weight, 0);
      let sum = 0;
      const half = left.find(({ weight }) => (sum += weight) >= whole / 2);
      const [, at] = bisect((m) => before.odds.farAt(0, m) * (half?.rate ?? 1) < 1, last, 24 * 60, 0.1);
      expect(after.nextCheck).toBeGreaterThanOrEqual(last + 20);
      const off = after.nextCheck - Math.max(last + 20, at);
      expect([Math.abs(off) < 10, off, seen]).toEqual([true, off, seen]);
    }),
    { numRuns: runs(200, 40) },
  );
});
