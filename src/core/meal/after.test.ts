import { describe, expect, test } from '@jest/globals';
import { batchOf } from '../testing/meals.ts';
import { afterBy, afterOf, boilsDownTo, isStrained, schools, skimWay, staysInPot } from './after.ts';
import { withBoilDown, withSkim, withStrain } from './afterEdits.ts';

const volume = (ml: number) => ({ text: `${String(ml)} ml`, lo: ml, hi: ml });
const whats = (batch: Parameters<typeof afterOf>[0]) => afterOf(batch).map(({ what }) => what);

describe('what is done once the meat is tender', () => {
  test('follows the choices until the cook writes a list, and then the list alone', () => {
    const plain = batchOf([], { strain: true, skim: 'settle', reduceTo: volume(900) });
    expect(whats(plain)).toEqual([
      'lift',
      'cool',
      'bone',
      'pull',
      'pick',
      'take out',
      'strain',
      'skim',
      'boil down',
      'dress',
    ]);
    const own = { ...plain, after: [...afterBy('sauce')] };
    expect([isStrained(own), skimWay(own), boilsDownTo(own)]).toEqual([false, 'hot', undefined]);
  });

  test.each(schools)('the school “%s” has each step once, under an id of its own', (school) => {
    const ids = afterBy(school).map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
    expect(staysInPot(batchOf([], { after: [...afterBy(school)] }))).toBe(school === 'in the pot');
  });

  test('straining, skimming and boiling down change the list where they belong, and back again', () => {
    const own = batchOf([], { after: [...afterBy('sauce')] });
    const strained = withStrain(own, true);
    expect(whats(strained).slice(5, 8)).toEqual(['take out', 'strain', 'skim']);
    expect(withStrain(strained, false).after).toEqual(own.after);
    expect(skimWay(withSkim(own, 'chill'))).toBe('chill');
    expect(whats(withSkim(own, 'leave'))).not.toContain('skim');
    const down = withBoilDown(strained, volume(800));
    expect(whats(down).slice(7, 9)).toEqual(['skim', 'boil down']);
    expect(boilsDownTo(withBoilDown(down, volume(700)))?.lo).toBe(700);
    expect(whats(withBoilDown(down, { text: '' }))).toEqual(whats(strained));
  });
});
