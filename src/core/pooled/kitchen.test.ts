import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { condition } from './condition.ts';
import { type GroupReading, learnGroups } from './kitchen.ts';

const SPREADS = { kitchen: 0.05, group: 0.07 };

describe('what a kitchen teaches', () => {
  test('is the posterior of the dense model, whatever was measured of which group', () => {
    const reading = fc.record({
      group: fc.constantFrom('shank', 'blade', 'lamb', 'pork'),
      value: fc.double({ min: -0.12, max: 0.12, noNaN: true }),
      noise: fc.double({ min: 0.05, max: 0.2, noNaN: true }),
    });
    fc.assert(
      fc.property(fc.array(reading, { minLength: 1, maxLength: 12 }), (readings: GroupReading[]) => {
        const names = ['shank', 'blade', 'lamb', 'pork'];
        // Unknowns: the kitchen, then each group about it.
        const covariance = (i: number, j: number) =>
          i !== j ? 0 : i === 0 ? SPREADS.kitchen ** 2 : SPREADS.group ** 2;
        const rows = readings.map(
          ({ group }) =>
            [
              [0, 1],
              [1 + names.indexOf(group), 1],
            ] as const,
        );
        const { gain } = condition(
          5,
          covariance,
          rows,
          readings.map(({ noise }) => noise),
        );
        const mean = (i: number) =>
          readings.reduce((sum, { value }, r) => sum + (gain[i]?.[r] ?? 0) * value, 0);
        const learned = learnGroups(readings, SPREADS);
        // None of these lies so far out that it is damped.
        expect([...learned.weights]).toEqual(readings.map(() => 1));
        for (const [i, name] of names.entries()) {
          const known = learned.groups.get(name) ?? learned.unseen;
          expect(known.mean).toBeCloseTo(mean(0) + mean(1 + i), 9);
          const taken = rows.reduce((sum, row, r) => {
            const looks = row[1][0] === 1 + i ? 1 : 0;
            const along = SPREADS.kitchen ** 2 + looks * SPREADS.group ** 2;
            return sum + along * ((gain[0]?.[r] ?? 0) + (gain[1 + i]?.[r] ?? 0));
          }, 0);
          const variance = SPREADS.kitchen ** 2 + SPREADS.group ** 2 - taken;
          expect(known.shared ** 2 + known.own ** 2).toBeCloseTo(variance, 9);
        }
      }),
    );
  });

  test('an absurd entry counts for nothing, and the rest is as if it were not there', () => {
    const sane = [0.02, -0.03, 0.05, 0.01].map((value) => ({ group: 'shank', value, noise: 0.06 }));
    const without = learnGroups(sane, SPREADS);
    const absurd = learnGroups([{ group: 'shank', value: 0.8, noise: 0.06 }, ...sane], SPREADS);
    expect(absurd.weights[0]).toBe(0);
    expect(absurd.groups.get('shank')?.mean).toBeCloseTo(without.groups.get('shank')?.mean ?? NaN, 9);
    expect(absurd.groups.get('shank')?.n).toBe(4);
  });

  test('without a reading nothing moves', () => {
    const { unseen, groups } = learnGroups([], SPREADS);
    expect(groups.size).toBe(0);
    expect(unseen).toEqual({ n: 0, mean: 0, shared: SPREADS.kitchen, own: SPREADS.group });
  });
});
