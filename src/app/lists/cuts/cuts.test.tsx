import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { screen } from '../../testing/dom.ts';
import {
  choose,
  closePage,
  emptyDisk,
  kitchenOnDisk,
  openPath,
  press,
  sheet,
  takeBack,
  tap,
  write,
} from '../../testing/openApp.tsx';

describe('cuts: cuts', () => {
  beforeEach(emptyDisk);
  afterEach(closePage);

  const drawn = (words: RegExp) => screen.queryByRole('img', { name: words });

  describe('what a kilogram becomes', () => {
    test('a cut is found by its animal or by what it is good for, and a word of none is said', async () => {
      await openPath('/cuts');
      await write('Look for a cut', 'goat');
      expect(drawn(/^Goat neck, bone in, 1\.00 kg: shred \d+ g/)).toBeTruthy();
      expect(drawn(/^Beef shank/)).toBeNull();
      await write('Look for a cut', 'oxen');
      expect(sheet()).toContain('No cut has “oxen”');
    });

    test('what is estimated says so', async () => {
      await openPath('/cuts');
      await tap(screen.getByRole('button', { name: 'figures, partly estimated of Beef cheek, boneless' }));
      expect(sheet()).toMatch(/raw flesh \(estimate, near the shank\)/);
    });
  });

  describe('a cut of one’s own', () => {
    test('by what it came to: kept, drawn, and taken back', async () => {
      await openPath('/cuts');
      await write('Name', 'Hall neck');
      await choose('Like', 'Lamb shoulder, bone in');
      await choose('Known by', 'what it came to');
      await write('It came to', '40 %');
      await press('Add it');
      expect(drawn(/^Hall neck, 1\.00 kg: shred 400 g/)).toBeTruthy();
      expect((await kitchenOnDisk()).cuts).toMatchObject([{ name: 'Hall neck', yield: { value: 0.4 } }]);
      await takeBack('a cut of your own, “Hall neck”');
      expect(drawn(/^Hall neck/)).toBeNull();
    });

    test.each([
      ['', {}, 'Give the cut a name.'],
      ['Neck', { 'It came to': '140' }, '“140” is not a share for the yield; write 0 to 100 %.'],
      ['Neck', { 'It came to': '' }, 'Write what it comes to, 1 to 100 %.'],
      ['Neck', { 'Bone, of what is bought': '97 %', 'It came to': '40 %' }, '“97 %” of bone leaves no meat'],
    ])('“%s” with %j is refused', async (name, fields, words) => {
      await openPath('/cuts');
      await write('Name', name);
      await choose('Known by', 'what it came to');
      for (const [label, text] of Object.entries(fields)) await write(label, text);
      await press('Add it');
      expect(sheet()).toContain(words);
      expect((await kitchenOnDisk()).cuts).toEqual([]);
    });

    test('more than all of it is refused with the sum', async () => {
      await openPath('/cuts');
      await write('Name', 'Fat neck');
      await choose('Known by', 'what its flesh is made of');
      await write('Protein of the flesh', '60 %');
      await write('Fat of the flesh', '50 %');
      await press('Add it');
      expect(sheet()).toMatch(/Fat neck: protein, fat and ash add up to 11\d\.\d %, more than all of it\./);
    });
  });
});
