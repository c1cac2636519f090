import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Phase } from '../../meal/index.ts';
import {
  cookOf,
  isSmoke,
  isTimed,
  lengthsUntil,
  minutesOf,
  openPhase,
  phaseMinutes,
  withMain,
} from './phases.ts';

const timed = (minutes: number, changes: Partial<Phase> = {}): Phase => ({
  id: 'heat',
  heat: 'oven',
  lid: 'on',
  minutes: { text: '', lo: minutes, hi: minutes },
  ...changes,
});
const open: Phase = { id: 'heat2', heat: 'oven', lid: 'on' };
const smoke = timed(120, { id: 'heat3', heat: 'smoker', lid: 'off' });
const total = (lengths: readonly number[]) => lengths.reduce((sum, n) => sum + n, 0);

describe('a cook by its phases', () => {
  test('the open one is the last without a time; none of no phases', () => {
    expect(openPhase([timed(30), open, timed(20)])).toBe(open);
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

describe('the long phase', () => {
  const last = timed(45, { id: 'heat4', lid: 'ajar' });
  const half = { text: '3', lo: 3, hi: 3 };

  test('stays the one that it was, whatever is written beside it, key by key', () => {
    const cook = withMain([open, last], open);
    expect(openPhase(cook)).toBe(cook[0]);
    // "3" on the way to "3 h" is shorter than the last minutes, and still of the same phase.
    const typed = cook.map((phase, i) => (i === 0 ? { ...phase, minutes: half } : phase));
    expect(openPhase(typed)).toBe(typed[0]);
    const emptied = typed.map(({ minutes, ...phase }, i) => (i === 1 ? phase : { ...phase, minutes }));
    expect(openPhase(emptied)).toBe(emptied[0]);
    expect(phaseMinutes(emptied, 200)).toEqual([3, 0]);
    expect(isTimed({ cook: emptied })).toBe(true);
  });

  test('of none that is marked it is the last without a time, else the longest, never the smoke', () => {
    expect(openPhase([timed(60), open, last])).toBe(open);
    const longest = timed(180);
    expect(openPhase([timed(60), longest, last])).toBe(longest);
    const smoke = timed(400, { id: 'heat5', heat: 'smoker', lid: 'off' });
    expect(openPhase([smoke, longest, last])).toBe(longest);
    expect(openPhase([smoke])).toBe(smoke);
  });

  test('is marked only beside others', () => {
    expect(withMain([open, last]).map(({ main }) => main)).toEqual([true, undefined]);
    expect(withMain(withMain([open, last]).slice(0, 1))).toEqual([open]);
  });
});
