import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runs } from '@/core/testing/runs.ts';
import { shared } from './shared.ts';

test('it is always what it is now, and what has not changed is the very same as before', () => {
  fc.assert(
    fc.property(fc.jsonValue(), fc.jsonValue(), (before, now) => {
      expect(JSON.stringify(shared(before, structuredClone(now)))).toBe(JSON.stringify(now));
      const copy = structuredClone(before);
      if (typeof before === 'object' && before !== null) expect(shared(before, copy)).toBe(before);
    }),
    { numRuns: runs(300) },
  );
  const before = {
    pots: [
      { id: 1, lots: [1, 2] },
      { id: 2, lots: [3] },
    ],
    name: 'Supper',
  };
  const now = {
    pots: [
      { id: 1, lots: [1, 2] },
      { id: 2, lots: [3, 4] },
    ],
    name: 'Supper',
  };
  const made = shared(before, now);
  expect(made).toEqual(now);
  expect(made.pots[0]).toBe(before.pots[0]);
  expect(made.pots[1]).not.toBe(before.pots[1]);
  // A list that is shorter, or is no list any more, is not what it was.
  expect(shared([1, 2], [1])).toEqual([1]);
  expect(shared([1], { 0: 1 })).toEqual({ 0: 1 });
  expect(shared({ a: undefined }, {})).toEqual({});
});
