import { expect, test } from '@jest/globals';
import type { Entry } from '../meal/index.ts';
import { openMeal } from '../model/index.ts';
import { batchOf, dishOf, grams, inputOf, lotOf, weighedEntry } from '../testing/meals.ts';
import { nextInDay, stageOfAct, wantedAt, wantedFirst } from './nextAct.ts';
import { reckon } from './reckon.ts';

const LID_ON = Date.UTC(2026, 11, 5, 9);
const lots = [lotOf('beef-shank', 2000)];
const done = (task: string): Entry => ({
  id: task,
  at: 2,
  batch: 'pot',
  measures: { what: 'done', task },
  value: { text: 'done' },
  measure: 'time',
  source: 'typed',
});
const next = (entries: Entry[] = [], changes: Parameters<typeof batchOf>[1] = {}) =>
  reckon(openMeal(inputOf([batchOf(lots, changes)], [dishOf('taco', 8)], entries))).batches[0]?.next;
const shred = weighedEntry({ what: 'sum', flow: 'shred' }, 800);

test('what comes next follows the work, by what was weighed or ticked', () => {
  expect(reckon(openMeal(inputOf([batchOf([])], []))).batches[0]?.next).toEqual({ what: 'buy' });
  expect(next()).toMatchObject({ what: 'look', afterMin: expect.any(Number) });
  expect(next([], { cook: [{ id: 'heat', heat: 'smoker', lid: 'on' }] })).toEqual({ what: 'write the time' });
  // Cooked meat on the scale has left its pot, bones or not.
  expect(next([weighedEntry({ what: 'sum', flow: 'cooked' }, 1300)])).toEqual({ what: 'pick and shred' });
  expect(next([weighedEntry({ what: 'sum', flow: 'bone' }, 500)])).toEqual({ what: 'pick and shred' });
  expect(next([done('pot|pot')])).toEqual({ what: 'pick and shred' });
  expect(next([shred])).toEqual({ what: 'strain and skim' });
  expect(next([shred], { strain: false })).toEqual({ what: 'skim' });
  expect(next([shred, done('pot|strain'), done('pot|skim')])).toEqual({ what: 'fill the plates' });
  const jug: Entry = { ...weighedEntry({ what: 'sum', flow: 'liquid' }, 900), value: grams(900) };
  expect(next([jug])).toEqual({ what: 'fill the plates' });
});

test('a look stands where the plan has it, once there is a plan', () => {
  const look = next([], { lidOn: LID_ON });
  if (look?.what !== 'look') throw new Error('no look');
  expect(look.at).toBeCloseTo(LID_ON + look.afterMin * 60_000, 0);
  const line = {
    key: 'look 1',
    does: { what: 'look', again: false, lot: undefined } as const,
    kind: 'look' as const,
    ref: { kind: 'pot', batch: 'pot' } as const,
    task: 'pot|pot',
    batch: 'pot',
    from: LID_ON + 9_000_000,
    to: LID_ON + 9_300_000,
    begins: LID_ON,
    minutes: 5,
    hands: 1,
    pinned: false,
    single: false,
    ends: false,
  };
  expect(nextInDay(look, 'pot', [line], LID_ON)).toMatchObject({ at: LID_ON + 9_000_000 });
  expect(nextInDay(look, 'other', [line], LID_ON)).toEqual(look);
  // The time that was written is over: the plan has no look any more.
  const lift = { ...line, kind: 'bench' as const, does: { what: 'lift' } as const };
  expect(nextInDay(look, 'pot', [lift], LID_ON)).toMatchObject({ what: 'lift', at: lift.from });
  expect(nextInDay({ what: 'buy' }, 'pot', [line], LID_ON)).toEqual({ what: 'buy' });
  // What goes in before the look comes before it.
  const goesIn = {
    ...line,
    key: 'in onion',
    kind: 'pot' as const,
    does: { what: 'in', item: 'onion' } as const,
    from: LID_ON + 3_600_000,
    to: LID_ON + 3_900_000,
  };
  expect(nextInDay(look, 'pot', [goesIn, line], LID_ON)).toEqual({
    what: 'at the pot',
    does: goesIn.does,
    at: goesIn.from,
  });
  expect(nextInDay(look, 'pot', [goesIn, line], goesIn.to)).toMatchObject({ what: 'look' });
});

test('a written time says when to look, a range from its first; out then, tender or not, it is lifted', () => {
  const minutes = { text: '1–2 h', lo: 60, hi: 120 };
  const cook = [{ id: 'heat2', heat: 'stove' as const, lid: 'on' as const, minutes }];
  expect(next([], { cook })).toEqual({ what: 'look', afterMin: 60 });
  expect(next([], { cook, lidOn: LID_ON })).toMatchObject({ what: 'look', at: LID_ON + 60 * 60_000 });
  const then = cook.map((phase) => ({ ...phase, out: 'then' as const }));
  expect(next([], { cook: then })).toEqual({ what: 'lift', afterMin: 90 });
  const long = cook.map((phase) => ({ ...phase, minutes: { text: '6 h', lo: 360, hi: 360 } }));
  expect(next([], { cook: long })).toEqual({ what: 'look', afterMin: 360 });
});

test('what is off the heat waits for hands alone; one without an hour comes after all that have one', () => {
  const now = LID_ON;
  const pots = [
    { pot: 'to buy', next: { what: 'buy' } as const },
    { pot: 'late', next: { what: 'look', afterMin: 90, at: now - 60_000 } as const },
    { pot: 'on time', next: { what: 'look', afterMin: 90, at: now + 60_000 } as const },
    { pot: 'at the bench', next: { what: 'pick and shred' } as const },
  ];
  expect(pots.map(({ next }) => wantedAt(next, now))).toEqual([undefined, now, now + 60_000, now]);
  expect(wantedFirst(pots, now)?.pot).toBe('late');
  expect(wantedFirst(pots.slice(2, 3), now)?.pot).toBe('on time');
  expect(wantedFirst<(typeof pots)[number]>([], now)).toBe(undefined);
  expect(pots.map(({ next }) => stageOfAct(next))).toEqual(['meat', 'clock', 'clock', 'bench']);
});
