import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Phase } from '../../meal/index.ts';
import { covered, withLastMinutes } from './lastMinutes.ts';
import { cookOf, lengthsUntil, minutesOf, openPhase, phaseMinutes } from './phases.ts';
import { alcoholLeft, boilDownMinutes } from './steam.ts';

const min = (n: number) => ({ text: `${n} min`, lo: n, hi: n });
const oven = (lid: Phase['lid'], minutes?: number): Phase => ({
  id: 'heat',
  heat: 'oven',
  lid,
  ...(minutes !== undefined && { minutes: min(minutes) }),
});
const smoke: Phase = { id: 'heat2', heat: 'smoker', lid: 'off', minutes: min(120) };

describe('the phases of a cook', () => {
  test('the open phase lasts until it is tender, those after it are the last minutes before', () => {
    const cook = [oven('off', 30), oven('on'), oven('ajar', 45)];
    expect(openPhase(cook)).toBe(cook[1]);
    expect(phaseMinutes(cook, 200)).toEqual([30, 125, 45]);
    expect(phaseMinutes(cook, undefined)).toEqual([30, 0, 45]);
    // Tender sooner than the written phases last: the open one is over at once, none is negative.
    expect(phaseMinutes(cook, 60)).toEqual([30, 0, 45]);
  });

  test('a cook that is written to the minute is what is written', () => {
    expect(phaseMinutes([oven('on', 60), oven('off', 20)], 999)).toEqual([60, 20]);
  });

  test('smoke before there is a pot is told apart', () => {
    expect(cookOf([smoke, oven('on')]).potFrom).toBe(120);
    expect(cookOf([oven('on')]).potFrom).toBe(0);
  });

  test('the lengths add up to the minutes, whatever the phases are', () => {
    const phase = fc.option(fc.integer({ min: 1, max: 90 }), { nil: undefined });
    fc.assert(
      fc.property(
        fc.array(phase, { minLength: 1, maxLength: 4 }),
        fc.integer({ min: 400, max: 900 }),
        (some, ready) => {
          const cook = cookOf([...some.map((minutes) => oven('on', minutes)), oven('on')]);
          expect(lengthsUntil(cook, ready).reduce((sum, n) => sum + n, 0)).toBe(ready);
        },
      ),
    );
  });

  test('a moment lies in its phase, from its start or back from its end, never beyond it', () => {
    const lengths = [30, 120, 45];
    expect(minutesOf({ phase: 1, minutes: 20 }, lengths)).toBe(50);
    expect(minutesOf({ phase: 1, minutes: 20, before: 'end' }, lengths)).toBe(130);
    expect(minutesOf({ phase: 1, minutes: 500 }, lengths)).toBe(150);
    expect(minutesOf({ phase: 7, minutes: 5 }, lengths)).toBe(195);
  });
});

describe('what a lid cannot change', () => {
  test('a written time stays the whole: the last minutes are of it, and never more than it', () => {
    const total = (cook: readonly Phase[]) => phaseMinutes(cook, undefined).reduce((sum, n) => sum + n, 0);
    for (const minutes of [0, 30, 75, 300, 400])
      expect(total(withLastMinutes([oven('on', 60), oven('on', 300)], 'off', minutes))).toBe(360);
    expect(withLastMinutes([oven('on', 300)], 'off', 30).map(({ lid }) => lid)).toEqual(['on', 'off']);
    expect(withLastMinutes([oven('on', 300)], 'off', 300)).toEqual([oven('off', 300)]);
  });

  test('covering a pot leaves the open smoke before it open', () => {
    const cook = covered([smoke, { ...oven('off'), heat: 'smoker' }, oven('ajar', 45)]);
    expect(cook[0]).toEqual(smoke);
    // A smoker with its lid off is the open smoke, wherever it stands.
    expect(cook[2]).toEqual(oven('on', 45));
    expect(cookOf(covered([smoke, oven('off')])).potFrom).toBe(120);
  });
});

describe('the lid', () => {
  test('the last minutes follow the open phase, in its heat, and none leave it on', () => {
    const cook = withLastMinutes([oven('on'), oven('off', 99)], 'ajar', 40);
    expect(cook.map(({ lid, minutes }) => [lid, minutes?.lo])).toEqual([
      ['on', undefined],
      ['ajar', 40],
    ]);
    expect(withLastMinutes(cook, 'ajar', 0)).toHaveLength(1);
  });

  /** From memory: USDA Table of Nutrient Retention Factors, release 6. */
  test('alcohol leaves as the retention table has it, and never comes back', () => {
    expect([0, 15, 30, 60, 90, 120, 150, 400].map(alcoholLeft)).toEqual([
      1, 0.4, 0.35, 0.25, 0.2, 0.1, 0.05, 0.05,
    ]);
    fc.assert(
      fc.property(fc.nat({ max: 300 }), fc.nat({ max: 300 }), (a, b) => {
        expect(alcoholLeft(a + b)).toBeLessThanOrEqual(alcoholLeft(a));
      }),
    );
  });

  test('boiling down takes as long as there is water to take off', () => {
    expect(boilDownMinutes(-5)).toBe(0);
    expect(boilDownMinutes(1000)).toBeCloseTo(30, 9);
  });
});
