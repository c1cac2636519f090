import { describe, expect, test } from '@jest/globals';
import type { Doing } from '@/core/day/index.ts';
import { dayNoteWords, doingWords, nextActWords } from './index.ts';
import { wallOf } from '@/core/clock/index.ts';

describe('what is done, in words', () => {
  const said: readonly (readonly [Doing, string])[] = [
    [{ what: 'trim' }, 'Trim, cut and salt'],
    [{ what: 'sear', panfuls: 1 }, 'Sear, one panful'],
    [{ what: 'sear', panfuls: 4 }, 'Sear, 4 panfuls'],
    [{ what: 'heat the oven', celsius: 160 }, 'Heat the oven to 160 °C'],
    [{ what: 'heat the oven', celsius: undefined }, 'Heat the oven'],
    [{ what: 'look', again: false, lot: 'Beef shank, cross-cut' }, 'Test with a fork, beef shank first'],
    [{ what: 'look', again: false, lot: undefined }, 'Test with a fork'],
    [{ what: 'look', again: true, lot: undefined }, 'Test again if tough'],
    [{ what: 'in', item: 'onion, raw' }, 'In: onion'],
    [{ what: 'lid', lid: 'ajar' }, 'Lid ajar'],
    [{ what: 'soak', names: ['ancho', 'beans'] }, 'Soak ancho, beans'],
    [{ what: 'pull', torn: true, firm: false }, 'Pick through'],
    [{ what: 'bring together', how: 'reheated' }, 'Dress the meat, reheat to 74 °C'],
    [{ what: 'fill', name: 'soft tacos', count: 24 }, 'Fill 24 × soft tacos'],
    [{ what: 'own', words: 'Fetch the trays' }, 'Fetch the trays'],
    [{ what: 'hold', where: 'in its liquid' }, 'Keep above 57 °C in its liquid'],
    [{ what: 'hold', where: 'in the fridge' }, 'In the fridge until then'],
  ];
  test.each(said)('%j', (doing, words) => expect(doingWords(doing)).toBe(words));
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
