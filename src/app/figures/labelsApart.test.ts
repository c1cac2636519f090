import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { labelsApart } from './labelsApart.ts';

test('words stand beside their parts while there is room, and share it where there is none', () => {
  expect(labelsApart([20, 60, 100], 17)).toEqual([20, 60, 100]);
  expect(labelsApart([50, 52], 18)).toEqual([42, 60]);
});

test('whatever the parts, their words keep their order, stand apart, and none leaves the top', () => {
  fc.assert(
    fc.property(fc.array(fc.double({ min: 0, max: 400, noNaN: true }), { maxLength: 9 }), (any) => {
      const middles = any.toSorted((a, b) => a - b);
      const words = labelsApart(middles, 17);
      expect(words).toHaveLength(middles.length);
      for (const [i, at] of words.entries()) {
        expect(at).toBeGreaterThanOrEqual(0);
        if (i > 0) expect(at - (words[i - 1] ?? 0)).toBeGreaterThanOrEqual(17 - 1e-6);
      }
    }),
    { seed: 33 },
  );
});
