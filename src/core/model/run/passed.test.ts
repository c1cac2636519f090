import { describe, expect, test } from '@jest/globals';
import type { Entry } from '../../meal/index.ts';
import { midpoint } from '../../quantity/index.ts';
import { weighedEntry } from '../../testing/meals.ts';
import { passedBefore } from './passed.ts';

const gramsOf = (entry: Entry) => midpoint(entry.value ?? undefined);
const sum = (
  flow: 'cooked' | 'shred' | 'liquid' | 'eaten' | 'thrown' | 'foundLate' | 'drunk',
  g: number,
  at: number,
) => weighedEntry({ what: 'sum', flow }, g, at);
const passed = (reading: Entry, entries: Entry[], lots = 1) => passedBefore(reading, entries, lots, gramsOf);

describe('what passed a bowl before it was weighed', () => {
  const shred = sum('shred', 1000, 10);

  test('eaten and thrown away it is missing in the bowl, found late it lies in it; after the weighing it is neither', () => {
    expect(passed(shred, [sum('eaten', 30, 1), sum('thrown', 20, 2), sum('foundLate', 40, 3)])).toBe(10);
    expect(passed(shred, [sum('eaten', 30, 11)])).toBe(0);
    expect(passed(shred, [sum('drunk', 300, 1)])).toBe(0);
  });

  test('a liquid is corrected by what was drunk, meat on the bench only by what was found', () => {
    expect(passed(sum('liquid', 900, 5), [sum('drunk', 200, 1), sum('eaten', 30, 1)])).toBe(200);
    expect(passed(sum('cooked', 900, 5), [sum('eaten', 30, 1), sum('foundLate', 15, 1)])).toBe(-15);
  });

  test('of several lots a sum is corrected by sums, and a lot by its own', () => {
    const ofLot = (lot: string, flow: 'shred' | 'eaten', g: number, at: number) =>
      weighedEntry({ what: 'flow', flow, lot }, g, at);
    const reading = ofLot('a', 'shred', 500, 10);
    expect(
      passed(reading, [ofLot('a', 'eaten', 20, 1), ofLot('b', 'eaten', 50, 1), sum('eaten', 9, 1)], 2),
    ).toBe(20);
    expect(passed(shred, [ofLot('a', 'eaten', 20, 1), sum('eaten', 9, 1)], 2)).toBe(9);
    expect(passed(shred, [ofLot('a', 'eaten', 20, 1)], 1)).toBe(20);
  });
});
