import { describe, expect, test } from '@jest/globals';
import { batchOf } from '../testing/meals.ts';
import type { Batch } from './schema.ts';
import { skims } from '../work/index.ts';
import {
  afterBy,
  boilsDownTo,
  isStrained,
  isUsualAfter,
  schools,
  skimWay,
  staysInPot,
  usualAfter,
  usualAgain,
} from './after.ts';
import { withBoilDown, withSkim, withStrain } from './afterEdits.ts';

const volume = (ml: number) => ({ text: `${String(ml)} ml`, lo: ml, hi: ml });
const whats = (batch: Pick<Batch, 'after'>) => batch.after.map(({ what }) => what);

describe('what is done once the meat is tender', () => {
  test('follows what is chosen for its liquid until the cook writes a list, and then the list alone', () => {
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

  test('what is chosen one after the other makes the usual list, whatever it was before', () => {
    const usual = batchOf([]);
    for (const strain of [true, false])
      for (const skim of skims)
        for (const reduceTo of [undefined, volume(900)]) {
          const chosen = withBoilDown(withSkim(withStrain(usual, strain), skim), reduceTo ?? { text: '' });
          expect(chosen.after).toEqual(usualAfter({ strain, skim, reduceTo }));
          expect(isUsualAfter(chosen)).toBe(true);
        }
    expect(schools.filter((school) => isUsualAfter(batchOf([], { after: [...afterBy(school)] })))).toEqual([
      'broth',
    ]);
    const own = batchOf([], { after: [...afterBy('overnight')] });
    expect(usualAgain(own)).toEqual(usualAfter({ strain: true, skim: 'chill' }));
  });

  test('a step that is chosen gets an id that no other step bears', () => {
    const own = batchOf([], { after: [{ id: 'strain', what: 'strain', liquid: 'dip' }] });
    expect(
      withStrain(own, true)
        .after.map(({ id }) => id)
        .toSorted(),
    ).toEqual(['strain', 'strain 2']);
  });
});
