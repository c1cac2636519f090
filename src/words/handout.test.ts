import { expect, test } from '@jest/globals';
import {
  behindWords,
  caughtWords,
  codesWords,
  giveTitle,
  heldTitle,
  judgedWords,
  takenWords,
  valueWords,
  waitedWords,
  waitsWords,
} from './handout.ts';

const clock = () => '16:00';

test('a part is told as one cook would to another', () => {
  expect(giveTitle('Bram', 9)).toBe('Give Bram nine jobs');
  expect(giveTitle('Bram', 1)).toBe('Give Bram one job');
  expect(giveTitle('Bram', 0)).toBe('Bram has nothing to do that day');
  const pass = { who: ['Nell', 'Ida'], words: 'Strain', at: 0 };
  expect(waitsWords(pass, clock)).toBe('wait for Nell and Ida: strain, 16:00');
  expect(waitedWords(pass, clock)).toBe('Nell and Ida wait: 16:00');
  expect(waitedWords({ ...pass, who: ['Nell'] }, clock)).toBe('Nell waits: 16:00');
  expect(caughtWords(4, 6)).toBe('Hold still, 4 of 6 caught');
  expect(caughtWords(0, undefined)).toBe('Hold it to the codes');
  expect(codesWords(7, 3)).toBe('seven codes in turn, three a second, in any order');
});

test('what came back is counted, with what was there already and what has no place', () => {
  const none = { readings: 0, notes: 0, known: 0, strange: 0 };
  expect(takenWords('Bram', { ...none, readings: 12, notes: 1 })).toBe(
    'Twelve readings and one note of Bram’s came in.',
  );
  expect(takenWords('Bram', { ...none, known: 3, strange: 1 })).toBe(
    'No readings of Bram’s came in; three were here already; one reading of a pot that is no longer here was left out.',
  );
  expect(behindWords('Bram', 12 * 60_000)).toContain('is 12 min behind');
  expect(behindWords('Bram', -5 * 60_000)).toContain('is 5 min ahead');
});

test('of two values each is told with what it leaves open', () => {
  const said = { mass: (g: number) => `${g} g`, volume: (ml: number) => `${ml} ml` };
  const lacks = { g: 0, ml: 0 };
  expect(judgedWords({ unaccounted: [], offG: 0, lacks }, said)).toBe('all that went in is accounted for');
  expect(judgedWords({ unaccounted: [], offG: 0, lacks: { g: 900, ml: 400 } }, said)).toBe(
    'all that went in is accounted for; the plates want 900 g and 400 ml more than there is',
  );
  expect(heldTitle(['count'], 'soft tacos')).toBe('Which is right: how many, soft tacos?');
  expect(heldTitle(['sent', 'packing'], 'Lunch')).toBe('Which is right: sent, packing, Lunch?');
  expect(
    [
      ...[null, '', 'Feast', 3, true, [], ['beef', 'pork'], { text: '3 kg', lo: 3000, hi: 3000 }],
      ...[
        { local: '2026-12-05T18:00', zone: 'UTC' },
        { text: '', amount: { text: '1 oz' }, measure: 'mass' },
      ],
    ].map(valueWords),
  ).toEqual([
    ...['nothing', 'nothing', 'Feast', '3', 'true', 'none', 'beef, pork', '3 kg'],
    ...['2026-12-05 18:00', '1 oz, measure mass'],
  ]);
});
