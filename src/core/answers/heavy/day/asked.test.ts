import { readFileSync } from 'node:fs';
import { expect, test } from '@jest/globals';
import { readMealFile } from '../../../meal/file/index.ts';
import { momentOf } from '../../../clock/index.ts';
import { type Input, openMeal } from '../../../model/index.ts';
import { reference } from '@/reference/index.ts';
import { dayOf } from './day.ts';

const MINUTE = 60_000;
const reading = readMealFile(readFileSync('examples/lantern-supper.json', 'utf8'));
if (!reading.ok) throw new Error(reading.error);
const { meal, batches, entries, kitchen } = reading.file;
const asked = (meal.serving && momentOf(meal.serving)) ?? NaN;

/** The supper in the middle of its day, in a kitchen whose hands are so much slower than the usual. */
const supper = (slower: number, forward: boolean): Input => ({
  meal: { ...meal, day: { ...meal.day, ...(forward && { forward: true }) } },
  batches,
  entries,
  kitchen,
  reference,
  learned: {
    batches: 9,
    figures: [{ what: 'pull', of: '', n: 9, mean: Math.log(slower), shared: 0.05, own: 0 }],
  },
});

test('a serving that can be reached is the one that was written, however near it is', () => {
  let [reached, late] = [0, 0];
  for (const slower of [1, 1.2, 1.35, 1.5])
    for (let before = 240; before >= 120; before -= 10) {
      const now = asked - before * MINUTE;
      const soonest = dayOf(openMeal(supper(slower, true)), { now, tries: 0 }).serving;
      const day = dayOf(openMeal(supper(slower, false)), { now, tries: 0 });
      const { serving, lateMin, hangs } = day;
      if (soonest > asked) {
        late += serving > asked ? 1 : 0;
        continue;
      }
      reached += 1;
      expect({ slower, before, serving, lateMin, hangs }).toEqual({
        slower,
        before,
        serving: asked,
        lateMin: 0,
        hangs: true,
      });
      // Everything is done by then, and within its last five minutes.
      const done = Math.max(...day.lines.filter(({ hands }) => hands > 0).map(({ to }) => to));
      expect(done).toBeLessThanOrEqual(asked);
      expect(done).toBeGreaterThan(asked - 5 * MINUTE);
    }
  expect(reached).toBeGreaterThan(10);
  expect(late).toBeGreaterThan(5);
});
