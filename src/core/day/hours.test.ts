import { expect, test } from '@jest/globals';
import { momentOf } from '../clock/index.ts';
import { hoursOn } from './hours.ts';

const zone = 'Europe/Amsterdam';
const at = (local: string) => momentOf({ local, zone }) ?? NaN;
const sitting = (serving: string) => ({
  id: serving,
  serving: at(serving),
  place: 'here' as const,
  sent: { road: 30, packing: undefined, cold: false },
});
const awake = [6 * 60 + 30, 22 * 60 + 30] as const;
const home = 17 * 60;

test('all go home by the hour on days on which nobody is served, and on no other', () => {
  const hours = hoursOn({ awake, home, zone, sittings: [sitting('2026-12-05T18:00')] });
  expect(hours(at('2026-12-04T09:00'))).toEqual([390, home]);
  expect(hours(at('2026-12-04T23:50'))).toEqual([390, home]);
  expect(hours(at('2026-12-05T00:10'))).toEqual(awake);
  expect(hours(at('2026-12-05T21:00'))).toEqual(awake);
  expect(hours(at('2026-12-06T00:10'))).toEqual([390, home]);
});

test('a day on which the clocks change is one day, and an hour later than the end of work changes nothing', () => {
  // The clocks go back at three on 25 October 2026 (Directive 2000/84/EC), and forward on 29 March.
  for (const day of ['2026-10-25', '2026-03-29']) {
    const hours = hoursOn({ awake, home, zone, sittings: [sitting(`${day}T18:00`)] });
    expect(hours(at(`${day}T00:30`))).toEqual(awake);
    expect(hours(at(`${day}T22:00`))).toEqual(awake);
  }
  const late = hoursOn({ awake, home: 23 * 60, zone, sittings: [] });
  expect(late(at('2026-12-04T09:00'))).toEqual(awake);
});
