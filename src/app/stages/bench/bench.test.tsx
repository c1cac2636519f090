import { afterEach, describe, expect, test } from '@jest/globals';
import { screen, waitFor, within } from '../../testing/dom.ts';
import { batchOf, dishOf, inputOf, lotOf } from '@/core/testing/meals.ts';
import {
  choose,
  closePage,
  disk,
  openAt,
  openPath,
  press,
  settled,
  sheet,
  stored,
  takeBack,
  user,
  write,
} from '../../testing/openApp.tsx';

describe('bench: bench', () => {
  afterEach(closePage);

  const blade = inputOf([batchOf([lotOf('beef-blade-roast', 2600)])], [dishOf('taco', 24)]);
  const title = () => screen.getByRole('heading', { level: 1 }).textContent;
  const weigh = async (label: string, text: string) => {
    await write(label, text);
    await user.keyboard('{Enter}');
    await settled();
  };
  const entries = async () => (await stored()).entries;

  describe('weighing at the bench', () => {
    test('it leads from the bones to the shred; each reading is an entry, and undo takes the last back', async () => {
      await openAt('bench', blade);
      expect(title()).toBe('Weigh the bones');
      await weigh('Bones', '360 g');
      expect(await entries()).toMatchObject([
        { measures: { what: 'sum', flow: 'bone' }, value: { lo: 360 } },
      ]);
      expect(title()).toBe('Weigh what you pick out');
      await weigh('Picked out', '140 g');
      await weigh('Shred', '1.3 kg');
      expect(title()).toBe('The shred is weighed');
      expect(screen.getByRole('navigation', { name: /^The strands/ }).textContent).toMatch(/bench1\.30 kg/);
      await takeBack('the weight of the shred');
      expect(title()).toBe('Weigh the shred');
    });

    test('out by the clock, what will not pull is chopped in a tap and served: the portions go on', async () => {
      const setting = { text: '150 °C', lo: 150, hi: 150 };
      const minutes = { text: '1 h', lo: 60, hi: 60 };
      const heat = { id: 'heat', heat: 'oven', lid: 'on', setting, minutes } as const;
      const braised = (out: 'then' | undefined) =>
        inputOf(
          [batchOf([lotOf('beef-blade-roast', 2600)], { cook: [{ ...heat, ...(out && { out }) }] })],
          [dishOf('taco', 24)],
        );
      const shred = () =>
        Number(
          /bench([\d.]+) kg/.exec(screen.getByRole('navigation', { name: /^The strands/ }).textContent)?.[1],
        );
      // A fork decides: the yield is that of tender meat.
      await openAt('bench', braised(undefined));
      const tender = shred();
      expect(sheet()).not.toMatch(/will not pull/);
      closePage();
      await openAt('bench', braised('then'));
      expect(sheet()).toMatch(
        /It comes out by the clock: about [\d.]+ kg is not tender by then and will not pull/,
      );
      await press(/^Chop it: about [\d.]+ kg more/);
      expect(sheet()).not.toMatch(/will not pull/);
      expect(Math.abs(shred() / tender - 1)).toBeLessThan(0.05);
      await takeBack('chopping what will not pull');
      expect(sheet()).toMatch(/will not pull/);
    });

    test('what cannot be read stays as it was typed, and weighs nothing', async () => {
      await openAt('bench', blade);
      await weigh('Picked out', 'a handful');
      expect(screen.getByLabelText<HTMLInputElement>('Picked out').value).toBe('a handful');
      expect(title()).toBe('Weigh the bones');
      expect((await entries()).at(-1)?.value).toMatchObject({ text: 'a handful' });
    });

    test('what is typed and not entered is back after a crash, and is an entry once Enter is pressed', async () => {
      await openAt('bench', blade);
      const bones = () => screen.getByLabelText<HTMLInputElement>('Bones');
      await user.type(bones(), '36');
      await settled();
      // As a crash leaves it: the field was never left.
      closePage();
      await openPath('/meals/meal/batches/pot/bench');
      await waitFor(() => expect(bones().value).toBe('36'));
      expect(await entries()).toEqual([]);
      await user.type(bones(), '0 g');
      await settled();
      closePage();
      await openPath('/meals/meal/batches/pot/bench');
      await press('Enter 360 g');
      expect(await entries()).toMatchObject([{ value: { lo: 360 } }]);
      expect(await disk.drafts.count()).toBe(0);
      expect(screen.queryByRole('button', { name: /^Enter/ })).toBeNull();
    });

    test('a correction is a new reading that replaces the old one; both stay on the disk', async () => {
      await openAt('bench', blade);
      await weigh('Bones', '360 g');
      await weigh('Bones', '380 g');
      const all = await entries();
      expect(all.map(({ value }) => value?.text)).toEqual(['360 g', '380 g']);
      expect(all[1]?.replaces).toBe(all[0]?.id);
    });

    test('a bowl that was never weighed is asked for once; then it comes off', async () => {
      await openAt('bench', blade);
      await weigh('Shred', '1.1 kg');
      await choose('Shred: weighed in', 'in the large bowl');
      await weigh('The large bowl, empty, once', '600 g');
      expect(screen.getByRole('navigation', { name: /^The strands/ }).textContent).toMatch(/bench500 g/);
    });

    test('more shred than meat is told as found, not hidden', async () => {
      await openAt('bench', blade);
      await weigh('Cooked meat', '1.8 kg');
      await weigh('Shred', '2.4 kg');
      expect(sheet()).toMatch(/[5-9]\d\d g of meat too much at the bench: weigh it again\./);
    });
  });

  test('what must come out again is asked back one by one', async () => {
    const items = [
      {
        id: 'bay',
        ref: 'bay-leaf',
        state: 'in' as const,
        amount: { text: '2', lo: 2, hi: 2 },
        measure: 'count' as const,
      },
    ];
    await openAt('bench', inputOf([batchOf([lotOf('beef-brisket', 2000)], { items })], [dishOf('taco', 12)]));
    const back = within(screen.getByRole('region', { name: 'Must come out again' }));
    expect(back.getByText('0 of 2')).toBeTruthy();
    await weigh('Shred', '1.1 kg');
    expect(sheet()).toContain('Still in it: 2 of 2 × bay leaf. Find them before it is served.');
    await press('bay leaf: one found');
    await press('bay leaf: one found');
    expect(back.getByText('2 of 2')).toBeTruthy();
    expect(sheet()).not.toContain('Still in it');
    await press('bay leaf: one less');
    expect(sheet()).toContain('Still in it: 1 of 2 × bay leaf.');
  });

  test('without meat it says where to begin', async () => {
    await openAt('bench', inputOf([batchOf([])], [dishOf('taco', 12)]));
    expect(title()).toBe('Pull, pick and shred');
    expect(sheet()).toMatch(/Write/);
  });
});
