import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runs } from '@/core/testing/runs.ts';
import { feels } from '../meal/choices.ts';
import { normals } from '../model/run/normals.ts';
import { percentileOfSorted } from '../quantity/range.ts';
import { isTender, phi, feelLikelihood, type Seen } from './checks.ts';
import { oddsOf, type CookingLot } from './odds.ts';
import { STEP, type TendernessCurve } from './curve.ts';

/** A way that takes an hour to warm up and is tender after so many minutes at its middle rate. */
const wayTo = (tender: number): TendernessCurve =>
  Float64Array.from({ length: 400 }, (_, i) => Math.max(0, i * STEP - 60) / (tender - 60));
const lot = (tender: number, seen: readonly Seen[] = []): CookingLot => ({
  curve: wayTo(tender),
  bigCurve: wayTo(tender * 1.12),
  first: { curve: wayTo(tender * 0.88), ahead: 1.1 },
  toughness: 1,
  spread: 0.2,
  seen,
});
const at = (minutes: number, feel: Seen['feel'], big = false): Seen => ({ minutes, feel, big });

/** How wide the log of its rate is: on that way a lot is warm after an hour, and then goes on evenly. */
const rateWidth = (lots: readonly CookingLot[]) => {
  const odds = oddsOf(lots);
  return Math.log(((odds.lotAt(0, 0.9) ?? NaN) - 60) / ((odds.lotAt(0, 0.1) ?? NaN) - 60));
};

/** Φ (published, any table of the normal). */
test('the normal distribution is that of the tables', () => {
  expect(phi(0)).toBeCloseTo(0.5, 6);
  expect(phi(1.281552)).toBeCloseTo(0.9, 5);
  expect(phi(-1.959964)).toBeCloseTo(0.025, 5);
});

test('whatever a hand says, it says one of the words that lie side by side', () => {
  for (const far of [0.1, 0.74, 0.9, 1, 1.2, 1.6, 3]) {
    const sum = (['resists', 'gives but holds', 'turns freely', 'falls apart'] as const).reduce(
      (total, feel) => total + feelLikelihood(feel, far),
      0,
    );
    expect(sum).toBeCloseTo(1, 9);
  }
});

describe('the chances of a pot', () => {
  test('a lot alone is the pot, and its median is where its way is one long', () => {
    const odds = oddsOf([lot(200)]);
    for (const chance of [0.1, 0.5, 0.9])
      expect(Math.abs((odds.potAt(chance) ?? 0) - (odds.lotAt(0, chance) ?? 0))).toBeLessThan(0.3);
    expect(odds.lotAt(0, 0.5)).toBeCloseTo(200, 0);
  });

  test('what the grid says and what draws say is the same, checked or not', () => {
    for (const seen of [[], [at(150, 'resists')], [at(150, 'resists'), at(200, 'gives but holds')]]) {
      const odds = oddsOf([lot(200, seen), lot(180), lot(230)]);
      const n = 20_000;
      const drawn = odds
        .drawn(
          normals('pot', n),
          [0, 1, 2].map((i) => normals(`lot ${i}`, n)),
        )
        .sort();
      for (const chance of [0.1, 0.5, 0.9])
        expect(Math.abs(percentileOfSorted(drawn, chance) - (odds.potAt(chance) ?? 0))).toBeLessThan(2.5);
    }
  });

  test('"not yet" cuts off the early part; tender cuts off the late one', () => {
    expect(oddsOf([lot(200, [at(190, 'resists')])]).lotAt(0, 0.1)).toBeGreaterThan(195);
    expect(oddsOf([lot(200, [at(230, 'turns freely')])]).lotAt(0, 0.97)).toBeLessThan(236);
    // Of two lots that share a pot's heat, a late one makes the other a little later too.
    expect(oddsOf([lot(200, [at(230, 'resists')]), lot(200)]).lotAt(1, 0.5)).toBeGreaterThan(202);
  });

  test('what is found late goes too far late too', () => {
    const gone = (seen: readonly Seen[]) => oddsOf([lot(200, seen)]).lotAt(0, 0.1, 3) ?? NaN;
    expect(gone([at(230, 'resists')])).toBeGreaterThan(gone([]) + 40);
    expect(gone([])).toBeGreaterThan(oddsOf([lot(200)]).lotAt(0, 0.9) ?? Infinity);
  });

  test('the big pieces apart: what they say moves the lot less than all of it saying so', () => {
    const all = oddsOf([lot(200, [at(200, 'resists')])]).lotAt(0, 0.5) ?? 0;
    const big = oddsOf([lot(200, [at(200, 'resists', true)])]).lotAt(0, 0.5) ?? 0;
    expect(big).toBeLessThan(all);
    expect(big).toBeGreaterThan(195);
  });

  test('a second check on the same pieces never widens the range, whatever the lot really is', () => {
    const word = (far: number) =>
      (['resists', 'gives but holds', 'turns freely', 'falls apart'] as const)[
        [0.75, 1, 1.5].filter((bound) => far >= bound).length
      ] ?? 'resists';
    const truth = fc.double({ min: -0.5, max: 0.5, noNaN: true });
    const times = fc.array(fc.integer({ min: 100, max: 420 }), { minLength: 2, maxLength: 4 });
    fc.assert(
      fc.property(truth, times, fc.boolean(), (u, minutes, big) => {
        const seen = minutes
          .sort((a, b) => a - b)
          .map((m) => at(m, word((Math.max(0, m - 60) / (big ? 152 : 140)) * Math.exp(u)), big));
        const widths = seen.map((_, i) => rateWidth([lot(200, seen.slice(0, i + 1))]));
        for (const [i, w] of widths.entries()) expect(w).toBeLessThanOrEqual((widths[i - 1] ?? w) + 0.005);
      }),
      // In minutes a late one may be wider than an early one was: what narrows is its rate.
      { numRuns: runs(60), examples: [[-0.4759383647655501, [182, 229], false]] },
    );
  });

  test('a contradiction is unlikely, and is taken in without breaking anything', () => {
    const tender = [at(200, 'turns freely')];
    expect(oddsOf([lot(200, tender)]).likely(0, at(240, 'resists'))).toBeLessThan(0.01);
    expect(oddsOf([lot(200, tender)]).likely(0, at(240, 'falls apart'))).toBeGreaterThan(0.1);
    expect(oddsOf([lot(200, [...tender, at(240, 'resists')])]).lotAt(0, 0.5)).toBeGreaterThan(150);
  });

  test('which words mean tender', () => {
    expect(feels.filter(isTender)).toEqual(['turns freely', 'falls apart', 'the bone slides out']);
  });
});
