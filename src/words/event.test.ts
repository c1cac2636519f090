import { expect, test } from '@jest/globals';
import {
  bothWords,
  dayBefore,
  dealtDayWords,
  dealtInto,
  dealtWords,
  eventHeadline,
  leftShort,
  peopleWords,
  shortDishes,
} from './index.ts';

const writes = { mass: (g: number) => `${g} g`, volume: (ml: number) => `${ml} ml` };
const none = { g: 0, ml: 0 };

test('an event in words: what is short, who comes, what a way leaves', () => {
  expect(bothWords(none, writes)).toBe('');
  expect(bothWords({ g: 900, ml: 400 }, writes)).toBe('900 g of shred and 400 ml of broth');
  expect(eventHeadline([], 2, writes)).toBe('Both sittings have what they want');
  expect(eventHeadline([], 3, writes)).toBe('All 3 sittings have what they want');
  const pasta = {
    id: 'a',
    name: 'plates of pasta',
    count: 60,
    filled: 41,
    wants: none,
    lacks: { g: 5, ml: 0 },
  };
  expect(shortDishes([pasta, { ...pasta, name: 'tacos', filled: 60 }])).toBe(
    'of 60 plates of pasta, 41 can be filled and 60 tacos are filled with less than usual',
  );
  expect(peopleWords({ adults: 0, children: 0 })).toBe('');
  expect(peopleWords({ adults: 1, children: 0 })).toBe('1 person');
  expect(peopleWords({ adults: 104, children: 16 })).toBe('120 people, 16 of them children');
  expect(leftShort({ lacks: none, elsewhere: none, empty: 0 }, writes)).toBe('nothing is short then');
  expect(leftShort({ lacks: { g: 9, ml: 0 }, elsewhere: none, empty: 1 }, writes)).toBe(
    '1 plate stays empty, 9 g of shred short',
  );
});

test('a deal in words says whether it is proved, and what has no place', () => {
  const pot = { batch: 'p', vessel: 'a', name: 'a', day: 1, lots: [1000], g: 1000, mostG: 2000 };
  const deal = { pots: [pot], outsideG: 0, proved: true, wish: 'fewest' } as const;
  expect(dealtWords(deal, writes)).toBe('1000 g fits in 1 pot: it cannot be done in fewer.');
  expect(dealtWords({ ...deal, proved: false }, writes)).toContain('the best that was found in time');
  expect(dealtWords({ ...deal, proved: false, leastPots: 1 }, writes)).toMatch(/; fewer pots cannot be\.$/);
  expect(dealtWords({ ...deal, pots: [pot, pot], proved: false, leastPots: 1 }, writes)).toContain(
    '; fewer than 1 cannot be',
  );
  expect(
    dealtInto([
      { name: 'Beef', pots: 3 },
      { name: 'Lamb', pots: 1 },
      { name: 'Goat', pots: 0 },
    ]),
  ).toMatch(/^Beef becomes 3 pots and Lamb becomes this one pot;/);
  const good = { unplaced: 0, inTime: true };
  const told = { begins: 'Thu 09:00', late: undefined };
  expect(dealtDayWords(good, told)).toBe('By the plan the work begins Thu 09:00.');
  expect(dealtDayWords(good, { ...told, home: '17:30' })).toContain('everybody is home by 17:30');
  expect(dealtDayWords(good, { ...told, late: 'Fri 18:20', home: '17:30' })).toContain('at it Fri 18:20');
  expect(dealtDayWords(good, { ...told, late: 'Fri 23:20' })).toContain('the hours cannot be kept');
  expect(dealtDayWords({ ...good, inTime: false }, told)).toContain('served late');
  expect(dealtDayWords({ unplaced: 1, inTime: true }, told)).toContain('one of them has no place');
  expect(dealtWords({ ...deal, outsideG: 500 }, writes)).toBe('1000 g fits in 1 pot; 500 g does not.');
  expect([0, 1, 2].map(dayBefore)).toEqual(['on the day', 'the day before', 'two days before']);
});
