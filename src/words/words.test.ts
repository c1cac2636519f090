import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { openMeal } from '@/core/model/index.ts';
import { answer } from '@/core/answers/index.ts';
import { anyMeal, builtMeal } from '@/core/testing/anyMeal.ts';
import { runs } from '@/core/testing/runs.ts';
import { dayNoteWords, doingWords, handsWords, nextActWords, untilWords, whenWords } from './index.ts';
import { wallOf } from '@/core/clock/index.ts';

describe('what is done, in words', () => {
  test('each task of any day is one act, with its figures and names, and nothing of the program in it', () => {
    const now = Date.UTC(2026, 11, 4, 9);
    const said = new Map<string, Set<string>>();
    fc.assert(
      fc.property(anyMeal, (built) => {
        for (const { does: doing } of answer('day', openMeal(builtMeal(built)), { now, tries: 0 }).lines) {
          const words = doingWords(doing);
          expect(words).toMatch(/^[A-Z]/);
          expect(words).not.toMatch(/undefined|null|NaN|object|[|{}]|,,|, ,|:\s*$|\s$/);
          for (const [key, value] of Object.entries(doing))
            if (typeof value === 'number' && key !== 'panfuls' && !(key === 'rounds' && value === 1))
              expect(words).toContain(String(value));
          said.set(words, (said.get(words) ?? new Set()).add(doing.what));
        }
      }),
      { numRuns: runs(400, 60) },
    );
    // Two acts never read the same; but for those that are one act, done to another thing.
    const alike = [...said].filter(([, whats]) => whats.size > 1).map(([, whats]) => [...whats].sort());
    expect(alike.filter((whats) => !whats.includes('after'))).toEqual([]);
    expect(said.size).toBeGreaterThan(20);
  });

  test('one panful and several, an oven of which the heat is not written, a lot to look at first', () => {
    expect(doingWords({ what: 'sear', panfuls: 1 })).toBe('Sear, one panful');
    expect(doingWords({ what: 'sear', panfuls: 4 })).toBe('Sear, 4 panfuls');
    expect(doingWords({ what: 'heat the oven', celsius: undefined })).toBe('Heat the oven');
    const look = { what: 'look', again: false, lot: 'Beef shank, cross-cut' } as const;
    expect(doingWords(look)).toBe('Test with a fork, beef shank first');
  });
});

describe('what to know of the day, in words', () => {
  const wall = wallOf('UTC');
  const name = (id: string) => (id === 'pot-28' ? '28 cm pot' : undefined);
  test('what the kitchen lacks', () => {
    expect(dayNoteWords({ what: 'lack', lack: { what: 'none', kind: 'smoker' } }, wall, name)).toMatch(
      /no smoker/,
    );
    const few = { what: 'too few', kind: 'burner', wanted: 3, there: 2 } as const;
    expect(dayNoteWords({ what: 'lack', lack: few }, wall, name)).toBe(
      'This needs 3 × burner at once; the kitchen has 2.',
    );
  });
  test('what more of a thing would save, hung or from now', () => {
    const tight = { what: 'tight', savesMin: 45, hands: 2 } as const;
    expect(dayNoteWords({ ...tight, of: 'hands', hangs: true }, wall, name)).toBe(
      '2 pairs of hands for all of it: with twice as many the day could begin 45 min later.',
    );
    const pot = { kind: 'vessel', id: 'pot-28', amount: 1 } as const;
    expect(dayNoteWords({ ...tight, savesMin: 120, of: pot, hangs: false }, wall, name)).toMatch(
      /^The 28 cm pot is needed twice.*served 2 h sooner\.$/,
    );
  });
});

test('what comes next, under its pot', () => {
  const clock = () => '15:20';
  expect(nextActWords({ what: 'buy' }, 0, clock)).toBe('write what you bought');
  expect(nextActWords({ what: 'pick and shred' }, 0, clock)).toBe('pick and shred');
  expect(nextActWords({ what: 'look', afterMin: 150 }, 0, clock)).toMatch(/^test after 2/);
  expect(nextActWords({ what: 'look', afterMin: 150, at: 9 }, 10, clock)).toBe('test now');
  expect(nextActWords({ what: 'look', afterMin: 150, at: 11 }, 10, clock)).toBe('test at 15:20');
});

test('what is wanted is “now”, so many minutes off, or at an hour; and it is somebody’s', () => {
  const now = Date.UTC(2026, 11, 5, 15);
  const clock = (at: number) => new Date(at).toISOString().slice(11, 16);
  const min = 60_000;
  expect(whenWords(undefined, now, clock)).toBeUndefined();
  expect(whenWords(now - min, now, clock)).toBe('now');
  expect(untilWords(now, now, clock)).toBe('now');
  expect(untilWords(now + 20 * min, now, clock)).toBe('in 20 min');
  expect(untilWords(now + 300 * min, now, clock)).toBe('20:00');
  expect(handsWords(['Joss'], 'in 20 min')).toBe('Joss has it, in 20 min.');
  expect(handsWords(['Joss', 'Mara'], undefined)).toBe('Joss and Mara have it.');
});
