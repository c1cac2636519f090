import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runs } from '@/core/testing/runs.ts';
import { sameKept } from './sameKept.ts';

const ordered = (value: unknown): string =>
  JSON.stringify(value, (_, one: unknown) =>
    typeof one === 'object' && one !== null && !Array.isArray(one)
      ? Object.fromEntries(Object.entries(one).sort(([a], [b]) => (a < b ? -1 : 1)))
      : one,
  );

test('rows are the same if they are written the same', () => {
  fc.assert(
    fc.property(fc.jsonValue(), fc.jsonValue(), (a, b) => {
      expect(sameKept(a, structuredClone(a))).toBe(true);
      expect(sameKept(a, b)).toBe(ordered(a) === ordered(b));
    }),
    { numRuns: runs(300) },
  );
  expect(sameKept({ a: 1, b: undefined }, { a: 1 })).toBe(true);
  expect(sameKept({ a: 1 }, { a: 1, b: undefined })).toBe(true);
  expect(sameKept({ a: 1 }, { a: 1, b: null })).toBe(false);
  expect(sameKept([1, 2], [1])).toBe(false);
  expect(sameKept([], {})).toBe(false);
});
