import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Phase } from '../../batch/index.ts';
import { cookOf, isSmoke, lengthsUntil, minutesOf, openPhase, phaseMinutes } from './phases.ts';

const timed = (minutes: number, changes: Partial<Phase> = {}): Phase => ({
  heat: 'oven',
  lid: 'on',
  minutes: { text: '', lo: minutes, hi: minutes },
  ...changes,
});
const open: Phase = { heat: 'oven', lid: 'on' };
const smoke = timed(120, { heat: 'smoker', lid: 'off' });
const total = (lengths: readonly number[]) => lengths.reduce((sum, n) => sum + n, 0);

describe('a cook by its phases', () => {
  test('the open one is the last without a time; with times on all, the last of them', () => {
    expect(openPhase([timed(30), open, timed(20)])).toBe(open);
    const last = timed(20);
    expect(openPhase([timed(30), last])).toBe(last);
    expect(openPhase([])).toBeUndefined();
  });

  test('in the open smoke there is no pot yet: it stands from when it is covered', () => {
    expect(isSmoke(smoke)).toBe(true);
    expect(cookOf([smoke, open]).potFrom).toBe(120);
    expect(cookOf([open, timed(20)]).potFrom).toBe(0);
    expect(cookOf([smoke]).potFrom).toBe(0);
  });

  test('last minutes are taken out of the open phase, never below nothing', () => {
    const cook = cookOf([timed(30), open, timed(45)]);
    expect(lengthsUntil(cook, 180)).toEqual([30, 105, 45]);
    expect(lengthsUntil(cook, 60)).toEqual([30, 0, 45]);
  });

  test('written times stand as they were written, and add up to the whole', () => {
    const length = fc.double({ min: 1, max: 600, noNaN: true });
    fc.assert(
      fc.property(
        fc.array(length, { maxLength: 3 }),
        fc.array(length, { maxLength: 3 }),
        fc.double({ min: 1, max: 3000, noNaN: true }),
        (before, after, ready) => {
          const phases = [...before.map((m) => timed(m)), open, ...after.map((m) => timed(m))];
          const lengths = phaseMinutes(phases, ready);
          expect(lengths.slice(0, before.length)).toEqual(before);
          expect(lengths.slice(before.length + 1)).toEqual(after);
          expect(total(lengths)).toBeCloseTo(Math.max(ready, total(before) + total(after)), 6);
        },
      ),
    );
  });
});

describe('a moment of the cook', () => {
  const lengths = [30, 100, 20];
  test('is counted from the start of its phase, or back from its end', () => {
    expect(minutesOf({ phase: 1, minutes: 10 }, lengths)).toBe(40);
    expect(minutesOf({ phase: 1, minutes: 10, before: 'end' }, lengths)).toBe(120);
  });

  test('never lies outside the cook, nor outside its phase', () => {
    expect(minutesOf({ phase: 1, minutes: 500 }, lengths)).toBe(130);
    expect(minutesOf({ phase: 1, minutes: 500, before: 'end' }, lengths)).toBe(30);
    // A phase that was taken out: the end of what there is.
    expect(minutesOf({ phase: 7, minutes: 5 }, lengths)).toBe(150);
  });
});
