import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { sampleNormals } from '../model/index.ts';
import { condition, type SparseRow } from './condition.ts';
import { type GroupReading, learnGroups } from './kitchen.ts';

const SPREADS = { kitchen: 0.05, group: 0.07, hand: 0.12 };

describe('what a kitchen teaches', () => {
  test('is the posterior of the dense model, whatever was measured of which group', () => {
    const reading = fc.record({
      group: fc.constantFrom('shank', 'blade', 'lamb', 'pork'),
      value: fc.double({ min: -0.04, max: 0.04, noNaN: true }),
      noise: fc.double({ min: 0.05, max: 0.2, noNaN: true }),
      byHand: fc.boolean(),
    });
    fc.assert(
      fc.property(fc.array(reading, { minLength: 1, maxLength: 12 }), (readings: GroupReading[]) => {
        const names = ['shank', 'blade', 'lamb', 'pork'];
        // Unknowns: the kitchen, the hand, then each group about the kitchen.
        const spreads = [SPREADS.kitchen, SPREADS.hand, ...names.map(() => SPREADS.group)];
        const covariance = (i: number, j: number) => (i === j ? (spreads[i] ?? NaN) ** 2 : 0);
        const rows = readings.map(({ group, byHand }): SparseRow => [
          [0, 1],
          ...(byHand ? [[1, 1] as const] : []),
          [2 + names.indexOf(group), 1],
        ]);
        const noises = readings.map(({ noise }) => noise);
        const { gain } = condition(6, covariance, rows, noises);
        const mean = (i: number) =>
          readings.reduce((sum, { value }, r) => sum + (gain[i]?.[r] ?? 0) * value, 0);
        const learned = learnGroups(readings, SPREADS);
        // None of these lies so far out that it is doubted, and none tells how much batches vary.
        expect([...learned.weights]).toEqual(readings.map(() => 1));
        expect(learned.scale).toBe(1);
        for (const [i, name] of names.entries()) {
          const known = learned.groups.get(name) ?? learned.unseen;
          expect(known.mean).toBeCloseTo(mean(0) + mean(2 + i), 9);
          const taken = rows.reduce((sum, row, r) => {
            const looks = row.some(([of]) => of === 2 + i) ? 1 : 0;
            const along = SPREADS.kitchen ** 2 + looks * SPREADS.group ** 2;
            return sum + along * ((gain[0]?.[r] ?? 0) + (gain[2 + i]?.[r] ?? 0));
          }, 0);
          const variance = SPREADS.kitchen ** 2 + SPREADS.group ** 2 - taken;
          expect(known.shared ** 2 + known.own ** 2).toBeCloseTo(variance, 9);
        }
      }),
    );
  });

  test('a first entry that is wrong is doubted at once, and one among others by them', () => {
    const at = (value: number) => ({ group: 'shank', value, noise: 0.06 });
    const pounds = Math.log(2.2);
    expect(learnGroups([at(pounds)], SPREADS).groups.size).toBe(0);
    // A quarter too much may be this kitchen's; beside three others it is not.
    const [first] = learnGroups([at(0.22)], SPREADS).weights;
    const [beside] = learnGroups([at(0.22), at(-0.02), at(0.01), at(0)], SPREADS).weights;
    expect(first).toBeGreaterThan(0.9);
    expect(beside).toBeLessThan(0.5);
  });

  test('a kitchen far from all others is believed once its batches agree', () => {
    const far = Array.from({ length: 5 }, (_, i) => ({
      group: 'shank',
      value: -0.3 + 0.01 * i,
      noise: 0.06,
    }));
    const { groups, weights } = learnGroups(far, SPREADS);
    expect(Math.min(...weights)).toBeGreaterThan(0.9);
    expect(groups.get('shank')?.mean).toBeLessThan(-0.24);
  });

  test('how much batches vary is learned from what is left over', () => {
    const z = sampleNormals(7, 60);
    const of = (sd: number, n: number) =>
      learnGroups(
        [...z.slice(0, n)].map((one) => ({ group: 'shank', value: sd * one, noise: 0.06, own: 0.06 })),
        SPREADS,
      ).scale;
    expect(of(0.06, 60)).toBeGreaterThan(0.85);
    expect(of(0.06, 60)).toBeLessThan(1.15);
    expect(of(0.03, 60)).toBeLessThan(0.65);
    expect(of(0.12, 60)).toBeGreaterThan(1.6);
    // Few say little of it.
    expect(of(0.03, 3)).toBeGreaterThan(0.7);
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
