import { afterEach, describe, expect, test } from '@jest/globals';
import { screen, within } from '../../../testing/dom.ts';
import { usualAfter } from '@/core/meal/index.ts';
import { isStep } from '@/core/work/index.ts';
import { batchOf, dishOf, inputOf, lotOf } from '@/core/testing/meals.ts';
import {
  choose,
  closePage,
  openAt,
  openPath,
  press,
  sheet,
  stored,
  takeBack,
  tap,
  user,
  write,
} from '../../../testing/openApp.tsx';

describe('steps: steps', () => {
  afterEach(closePage);

  const open = (kind: 'taco' | 'pasta' = 'taco') =>
    openAt('bench', inputOf([batchOf([lotOf('beef-shank', 2500)])], [dishOf(kind, 20)]));
  const whats = async () => (await stored()).batches[0]?.after.map(({ what }) => what);
  const row = (name: string) => {
    const found = screen.getByText(name, { selector: 'b' }).closest('li');
    if (!found) throw new Error(name);
    return within(found);
  };

  describe('the steps once it is tender', () => {
    test('stand in one line until they are opened; dropped, added and begun from a school', async () => {
      await open();
      expect(sheet()).toContain(
        'lift out, cool, bones out, pull, pick, fish out what must come out, strain, skim, dress',
      );
      await press('once it is tender');
      await press('Drop: Strain the liquid');
      expect(await whats()).not.toContain('strain');
      await choose('One more step', 'mash');
      expect((await whats())?.at(-1)).toBe('mash');
      await choose('Begin from', 'in the pot');
      expect(await whats()).toEqual(['take out', 'skim', 'bone', 'pull', 'pick']);
      await takeBack('the order of the steps');
      await press('the usual order again');
      // What was chosen for the liquid stays chosen.
      const usual = usualAfter({ strain: false, skim: 'hot' });
      expect(await whats()).toEqual(usual.map(({ what }) => what));
      expect(screen.queryByRole('button', { name: 'the usual order again' })).toBeNull();
    });

    test('each has what it leaves open: the tool, the way, how far, how much', async () => {
      await open();
      await press('once it is tender');
      await choose('Pulled with', 'gloves');
      await choose('One more step', 'set apart');
      await write('Set some aside: how much', '500 ml');
      await choose('One more step', 'boil down');
      await write('to', '300 ml');
      await tap(row('Boil it down').getByRole('combobox'));
      await choose('Boil it down: of what', 'dip');
      const after = (await stored()).batches[0]?.after ?? [];
      expect(after.find(isStep('pull'))?.tool).toBe('gloves');
      expect(after.at(-2)).toMatchObject({
        what: 'set apart',
        as: 'dip',
        amount: { lo: 500 },
        measure: 'volume',
      });
      expect(after.at(-1)).toMatchObject({ what: 'boil down', liquid: 'dip', to: { lo: 300 } });
    });

    test('so much is tossed through in any measure; what is written last of the dressing stands', async () => {
      await open();
      await press('once it is tender');
      const dress = async () => (await stored()).batches[0]?.after.find(isStep('dress'));
      await write('with so much', '¾ cup');
      expect(await dress()).toMatchObject({ amount: { text: '¾ cup' }, measure: 'volume' });
      expect((await dress())?.amount?.lo).toBeCloseTo(0.75 * 236.588, 1);
      // What cannot be read is said, and stands as it was written.
      await write('with so much', 'plenty');
      await user.tab();
      expect(sheet()).toMatch(/“plenty” is not a volume/);
      await write('with so much', '2 ladles');
      expect((await dress())?.amount?.lo).toBeCloseTo(2 * 4 * 29.57, 0);
      await write('or so juicy, of its weight', '20 %');
      expect(await dress()).toMatchObject({ held: 0.2 });
      expect(await dress()).not.toHaveProperty('amount');
      await write('with so much', '1 cup');
      expect(await dress()).not.toHaveProperty('held');
      await write('on the heat', '15 min');
      expect(await dress()).toMatchObject({ minutes: { lo: 15 } });
    });

    test('what the sieve held goes back in: it is a sauce, until it is to be strained', async () => {
      await open();
      await press('once it is tender');
      await choose('One more step', 'vegetables back');
      expect(await whats()).toContain('vegetables back');
      closePage();
      await openPath(`/meals/${(await stored()).meal.id}/batches/pot/broth`);
      expect(sheet()).toMatch(/of sauce/);
      await tap(screen.getByLabelText('strain'));
      expect(sheet()).toMatch(/of broth/);
      expect(await whats()).not.toContain('vegetables back');
      await takeBack('straining');
      expect(await whats()).toContain('vegetables back');
    });

    test('pasta is offered to keep everything in its pot', async () => {
      await open('pasta');
      expect(sheet()).toContain('the vegetables are the sauce');
      await press('Use this order');
      expect(await whats()).not.toContain('strain');
      expect(sheet()).not.toContain('the vegetables are the sauce');
    });
  });
});
