import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runs } from '@/core/testing/runs.ts';
import { dayScale, LINE } from './scale.ts';

const minutes = fc.array(fc.integer({ min: 0, max: 2880 }), { minLength: 2, maxLength: 60 });

test('later is further down, words never stand on one another, and a place is its moment again', () => {
  fc.assert(
    fc.property(minutes, (all) => {
      const begins = all.map((m) => m * 60_000).sort((a, b) => a - b);
      const scale = dayScale(begins, [3000 * 60_000]);
      const rows = begins.map((at) => scale.y(at));
      let at = -LINE;
      for (const [i, y] of rows.entries()) {
        // Those that begin together are written below one another.
        if (begins[i] !== begins[i - 1]) expect(y).toBeGreaterThanOrEqual(at + LINE - 1e-6);
        at = begins[i] === begins[i - 1] ? at + LINE : y;
        expect(Math.abs(scale.at(y) - (begins[i] ?? 0))).toBeLessThan(1000);
      }
    }),
    { numRuns: runs(100) },
  );
});

test('a night takes little paper', () => {
  const hour = 3_600_000;
  const scale = dayScale([0, 10 * hour, 10.5 * hour], [11 * hour]);
  expect(scale.y(10 * hour)).toBeLessThan(140);
});
