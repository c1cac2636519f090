import { expect, test } from '@jest/globals';
import { takenOut } from './takenOut.ts';

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
