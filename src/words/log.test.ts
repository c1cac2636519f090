import { describe, expect, test } from '@jest/globals';
import type { Logged } from '@/core/log/index.ts';
import { cutShort, eyeTitle, fromBatches, lastTimeWords, learnedValue, missedWords, percent } from './log.ts';

const mass = (grams: number) => `${Math.round(grams)} g`;
const logged = (changes: Partial<Logged>): Logged =>
  ({ cuts: [{ plannedG: 1000, shredG: 1000 }], weighed: true, ...changes }) as unknown as Logged;

describe('what the log says', () => {
  test('a cut is called by what a cook says of it', () => {
    expect(cutShort('Beef shank, cross-cut, bone in')).toBe('Shank');
    expect(cutShort('Lamb shoulder, bone in')).toBe('Shoulder');
    expect(cutShort('Brisket')).toBe('Brisket');
  });

  test('what went wrong the last time, and nothing where nothing did', () => {
    expect(lastTimeWords(logged({}), mass)).toBe('');
    expect(lastTimeWords(logged({ closed: { at: 1, verdict: 'just enough' } }), mass)).toBe('');
    expect(
      lastTimeWords(
        logged({
          closed: { at: 1, verdict: 'short', by: 2, noTime: 'skimming' },
          cuts: [{ plannedG: 1000, shredG: 880 }] as never,
        }),
        mass,
      ),
    ).toBe('Last time: it ran short by 2, 120 g less shred than the tables say, no time for skimming.');
    expect(lastTimeWords(logged({ weighed: false, cuts: [{ plannedG: 9, shredG: 1 }] as never }), mass)).toBe(
      '',
    );
  });

  test('figures: shares, factors, and from how many batches', () => {
    expect(percent(0.405)).toBe('41 %');
    expect(learnedValue({ unit: 'share' }, 0.0088, mass)).toBe('0.88 %');
    expect(learnedValue({ unit: 'factor' }, 1.38, mass)).toBe('+38 %');
    expect(learnedValue({ unit: 'factor' }, 0.95, mass)).toBe('−5 %');
    expect(learnedValue({ unit: 'factor' }, 1.002, mass)).toBe('as expected');
    expect([0, 1, 7].map(fromBatches)).toEqual([
      'from the tables alone',
      'from one batch here',
      'from 7 batches here',
    ]);
  });

  test('what an eye is told', () => {
    expect(missedWords('pickings', -150, mass)).toBe('You missed 150 g of membrane');
    expect(missedWords('shred', 170, mass)).toBe('You saw 170 g of shred too much');
    expect(missedWords('bone', 3, mass)).toBe('You saw it all');
    expect(eyeTitle('a plate', -12, mass)).toBe('12 g too little');
    expect(eyeTitle('a pot')).toBe('How much will be left?');
  });
});
