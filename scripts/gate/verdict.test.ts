import { expect, test } from '@jest/globals';
import { type Figure, tightened, verdictOf } from './verdict.ts';

const ratio = (value: number): Figure => ({ name: 'key', value, unit: 'ratio', exact: false });
const bytes = (value: number): Figure => ({ name: 'bytes', value, unit: 'bytes', exact: true });

test('a ratio fails above one and a half of what was reached, and is told above 1.15', () => {
  const before = { reached: 2, unit: 'ratio' };
  expect([1.7, 1.9, 2.2, 2.4, 2.9, 3.1].map((value) => verdictOf(ratio(value), before))).toEqual([
    'better',
    'as it was',
    'as it was',
    'slower, told',
    'slower, told',
    'too slow',
  ]);
});

test('what is counted may not be above its bound by one, and what nobody has kept a bound for fails', () => {
  expect(verdictOf(bytes(100), { reached: 100, unit: 'bytes' })).toBe('as it was');
  expect(verdictOf(bytes(101), { reached: 100, unit: 'bytes' })).toBe('too slow');
  expect(verdictOf(bytes(1), undefined)).toBe('not in the table');
});

test('only what is a tenth better is kept, with its aim and its reason; nothing is loosened', () => {
  const table = {
    key: { reached: 2, unit: 'ratio', aim: 1, why: 'a reason' },
    bytes: { reached: 100, unit: 'bytes' },
  };
  expect(tightened(table, [ratio(1.5), bytes(99)])).toEqual({
    ...table,
    key: { reached: 1.5, unit: 'ratio', aim: 1, why: 'a reason' },
  });
  expect(tightened(table, [ratio(9), bytes(900)])).toEqual(table);
  expect(tightened({}, [bytes(7)])).toEqual({ bytes: { reached: 7, unit: 'bytes' } });
});
