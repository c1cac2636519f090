import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runs } from '@/core/testing/runs.ts';
import { doneAs, type Line } from '../../../day/index.ts';
import type { Batch, Entry } from '../../../meal/index.ts';
import { openMeal } from '../../../model/index.ts';
import { reckon } from '../../../reckoning/index.ts';
import { batchOf, dishOf, inputOf, lotOf } from '../../../testing/meals.ts';
import { dayOf } from './day.ts';

const MINUTE = 60_000;
const NOON = Date.UTC(2026, 11, 5, 12);
const serving = { local: '2026-12-05T19:00', zone: 'UTC' };
const chillies = {
  ...({ id: 'chillies', ref: 'water', state: 'in', measure: 'volume' } as const),
  amount: { text: '200 ml', lo: 200, hi: 200 },
  at: { phase: 0, minutes: 60 },
};

interface Cook {
  readonly smokes: boolean;
  readonly stirs: boolean;
  readonly sears: boolean;
}
function mealOf({ smokes, stirs, sears }: Cook, entries: Entry[]) {
  const heat = {
    id: 'heat',
    heat: 'oven',
    lid: 'on',
    setting: { text: '150 °C', lo: 150, hi: 150 },
  } as const;
  const smoke = {
    id: 'smoke',
    heat: 'smoker',
    lid: 'off',
    minutes: { text: '2 h', lo: 120, hi: 120 },
  } as const;
  const batch: Batch = {
    ...batchOf([lotOf('beef-blade-roast', 2000)], { sear: sears }),
    ...{ id: 'pot 0', cook: smokes ? [smoke, heat] : [heat] },
    items: [chillies],
    ...(stirs && { rounds: [{ what: 'stir', every: { text: '40 min', lo: 40, hi: 40 } }] }),
    ...(!smokes && { lidOn: NOON - 30 * MINUTE }),
  };
  const input = inputOf([batch], [dishOf('taco', 12)], entries);
  return openMeal({ ...input, meal: { ...input.meal, serving } });
}
const linesOf = (cook: Cook, entries: Entry[]): readonly Line[] =>
  dayOf(mealOf(cook, entries), { now: NOON, tries: 0 }).lines;
const done = (line: Line, i: number): Entry => ({
  ...{ id: `done ${i}`, at: NOON + i, batch: 'pot 0', source: 'typed' },
  ...{ measures: { what: 'done', task: doneAs(line) }, value: { text: 'done' }, measure: 'time' },
});
const keys = (lines: readonly Line[]) =>
  new Set(lines.filter(({ does }) => does.what !== 'hold').map(({ key }) => key));

describe('a task is done when that task is done', () => {
  const cook = fc.record({ smokes: fc.boolean(), stirs: fc.boolean(), sears: fc.boolean() });

  test('in any order of ticks: one piece goes, with its task where it ends it, and nothing else', () => {
    fc.assert(
      fc.property(cook, fc.array(fc.nat(1000), { minLength: 1, maxLength: 8 }), (one, picks) => {
        const entries: Entry[] = [];
        for (const [i, pick] of picks.entries()) {
          const before = linesOf(one, entries).filter(({ does }) => does.what !== 'hold');
          const line = before[pick % Math.max(1, before.length)];
          if (!line) return;
          entries.push(done(line, i));
          const after = keys(linesOf(one, entries));
          const gone = before.filter(({ key }) => !after.has(key));
          expect(gone).toContainEqual(line);
          // A piece that is not its task's last takes nothing with it.
          if (!line.ends) expect(gone.map(({ key }) => key)).toEqual([line.key]);
          // With its last piece, the task; with a later task of a pot, those that had to come before it.
          for (const other of gone) if (line.ends) expect(other.batch).toBe(line.batch);
        }
      }),
      { numRuns: runs(200, 20) },
    );
  });

  test('what marinates anywhere between two hours is over once it is dried', () => {
    const hours = { text: '8–12 h', lo: 480, hi: 720 };
    const meal = mealOf({ smokes: false, stirs: false, sears: true }, []);
    const [first] = meal.input.batches;
    if (!first) throw new Error('no pot');
    const { lidOn: _, ...pot } = first;
    const batch: Batch = { ...pot, steps: [{ what: 'marinade', minutes: hours }] };
    const { lines } = dayOf(openMeal({ ...meal.input, batches: [batch] }), {
      now: NOON - 24 * 60 * MINUTE,
      tries: 0,
    });
    const own = lines.filter(({ ref, does }) => ref.kind === 'marinate' && does.what !== 'hold');
    expect(own.map(({ does, ends }) => [does.what, ends])).toEqual([
      ['into the marinade', false],
      ['marinates', false],
      ['dry', true],
    ]);
  });

  test('stirring, what goes in, or a light under the smoke leaves the meat where it is', () => {
    const next = (entries: Entry[], one: Cook) => reckon(mealOf(one, entries)).batches[0]?.next.what;
    for (const one of [
      { smokes: false, stirs: true, sears: false },
      { smokes: true, stirs: false, sears: true },
    ]) {
      const lines = linesOf(one, []).filter(({ ref }) => ref.kind === 'pot' || ref.kind === 'smoke');
      const pieces = lines.filter(({ ends }) => !ends);
      expect(pieces.length).toBeGreaterThan(2);
      const entries = pieces.map(done);
      expect(next(entries, one)).toBe(next([], one));
      expect(next(entries, one)).not.toBe('pick and shred');
      const lift = lines.find(({ does }) => does.what === 'lift');
      if (!lift) throw new Error('nothing is lifted');
      expect(next([...entries, done(lift, 99)], one)).toBe('pick and shred');
    }
  });
});
