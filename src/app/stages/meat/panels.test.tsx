import { afterEach, describe, expect, test } from '@jest/globals';
import { fireEvent, screen, within } from '../../testing/dom.ts';
import { batchOf, dishOf, inputOf, lotOf } from '@/core/testing/meals.ts';
import {
  choose,
  closePage,
  openAt,
  press,
  settled,
  sheet,
  stored,
  takeBack,
  tap,
  user,
  write,
} from '../../testing/openApp.tsx';

describe('meat: panels', () => {
  afterEach(closePage);

  const blade = (kg: number, plates = 40) =>
    inputOf([batchOf([lotOf('beef-blade-roast', 1000 * kg)])], [dishOf('taco', plates)]);
  const lots = async () => (await stored()).batches[0]?.lots ?? [];
  const panel = (name: string) => within(screen.getByRole('region', { name }));

  describe('how much to buy', () => {
    const weights = () =>
      [...screen.getByRole('region', { name: 'How much to buy' }).querySelectorAll('li b')].map(
        ({ textContent }) => parseFloat(textContent),
      );
    const setChance = async (hundred: number) => {
      fireEvent.change(panel('How much to buy').getByLabelText('Enough'), { target: { value: hundred } });
      await settled();
    };

    test('more chance is more meat; one press writes it into the lot, and it is enough so often', async () => {
      await openAt('meat', blade(1));
      await press('How much to buy');
      const [usual = 0] = weights();
      await setChance(99);
      const [surer = 0] = weights();
      expect(surer).toBeGreaterThan(usual);
      expect(sheet()).toMatch(/is the safety margin/);
      await press('Write these weights');
      expect((await lots())[0]?.weight.lo).toBeCloseTo(1000 * surer, -2);
      expect(sheet()).toMatch(/enough (98|99|100) in 100/);
      await takeBack('buying what is needed');
      expect((await lots())[0]?.weight.text).toBe('1000 g');
    });

    test('a shop that has too little is said with the chance that is left', async () => {
      await openAt('meat', blade(1));
      await press('How much to buy');
      await press(/^more of Beef blade roast/);
      await write('The shop has', '2 kg');
      expect(sheet()).toMatch(/The shop has too little: all of it is enough \d+ times in 100/);
      expect(weights()).toEqual([2]);
    });

    test('without plates, or without a price for the cheapest, it says what is missing', async () => {
      await openAt('meat', inputOf([batchOf([lotOf('beef-blade-roast', 1000)])], []));
      await press('How much to buy');
      expect(sheet()).toContain('The order is empty: write how many plates first.');
      closePage();
      await openAt('meat', blade(1));
      await press('How much to buy');
      await tap(panel('How much to buy').getByLabelText('the cheapest shred first'));
      expect(sheet()).toContain('No lot has a price, so none is the cheapest: write one in a lot first.');
    });
  });

  describe('what it costs', () => {
    test('a price that is none is said; a real one is on the plate', async () => {
      await openAt('meat', blade(2, 12));
      await press(/^more of Beef blade roast/);
      await write('Price, EUR', 'dear');
      await user.tab();
      expect(sheet()).toContain('“dear” is not a price; write it like 12.90, or 5.99/lb.');
      await write('Price, EUR', '11');
      await press('What it costs');
      const row = panel('What it costs').getByRole('row', { name: /Beef blade roast/ });
      expect(row.textContent).toContain('€22.00');
      expect(sheet()).toMatch(/The meat on one plate, if it is all from this pot: soft tacos €\d+\.\d\d/);
    });
  });

  describe('swapping a cut', () => {
    test('gives the same shred for another weight, and is taken with one press', async () => {
      await openAt('meat', blade(2, 12));
      await press('Swap a cut');
      await choose('Take', 'Beef brisket, whole');
      expect(sheet()).toMatch(/for the same shred/);
      const shred = () =>
        /shred (\d+) g/.exec(
          screen.getAllByRole('img', { name: /: shred \d/ })[0]?.getAttribute('aria-label') ?? '',
        )?.[1];
      const before = Number(shred());
      await press('Use it instead');
      const [lot] = await lots();
      expect(lot?.cut).toBe('beef-brisket');
      // Rounded up to ten grams: the same shred, or a little more.
      expect(Number(shred()) - before).toBeGreaterThanOrEqual(-1);
      expect(Number(shred()) - before).toBeLessThan(15);
    });
  });

  describe('a lot of its own', () => {
    test('boneless, fattier, trimmed and picked in its own way, it says so and becomes something else', async () => {
      await openAt('meat', blade(2));
      const drawn = () =>
        screen.getAllByRole('img', { name: /Beef blade roast.*: shred \d/ })[0]?.getAttribute('aria-label');
      const usual = drawn();
      await press(/^more of Beef blade roast/);
      await tap(screen.getByLabelText('boneless'));
      const boneless = drawn();
      expect(boneless).not.toBe(usual);
      expect(boneless).not.toMatch(/bone \d/);
      await tap(screen.getByLabelText('fattier'));
      expect(drawn()).not.toBe(boneless);
      await choose('Pick out, this lot', 'lean only');
      expect((await lots())[0]).toMatchObject({ picking: 'lean only' });
    });

    test('bones for flavour give no shred and are not pulled', async () => {
      await openAt('meat', blade(2));
      await press(/^more of Beef blade roast/);
      await tap(screen.getByLabelText('bones, for flavour only'));
      expect((await lots())[0]?.kind).toBe('bones');
      expect(
        screen.getAllByRole('img', { name: /Beef blade roast/ })[0]?.getAttribute('aria-label'),
      ).not.toMatch(/shred [1-9]/);
    });

    test('counted pieces are a whole number of them, and a length is one', async () => {
      await openAt('meat', blade(2));
      await press(/^more of Beef blade roast/);
      await write('Pieces', '2.5');
      await user.tab();
      expect(sheet()).toContain('“2.5” is not a whole number.');
      await write('Pieces', '4');
      await write('Pieces', '20000');
      expect(sheet()).toContain('“20000” is more than anybody counts; write at most 10000.');
      await write('Pieces', '4');
      await write('Longest bone or piece, cm', 'long');
      await user.tab();
      expect(sheet()).toContain('“long” is not a length; write it like 28 cm, or 11 in.');
      expect((await lots())[0]?.pieces).toMatchObject({ count: 4 });
    });
  });

  test('more lots add up, and one line says how much more would be enough', async () => {
    await openAt('meat', blade(1.5, 40));
    expect(sheet()).toMatch(/more beef blade roast: enough 95 in 100/);
    await press('Add it');
    expect(sheet()).not.toMatch(/more beef blade/);
    expect(sheet()).toMatch(/9[45678] in 100/);
    await press('Add a lot');
    const [, second] = screen.getAllByLabelText('Weight');
    if (!second) throw new Error('no second lot');
    await user.type(second, '2 × 800 g');
    await settled();
    expect((await lots())[1]?.weight).toMatchObject({ lo: 1600 });
  });
});
