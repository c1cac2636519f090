import { describe, expect, test } from '@jest/globals';
import { asIngredient, bestBefore, isPastUse, keepDays, movedTo } from '../../keep/index.ts';
import type { Batch, Entry, ShelfItem } from '../../meal/index.ts';
import { openMeal } from '../../model/index.ts';
import { batchOf, dishOf, grams, inputOf, lotOf } from '../../testing/meals.ts';
import { cookedAt } from './cookedAt.ts';

const DAY = 86_400_000;
const FOURTH = Date.UTC(2026, 11, 4, 15);
const pot = (changes: Partial<Batch> = {}) => batchOf([lotOf('beef-shank', 2000)], changes);
const weighed = (flow: 'raw' | 'shred', at: number): Entry => ({
  id: `${flow} ${String(at)}`,
  at,
  batch: pot().id,
  measures: { what: 'sum', flow },
  value: grams(900),
  measure: 'mass',
  source: 'typed',
});
const at = (
  now: number,
  { batch = pot(), entries = [], serving }: { batch?: Batch; entries?: Entry[]; serving?: string } = {},
) => {
  const input = inputOf([batch], [dishOf('taco', 12)]);
  const meal = { ...input.meal, ...(serving !== undefined && { serving: { local: serving, zone: 'UTC' } }) };
  return cookedAt(openMeal({ ...input, entries, meal }), batch.id, now);
};

describe('the days of what is left count from when it was cooked, whenever it is boxed', () => {
  test('by what was weighed on the bench first, on the day and four days later alike', () => {
    const entries = [
      weighed('raw', FOURTH - DAY),
      weighed('shred', FOURTH),
      weighed('shred', FOURTH + 3 * DAY),
    ];
    for (const now of [FOURTH + 1, FOURTH + 4 * DAY])
      expect(at(now, { entries: entries.slice(0, 2) })).toBe(FOURTH);
    expect(at(FOURTH + 4 * DAY, { entries: [...entries] })).toBeLessThanOrEqual(FOURTH + 3 * DAY);
  });

  test('by a cooling that was begun, by its being closed, by its time in the pot, by its serving', () => {
    const later = FOURTH + 2 * DAY;
    const cools = [{ id: 'c', what: 'both' as const, pans: 1, way: 'fridge' as const, start: FOURTH }];
    expect(at(later, { batch: pot({ cools }) })).toBe(FOURTH);
    const minutes = { text: '180 min', lo: 180, hi: 180 };
    const cook = [{ id: 'p', heat: 'oven' as const, lid: 'on' as const, minutes, setting: grams(160) }];
    expect(at(later, { batch: pot({ cook, lidOn: FOURTH }) })).toBe(FOURTH + 180 * 60_000);
    expect(at(later, { serving: '2026-12-04T18:00' })).toBe(Date.UTC(2026, 11, 4, 18));
  });

  test('of a supper that is still to come there is no day yet', () => {
    expect(at(FOURTH, { serving: '2026-12-08T18:00' })).toBeUndefined();
    expect(at(FOURTH)).toBeUndefined();
    expect(keepDays({ what: 'shred', place: 'fridge' }, {})).toBe(4);
  });

  test('what came into it off the shelf is older: its day stands for all of it, but for the days it lay frozen', () => {
    const broth: ShelfItem = {
      id: 'b',
      what: 'broth',
      name: 'broth',
      grams: 900,
      made: FOURTH - 3 * DAY,
      place: 'fridge',
    };
    const batch = pot({
      items: [{ id: 'i', ref: 'shelf-b', state: 'in', amount: grams(900), measure: 'mass' }],
    });
    const cooked = (item: ShelfItem) => {
      const input = inputOf([batch], [dishOf('taco', 12)]);
      const kitchen = { ...input.kitchen, ingredients: [asIngredient(item, FOURTH)] };
      return cookedAt(
        openMeal({ ...input, kitchen, entries: [weighed('shred', FOURTH)] }),
        batch.id,
        FOURTH + DAY,
      );
    };
    expect(cooked(broth)).toBe(FOURTH - 3 * DAY);
    const frozen = movedTo(movedTo(broth, 'freezer', FOURTH - 2 * DAY), 'fridge', FOURTH);
    expect(cooked(frozen)).toBe(FOURTH - DAY);
  });
});

test('past its day it is thrown away; what lay in the freezer is only past its best', () => {
  const shred: ShelfItem = {
    id: 's',
    what: 'shred',
    name: 'shred',
    grams: 500,
    made: FOURTH,
    place: 'fridge',
  };
  const last = bestBefore(shred, {});
  expect(isPastUse(shred, {}, last)).toBe(false);
  expect(isPastUse(shred, {}, last + DAY)).toBe(true);
  const frozen = movedTo(shred, 'freezer', FOURTH);
  expect(isPastUse(frozen, {}, bestBefore(frozen, {}) + 10 * DAY)).toBe(false);
});
