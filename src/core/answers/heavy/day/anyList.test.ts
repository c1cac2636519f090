import fc from 'fast-check';
import { describe, expect, test } from '@jest/globals';
import { mealFileOf, readMealFile, writeMealFile } from '../../../meal/file/index.ts';
import { type AfterStep, forPlates } from '../../../meal/index.ts';
import { openMeal } from '../../../model/index.ts';
import { tasksOf } from '../../../day/index.ts';
import { anyAfter } from '../../../testing/anyAfter.ts';
import { batchOf, dishOf, inputOf, lotOf } from '../../../testing/meals.ts';
import { runs } from '../../../testing/runs.ts';
import { actWords, doingWords, stepsWords } from '@/words/index.ts';
import { dayOf } from './day.ts';
import { dayFacts } from './facts.ts';

const SERVED = { local: '2026-12-05T18:00', zone: 'Europe/Amsterdam' };
const NOON = Date.UTC(2026, 11, 4, 12);
const ASKED = { now: NOON, tries: 0 };

/** A shank with this list for after the lid, served the next evening. */
function withList(after: readonly AfterStep[]) {
  const input = inputOf([batchOf([lotOf('beef-shank', 2400)], { after: [...after] })], [dishOf('taco', 24)]);
  return { ...input, meal: { ...input.meal, serving: SERVED } };
}

describe('whatever list is written for after the lid', () => {
  test('its file comes back as it was', () => {
    fc.assert(
      fc.property(anyAfter, (after) => {
        const text = writeMealFile(mealFileOf(withList(after), 'any'));
        const reading = readMealFile(text);
        expect(reading.ok ? '' : reading.error).toBe('');
        if (reading.ok) expect(writeMealFile(reading.file)).toBe(text);
      }),
      { numRuns: runs(500, 60) },
    );
  });

  test('its day has no task twice, none that waits for itself or for nothing, and each in words', () => {
    fc.assert(
      fc.property(anyAfter, (after) => {
        const meal = openMeal(withList(after));
        const facts = dayFacts(meal, NOON, SERVED.zone);
        const tasks = tasksOf(facts);
        const ids = tasks.map(({ id }) => id);
        expect(new Set(ids).size).toBe(ids.length);
        const there = new Set([...ids, ...facts.over]);
        for (const task of tasks)
          for (const before of task.after) {
            expect(there).toContain(before);
            expect(before).not.toBe(task.id);
          }
        const { lines } = dayOf(meal, ASKED);
        for (const { does, from, to } of lines) {
          expect(doingWords(does)).toMatch(/\S/);
          expect(to).toBeGreaterThanOrEqual(from);
        }
      }),
      { numRuns: runs(300, 30) },
    );
  });

  test('what is set apart of a liquid that was never brought in is none, and the rest stands', () => {
    const id = (n: number) => `s${String(n)}`;
    const meal = openMeal(
      withList([
        { id: id(1), what: 'add', as: 'dip' },
        { id: id(2), what: 'set apart', liquid: 'dip', as: 'gravy' },
        { id: id(3), what: 'strain' },
      ]),
    );
    expect(meal.nominal.batches[0]?.mass.liquid.liquids.map((one) => one.id)).toEqual(['pot']);
    expect(dayOf(meal, ASKED).lines.length).toBeGreaterThan(0);
  });

  test('it is told in one line, a step an act', () => {
    fc.assert(
      fc.property(anyAfter, (after) => {
        const said = stepsWords(after);
        expect(said === '').toBe(after.length === 0);
        expect(said).not.toMatch(/undefined|NaN|\[object/);
        for (const { what } of after) expect(actWords(what)).toMatch(/^[A-Z]\p{L}/u);
      }),
      { numRuns: runs(500, 100) },
    );
  });

  test('for twice the plates what is put in grows, and neither its order nor its kinds change', () => {
    fc.assert(
      fc.property(anyAfter, (after) => {
        const { meal, batches } = withList(after);
        const [twice] = forPlates({ meal, batches: [...batches] }, 48).batches;
        const grown = twice?.after ?? [];
        expect(grown.map(({ id, what }) => [id, what])).toEqual(after.map(({ id, what }) => [id, what]));
        for (const [i, step] of after.entries()) {
          const now = grown[i];
          if (!('amount' in step) || step.amount?.lo === undefined || !now || !('amount' in now)) continue;
          expect(now.amount?.lo ?? NaN).toBeGreaterThanOrEqual(Math.round(step.amount.lo));
        }
      }),
      { numRuns: runs(500, 100) },
    );
  });
});
