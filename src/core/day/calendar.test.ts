import { expect, test } from '@jest/globals';
import ICAL from 'ical.js';
import { calendarOf } from './calendar.ts';
import type { Line } from './line.ts';
import { momentOf } from '../clock/wall/zone.ts';

const at = (local: string) => momentOf({ local, zone: 'Europe/Amsterdam' }) ?? NaN;
const line = (words: string, kind: Line['kind'], from: number, minutes: number, hands = 1): Line => ({
  key: words,
  does: { what: 'own', words },
  kind,
  ref: { kind: 'own', own: words },
  task: `own|${words}`,
  batch: 'pot',
  from,
  to: from + minutes * 60_000,
  begins: from,
  minutes,
  hands,
  pinned: false,
  single: true,
});

/** Read back by a reference library (ical.js, RFC 5545). */
test('a parser reads every task that needs hands back, at its moment, and rings at the looks', () => {
  const sear = at('2026-12-05T10:05');
  const look = at('2026-12-05T14:20');
  const text = calendarOf({
    name: 'Lantern, supper; with “quotes”',
    serving: at('2026-12-05T18:00'),
    lines: [
      line('Trim', 'board', at('2026-12-05T09:00'), 20),
      line('Sear, 3 panfuls', 'pan', sear, 35),
      line('Cool enough to touch', 'rest', at('2026-12-05T15:00'), 20, 0),
      line('Look, lamb first', 'look', look, 5),
    ],
    words: ({ does }) => (does.what === 'own' ? does.words : ''),
    pots: new Map([['pot', 'Pot one']]),
    id: 'meal-1',
    now: at('2026-12-05T10:00'),
  });
  const calendar = new ICAL.Component(ICAL.parse(text) as unknown[]);
  const events = calendar.getAllSubcomponents('vevent').map((one) => new ICAL.Event(one));
  // What is over and what needs nobody is not in it.
  expect(events.map(({ summary }) => summary)).toEqual([
    'Sear, 3 panfuls (Pot one)',
    'Look, lamb first (Pot one)',
    'Serve: Lantern, supper; with “quotes”',
  ]);
  expect(events.map(({ startDate }) => startDate.toJSDate().getTime())).toEqual([
    sear,
    look,
    at('2026-12-05T18:00'),
  ]);
  expect(events[0]?.duration.toSeconds()).toBe(35 * 60);
  const alarms = calendar
    .getAllSubcomponents('vevent')
    .map((one) => one.getAllSubcomponents('valarm').length);
  expect(alarms).toEqual([0, 2, 1]);
  expect(new Set(events.map(({ uid }) => uid)).size).toBe(3);
});
