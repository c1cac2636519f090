import { describe, expect, test } from '@jest/globals';
import { minuteOfDay, momentOf, wallTimeOf } from './zone.ts';

const HOUR = 3_600_000;
const amsterdam = (local: string) => momentOf({ local, zone: 'Europe/Amsterdam' }) ?? NaN;

/** Offsets of the zones as the tz database has them (published). */
describe('wall clocks', () => {
  test('a time in a place is a moment, in winter and in summer, east and west', () => {
    expect(amsterdam('2026-12-05T18:00')).toBe(Date.UTC(2026, 11, 5, 17));
    expect(amsterdam('2026-07-05T18:00')).toBe(Date.UTC(2026, 6, 5, 16));
    expect(momentOf({ local: '2026-12-05T18:00', zone: 'America/New_York' })).toBe(Date.UTC(2026, 11, 5, 23));
    expect(momentOf({ local: '2026-12-05T18:00', zone: 'Asia/Kathmandu' })).toBe(
      Date.UTC(2026, 11, 5, 12, 15),
    );
  });

  test('it comes back as it was written', () => {
    for (const local of ['2026-12-05T18:00', '2026-03-29T03:30', '2026-10-25T12:00'])
      expect(wallTimeOf(amsterdam(local), 'Europe/Amsterdam').local).toBe(local);
  });

  test('six hours are six hours, though the clocks go on in them, or back', () => {
    // In the Netherlands on 29 March 2026 at 2:00 to 3:00, and back on 25 October at 3:00.
    expect(amsterdam('2026-03-29T06:00') - amsterdam('2026-03-29T00:00')).toBe(5 * HOUR);
    expect(amsterdam('2026-10-25T06:00') - amsterdam('2026-10-25T00:00')).toBe(7 * HOUR);
    expect(wallTimeOf(amsterdam('2026-03-29T00:00') + 6 * HOUR, 'Europe/Amsterdam').local).toBe(
      '2026-03-29T07:00',
    );
  });

  test('an hour that is skipped is the one after it', () => {
    expect(amsterdam('2026-03-29T02:30')).toBe(amsterdam('2026-03-29T03:30'));
  });

  test('of an hour that comes twice the first counts', () => {
    expect(amsterdam('2026-10-25T02:30')).toBe(Date.UTC(2026, 9, 25, 0, 30));
  });

  test('minutes of the day are those of the place', () => {
    expect(minuteOfDay(Date.UTC(2026, 11, 5, 17, 5), 'Europe/Amsterdam')).toBe(18 * 60 + 5);
  });

  test('what is no time is none', () => {
    expect(momentOf({ local: 'supper', zone: 'Europe/Amsterdam' })).toBeUndefined();
  });
});
