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
  ends: true,
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
      line('Test with a fork, lamb first', 'look', look, 5),
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
    'Test with a fork, lamb first (Pot one)',
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

/** The grammar of RFC 5545 (published): 3.1 content lines, 3.3.5 moments, 3.3.6 durations; folded to 75 octets. */
test('every line is one of RFC 5545, and a length of nothing is one too', () => {
  const text = calendarOf({
    name: 'Lantern supper',
    serving: at('2026-12-05T18:00'),
    lines: [
      line('Test with a fork', 'look', at('2026-12-05T14:20'), 5),
      line('Fill 12 × tacos', 'plates', at('2026-12-05T17:00'), 45),
    ],
    words: ({ does }) => (does.what === 'own' ? does.words : ''),
    pots: new Map(),
    id: 'meal-1',
    now: 0,
  });
  expect(text.endsWith('\r\n')).toBe(true);
  const folded = text.split('\r\n').slice(0, -1);
  for (const one of folded) {
    expect(one).not.toMatch(/[\r\n]/);
    expect(Buffer.byteLength(one)).toBeLessThanOrEqual(75);
  }
  const lines = text
    .replaceAll(/\r\n[ \t]/g, '')
    .split('\r\n')
    .slice(0, -1);
  const duration = /^[+-]?P(?:\d+W|(?:\d+D)?(?:T(?:\d+H(?:\d+M(?:\d+S)?)?|\d+M(?:\d+S)?|\d+S))?)$/;
  for (const one of lines) {
    const [, name = '', value = ''] = /^([A-Z][A-Z0-9-]*)(?:;[A-Z-]+=[^:]+)?:(.*)$/s.exec(one) ?? [];
    expect(name).not.toBe('');
    if (name === 'TRIGGER' || name === 'DURATION') {
      expect(value).toMatch(duration);
      expect(value).not.toMatch(/^[+-]?PT?$/);
    }
    if (/^DT(START|END|STAMP)$/.test(name)) expect(value).toMatch(/^\d{8}T\d{6}Z$/);
  }
  expect(lines).toContain('TRIGGER:PT0S');
  expect(lines).toContain('TRIGGER:-PT5M');
});
