import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runs } from '@/core/testing/runs.ts';
import { readTimeOfDay, readWall, writeWall } from './read.ts';
import { wallOf, writeTime } from './write.ts';

/** A Friday. */
const TODAY = '2026-11-27';
const BEFORE = '2026-12-05T18:00';
const read = (text: string, before = BEFORE) => {
  const reading = readWall(text, before, TODAY);
  return reading.ok ? reading.value : reading.error;
};

describe('a time of day, as people write it', () => {
  test.each([
    ['18:00', '18:00'],
    ['8.30', '08:30'],
    ['6 pm', '18:00'],
    ['6:15PM', '18:15'],
    ['12 am', '00:00'],
    ['12pm', '12:00'],
    ['noon', '12:00'],
    ['midnight', '00:00'],
    ['9', '09:00'],
    ['1830', '18:30'],
    ['18h30', '18:30'],
    ['half past six', '06:30'],
    ['seven in the evening', '19:00'],
    ['9 in the morning', '09:00'],
    ['twelve', '12:00'],
  ])('%s', (text, time) => expect(readTimeOfDay(text)).toEqual({ ok: true, value: time }));

  test.each(['25:00', '18:60', '13 pm', '0 am', 'supper', ''])('“%s” is refused with itself', (text) => {
    expect(readTimeOfDay(text)).toEqual({
      ok: false,
      error: `“${text}” is not a time of day; write it like 18:00, or 6 pm.`,
    });
  });
});

describe('the kitchen’s own form', () => {
  test.each([
    ['18:00', '6 pm'],
    ['00:05', '12:05 am'],
    ['12:00', '12 pm'],
    ['09:30', '9:30 am'],
  ])('%s is %s', (time, said) => {
    expect(writeTime(time, '12')).toBe(said);
    expect(writeTime(time)).toBe(time);
    expect(readTimeOfDay(said)).toEqual({ ok: true, value: time });
  });

  test('is that of the clock on the wall', () => {
    const wall = wallOf('Europe/Amsterdam', '12');
    const [six, next] = [Date.parse('2026-12-05T17:00Z'), Date.parse('2026-12-06T09:10Z')];
    expect(wall.clock(six)).toBe('6 pm');
    expect(wall.moment(next, six)).toBe('Sunday 10:10 am');
  });
});

describe('a day with its time', () => {
  test.each([
    ['18:30', '2026-12-05T18:30'],
    ['7 pm', '2026-12-05T19:00'],
    ['today 18:00', '2026-11-27T18:00'],
    ['tomorrow noon', '2026-11-28T12:00'],
    ['fri 18:00', '2026-11-27T18:00'],
    ['Thursday at 6pm', '2026-12-03T18:00'],
    ['5 Dec, 18:00', '2026-12-05T18:00'],
    ['Sat 5 Dec, 18:00', '2026-12-05T18:00'],
    ['December 5th 18:00', '2026-12-05T18:00'],
    ['Sat 5/12 18:00', '2026-12-05T18:00'],
    ['Sat 12/5 18:00', '2026-12-05T18:00'],
    ['25/12 18:00', '2026-12-25T18:00'],
    ['12/25 18:00', '2026-12-25T18:00'],
    ['6/6 18:00', '2027-06-06T18:00'],
    ['tonight at 7', '2026-11-27T19:00'],
    ['Tonight 7:30', '2026-11-27T19:30'],
    ['7 tonight', '2026-11-27T19:00'],
    ['this evening at half past six', '2026-11-27T18:30'],
    ['tomorrow morning at nine', '2026-11-28T09:00'],
    ['Sat evening at 7', '2026-11-28T19:00'],
    ['Sat noon', '2026-11-28T12:00'],
    ['Sat afternoon at quarter to four', '2026-11-28T15:45'],
    ['Sunday at half past 12 in the afternoon', '2026-11-29T12:30'],
    ['tonight 19:00', '2026-11-27T19:00'],
    ['tomorrow at 7 pm', '2026-11-28T19:00'],
    ['5.12. 18:00', '2026-12-05T18:00'],
    ['5.12.2027 18:00', '2027-12-05T18:00'],
    ['3 Jan 12:00', '2027-01-03T12:00'],
    ['2026-12-24T17:05', '2026-12-24T17:05'],
    ['sat', '2026-11-28T18:00'],
  ])('%s', (text, local) => expect(read(text)).toBe(local));

  test('a time alone is of today where none stood there', () => {
    expect(read('18:00', '')).toBe('2026-11-27T18:00');
    expect(read('sat', '')).toBe('“sat” has no time of day; write it like Sat 18:00.');
  });

  test.each([
    ['12/5 19:00', ['Sat 5 Dec, 19:00', 'Wed 12 May, 19:00']],
    ['5/12 19:00', ['Sat 5 Dec, 19:00', 'Wed 12 May, 19:00']],
    ['tomorrow at 7', ['tomorrow 7 am', 'tomorrow 7 pm']],
    ['at 7', ['7 am', '7 pm']],
  ])('“%s” can be read two ways, and each way reads', (text, ways) => {
    const reading = readWall(text, BEFORE, TODAY);
    if (reading.ok) throw new Error(`read as ${reading.value}`);
    expect([...(reading.choices ?? [])].toSorted()).toEqual(ways.toSorted());
    expect(reading.error).toContain(`“${text}”`);
    for (const way of reading.choices ?? []) expect(readWall(way, BEFORE, TODAY).ok).toBe(true);
  });

  test.each(['31 Feb 18:00', '13/13 18:00', 'tonight at 12', 'soon', 'Sat 25:00'])(
    '“%s” is refused with itself',
    (text) => {
      expect(read(text)).toBe(`“${text}” is not a time; write it like Sat 18:00, or 5 Dec, 18:00.`);
    },
  );

  test('the year is written wherever the day alone would be read as another year’s', () => {
    expect(writeWall('2026-12-05T18:00', TODAY)).toBe('Sat 5 Dec, 18:00');
    expect(writeWall('2027-01-03T12:00', TODAY)).toBe('Sun 3 Jan, 12:00');
    expect(writeWall('2026-01-01T00:00', TODAY)).toBe('Thu 1 Jan 2026, 00:00');
  });

  test('what is written is read back as it was, whatever the moment', () => {
    fc.assert(
      fc.property(
        fc.date({ min: new Date('2000-01-01'), max: new Date('2099-12-31'), noInvalidDate: true }),
        fc.date({ min: new Date('2000-01-01'), max: new Date('2099-12-31'), noInvalidDate: true }),
        (date, now) => {
          const local = date.toISOString().slice(0, 16);
          const today = now.toISOString().slice(0, 10);
          for (const hours of ['24', '12'] as const)
            expect(readWall(writeWall(local, today, hours), '', today)).toEqual({ ok: true, value: local });
        },
      ),
      { numRuns: runs(5000, 500) },
    );
  });

  test('days of this year and the next are read back as well', () => {
    fc.assert(
      fc.property(
        fc.date({ min: new Date('2026-01-01'), max: new Date('2027-12-31'), noInvalidDate: true }),
        (date) => {
          const local = date.toISOString().slice(0, 16);
          expect(readWall(writeWall(local, TODAY), '', TODAY)).toEqual({ ok: true, value: local });
        },
      ),
    );
  });
});
