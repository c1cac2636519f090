import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { wallOf } from '@/core/clock/index.ts';
import { hoursOf } from './hours.ts';
import { placesOf } from './places.ts';
import { keyOf, lanesOf, rowsOf } from './rows.ts';
import { dayScale, LINE } from './scale.ts';

const MINUTE = 60_000;
const NOON = Date.UTC(2026, 11, 5, 12);
type Line = Parameters<typeof rowsOf>[0][number];

/** A line of a day, so many minutes after noon. */
const lineAt = (key: string, from: number, minutes: number, batch?: string): Line => ({
  key,
  task: `task ${key}`,
  ref: { kind: 'own', own: key },
  does: { what: 'own', words: key },
  kind: 'own',
  minutes,
  from: NOON + from * MINUTE,
  to: NOON + (from + minutes) * MINUTE,
  begins: NOON + from * MINUTE,
  hands: 1,
  pinned: false,
  single: true,
  ends: true,
  ...(batch !== undefined && { batch }),
});

/** Any day of lines in their order. */
const anyLines = fc
  .array(fc.tuple(fc.integer({ min: 0, max: 600 }), fc.integer({ min: 1, max: 90 })), {
    minLength: 1,
    maxLength: 40,
  })
  .map((all) =>
    all.toSorted(([a], [b]) => a - b).map(([from, minutes], i) => lineAt(String(i), from, minutes)),
  );

describe('the lines of a day', () => {
  test('whatever the day, no words stand on others, and none above its moment', () => {
    fc.assert(
      fc.property(anyLines, (lines) => {
        const serving = Math.max(...lines.map(({ to }) => to));
        const { y } = dayScale([...lines.map(({ from }) => from), serving], [serving]);
        const rows = rowsOf(lines, y, LINE, { key: undefined, takes: 150 }, 'pot');
        for (const [i, { top, label }] of rows.entries()) {
          expect(label).toBeGreaterThanOrEqual(top - 1e-6);
          const before = rows[i - 1];
          if (before) expect(label - before.label).toBeGreaterThanOrEqual(LINE - 1e-6);
        }
      }),
    );
  });

  test('what is opened pushes those after it down; the first of the open pot is what it wants next', () => {
    const lines = [lineAt('a', 0, 10), lineAt('b', 5, 10, 'pot'), lineAt('c', 10, 10, 'pot')];
    const y = (moment: number) => (moment - NOON) / MINUTE;
    const [first] = lines;
    const shut = rowsOf(lines, y, 20, { key: undefined, takes: 100 }, 'pot');
    const open = rowsOf(lines, y, 20, { key: first && keyOf(first), takes: 100 }, 'pot');
    expect(shut.map(({ label }) => label)).toEqual([0, 20, 40]);
    expect(open.map(({ label }) => label)).toEqual([0, 120, 140]);
    expect(open.map(({ isNext }) => isNext)).toEqual([false, true, false]);
  });

  test('in no lane two bars lie on one another, and there are no more lanes than run at once', () => {
    fc.assert(
      fc.property(anyLines, (lines) => {
        const lanes = lanesOf(lines);
        for (const one of lines)
          for (const other of lines) {
            if (one === other || lanes.get(one) !== lanes.get(other)) continue;
            expect(one.to <= other.from || other.to <= one.from).toBe(true);
          }
        const most = Math.max(
          ...lines.map(({ from }) => lines.filter((other) => other.from <= from && other.to > from).length),
        );
        expect(1 + Math.max(...lanes.values())).toBe(most);
      }),
    );
  });
});

test('hours are written where there is room; this moment goes before an hour, a day before both', () => {
  const y = (moment: number) => (moment - NOON) / MINUTE;
  const wall = wallOf('UTC', undefined);
  const from = NOON - 70 * MINUTE;
  const hours = hoursOf(from, NOON + 300 * MINUTE, wall, y, NOON + 62 * MINUTE);
  expect(hours.map(({ words }) => words)).toEqual(['Sat', '12:00', '14:00', '15:00', '16:00']);
  // Ten times as close together only some are written.
  const close = hoursOf(from, NOON + 300 * MINUTE, wall, (at) => y(at) / 10, NOON - 999 * MINUTE);
  expect(close.length).toBeLessThan(4);
});

describe('places of the day’s parts', () => {
  const few = { lots: 0, lanes: 3, named: true, lines: 12, narrow: false };
  test('pots are narrower the more there are, and leave room for the words', () => {
    const wide = [1, 4, 12].map((pots) => placesOf({ ...few, pots }));
    expect(wide.map(({ pot }) => pot)).toEqual([92, 56, 24]);
    for (const { words, lanes } of wide) expect(792 - words - lanes).toBeGreaterThan(190);
  });
  test('many lines stand closer, on a phone each is as tall as a finger and there are no lanes', () => {
    expect(placesOf({ ...few, pots: 3, lines: 28 }).line).toBeLessThan(placesOf({ ...few, pots: 3 }).line);
    expect(placesOf({ ...few, pots: 1, narrow: true })).toMatchObject({ line: 44, lanes: 0 });
  });
});
