import { describe, expect, test } from '@jest/globals';
import pairTable from '@/reference/cooked-pairs.json' with { type: 'json' };
import { kinOf, wholeOf } from './kin.ts';

/** Names as USDA SR24 writes them (published). */
describe('the kin of a row, by its name', () => {
  test.each([
    [
      'Beef, brisket, point half, separable lean and fat, trimmed to 1/8" fat, choice, cooked, braised',
      ['beef', 'brisket', 'beef brisket', 'beef, brisket, point half', false, '1/8"', 'choice'],
    ],
    [
      'Lamb, New Zealand, imported, frozen, foreshank, separable lean only, raw',
      ['lamb', 'shank', 'lamb foreshank', 'lamb, foreshank', true, '', ''],
    ],
    [
      'Veal, shoulder, arm, separable lean and fat, raw',
      ['veal', 'shoulder', 'veal shoulder', 'veal, shoulder, arm', false, '', ''],
    ],
    [
      'Game meat, bison, chuck, shoulder clod, separable lean only, raw',
      ['game meat', 'chuck', 'game meat, bison, chuck, shoulder clod', undefined, true, '', ''],
    ],
  ])('%s', (name, [species, family, whole, cut, lean, trim, grade]) => {
    const kin = kinOf(name);
    expect(kin).toMatchObject({ species, family, whole, lean, trim, grade });
    if (cut !== undefined) expect(kin.cut).toBe(cut);
  });

  test('read again, a cut is itself, and every pair of the table is filed under its own', () => {
    for (const { cut, species, family } of pairTable.pairs) {
      expect(kinOf(cut)).toMatchObject({ cut, species, family, whole: wholeOf(cut) });
    }
  });
});
