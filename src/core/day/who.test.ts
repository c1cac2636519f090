import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runs } from '../testing/runs.ts';
import { MINUTE_MS } from '../quantity/index.ts';
import type { Line } from './line.ts';
import type { Task } from './task.ts';
import { withNames } from './who.ts';

const task = (id: string, hand?: string): Task => ({
  ref: { kind: 'own', own: id },
  id,
  minutes: 0,
  parts: [],
  needs: [],
  takes: [],
  makes: [],
  after: [],
  ...(hand !== undefined && { hand }),
});
const line = (id: string, from: number, minutes: number, hands = 1): Line => ({
  ref: { kind: 'own', own: id },
  task: id,
  key: `${id} ${String(from)}`,
  does: { what: 'own', words: id },
  kind: 'own',
  from: from * MINUTE_MS,
  to: (from + minutes) * MINUTE_MS,
  minutes,
  hands,
  begins: 0,
  pinned: false,
  single: true,
  ends: true,
});

describe('who does what', () => {
  test('whose a task is does it, and nobody is in two places, whatever the day', () => {
    const anyLine = fc.record({
      id: fc.constantFrom('a', 'b', 'c', 'd', 'e', 'f'),
      from: fc.integer({ min: 0, max: 60 }),
      minutes: fc.integer({ min: 1, max: 30 }),
      hands: fc.integer({ min: 0, max: 2 }),
    });
    fc.assert(
      fc.property(fc.array(anyLine, { maxLength: 12 }), fc.boolean(), (some, given) => {
        const lines = some.map(({ id, from, minutes, hands }) => line(id, from, minutes, hands));
        const tasks = [
          task('a', given ? 'ann' : undefined),
          ...['b', 'c', 'd', 'e', 'f'].map((id) => task(id)),
        ];
        const named = withNames(lines, tasks, ['ann', 'bo', 'cem'], 3);
        for (const one of named) {
          expect((one.who ?? []).length).toBeLessThanOrEqual(one.hands);
          expect(new Set(one.who).size).toBe((one.who ?? []).length);
          if (given && one.task === 'a' && one.hands > 0) expect(one.who).toEqual(['ann']);
          for (const other of named)
            if (other.task !== one.task && other.from < one.to && other.to > one.from)
              expect((one.who ?? []).filter((id) => other.who?.includes(id))).toEqual([]);
        }
      }),
      { numRuns: runs(1000, 200) },
    );
  });

  test('one who is at a task stays at it, and work is shared', () => {
    const lines = [line('a', 0, 10), line('b', 20, 10), line('a', 40, 10), line('b', 60, 10)];
    const named = withNames(lines, [task('a'), task('b')], ['ann', 'bo'], 2);
    expect(named.map(({ who }) => who)).toEqual([['ann'], ['bo'], ['ann'], ['bo']]);
    expect(withNames(lines, [], [], 1)).toBe(lines);
    // Where more cook than have names, some of it is nobody's by name.
    const some = withNames(lines, [task('a'), task('b')], ['ann'], 2);
    expect(some.map(({ who }) => who)).toEqual([['ann'], [], ['ann'], []]);
  });
});
