import { expect, test } from '@jest/globals';
import { stillGood, takenOut } from './takenOut.ts';

const lot = (name: string, mid: number | null) => ({
  lot: name,
  name,
  tenderMin: mid === null ? null : { mid },
});

test('the tender come out first, bones are not asked, and what is tender together comes out together', () => {
  const order = (...lots: ReturnType<typeof lot>[]) => takenOut(lots).map(({ name }) => name);
  expect(order(lot('shank', 220), lot('bones', null), lot('lamb', 150), lot('blade', 190))).toEqual([
    'lamb',
    'blade',
    'shank',
  ]);
  expect(order(lot('a', 200), lot('b', 209))).toEqual([]);
  expect(order(lot('a', 200))).toEqual([]);
});

test('the first to go too far says until when the pot is good, as a moment once its lid is on', () => {
  const good = (name: string, goodUntilMin: number) => ({ name, goodUntilMin, goes: 'to mush' as const });
  const lots = [good('shank', 400), good('lamb', 300), { name: 'bones' }];
  expect(stillGood(lots, undefined)).toEqual({ name: 'lamb', goes: 'to mush', afterMin: 300 });
  expect(stillGood(lots, 1_000_000)?.at).toBe(1_000_000 + 300 * 60_000);
  expect(stillGood([{ name: 'bones' }], undefined)).toBeUndefined();
});
