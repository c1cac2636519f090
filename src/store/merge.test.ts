import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { merged } from './merge.ts';

const ids = fc.constantFrom('a', 'b', 'c', 'd', 'e');
const plain = { noNullPrototype: true };
const row = fc.record({ id: ids, name: fc.string(), grams: fc.option(fc.nat(), { nil: undefined }) }, plain);
const state = fc.record(
  {
    title: fc.string(),
    salt: fc.nat(),
    rows: fc.uniqueArray(row, { selector: ({ id }) => id, maxLength: 5 }),
  },
  plain,
);

describe('a change that was thought of on other ground', () => {
  test('with nobody else it is exactly what it was to become, and without a change what stands stays', () => {
    fc.assert(
      fc.property(state, state, (from, to) => {
        expect(merged(from, to, from)).toEqual(to);
        expect(merged(from, from, to)).toEqual(to);
      }),
    );
  });

  test('it comes in where nobody else was; what somebody else has changed since stands', () => {
    fc.assert(
      fc.property(state, fc.string(), fc.nat(), (from, title, salt) => {
        fc.pre(title !== from.title && salt !== from.salt);
        const theirs = { ...from, salt };
        expect(merged(from, { ...from, title }, theirs)).toEqual({ ...theirs, title });
        expect(merged(from, { ...from, salt: salt + 1 }, theirs)).toEqual(theirs);
      }),
    );
  });

  test('undone on other ground, it takes back its own part and nobody else’s', () => {
    fc.assert(
      fc.property(state, fc.string(), fc.string(), (from, mine, theirs) => {
        const to = { ...from, rows: [...from.rows, { id: 'x', name: mine, grams: undefined }] };
        const now = { ...to, rows: [...to.rows, { id: 'y', name: theirs, grams: undefined }] };
        const back = merged(to, from, now) as typeof from;
        expect(back.rows.map(({ id }) => id)).toEqual([...from.rows.map(({ id }) => id), 'y']);
      }),
    );
  });
});
