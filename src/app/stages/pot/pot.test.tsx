import { afterEach, describe, expect, test } from '@jest/globals';
import { screen, within } from '../../testing/dom.ts';
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

describe('pot: pot', () => {
  afterEach(closePage);

  const brisket = (changes = {}, kg = 2) =>
    inputOf([batchOf([lotOf('beef-brisket', 1000 * kg)], changes)], [dishOf('taco', 12)]);
  const batch = async () => {
    const [first] = (await stored()).batches;
    if (!first) throw new Error('no batch');
    return first;
  };
  const region = (name: string) => within(screen.getByRole('region', { name }));
  const items = () => region('What goes in');
  const line = (name: string) => {
    const row = items()
      .getByRole('checkbox', { name: `${name} is in` })
      .closest('li');
    if (!row) throw new Error(name);
    return within(row);
  };
  async function putIn(words: string): Promise<void> {
    await user.type(screen.getByRole('combobox', { name: 'Put something in' }), words);
    await settled();
    await screen.findAllByRole('option');
    await user.keyboard('{Enter}');
    await settled();
  }

  describe('a line as a recipe has it', () => {
    const names = async (typed: string) => {
      await user.clear(screen.getByRole('combobox', { name: 'Put something in' }));
      await user.type(screen.getByRole('combobox', { name: 'Put something in' }), typed);
      await settled();
      const menu = within(screen.getByRole('listbox', { name: 'What it may be' }));
      return (await menu.findAllByRole('option')).map(({ textContent }) => textContent);
    };

    test('is read with its amount, the best match first, and shown as it will go in', async () => {
      await openAt('pot', brisket());
      expect((await names('onions'))[0]).toMatch(/^onion/);
      expect((await names('2 tins tomatoes'))[0]).toMatch(/^2 tins tomatoes, canned, with juice.*800 g/);
      expect((await names('5 allspice berries'))[0]).toMatch(/^5 allspice/);
      await names('2 l water');
      await user.keyboard('{Enter}');
      await names('½ bottle red wine');
      await user.keyboard('{Enter}');
      await settled();
      expect((await batch()).items?.slice(2)).toMatchObject([
        { ref: 'water', amount: { text: '2 l', lo: 2000 }, measure: 'volume' },
        { ref: 'wine-red', amount: { lo: 371.5 }, measure: 'mass' },
      ]);
    });

    test('what no name is known of is asked about where it was typed, and is there until it is settled', async () => {
      await openAt('pot', brisket());
      expect(await names('zzzz')).toEqual(['“zzzz”, without figures']);
      await user.keyboard('{Enter}');
      await settled();
      expect((await batch()).items).toBeUndefined();
      expect(region('Still asked about').getByText('1 line is still to be settled.')).toBeTruthy();
      await tap(screen.getByRole('link', { name: /^clock/ }));
      await tap(screen.getByRole('link', { name: /^pot/ }));
      await press('keep “zzzz”');
      await press('Put it in');
      expect((await batch()).items).toHaveLength(4);
      expect(screen.queryByRole('region', { name: 'Still asked about' })).toBeNull();
    });

    test('a list goes in as its lines, at once; what covers several is asked with its answers, and one undo takes all back', async () => {
      await openAt('pot', brisket());
      const field = screen.getByRole('combobox', { name: 'Put something in' });
      await user.click(field);
      await user.paste('2 l water, 3 onions, sliced, 2 tins tomatoes, 4 chillies, 1 kg oxtail');
      await settled();
      await user.keyboard('{Enter}');
      await settled();
      expect((field as HTMLInputElement).value).toBe('');
      const { items: put, lots } = await batch();
      expect(put?.map(({ ref, amount }) => [ref, amount?.text])).toEqual([
        ['carrot', undefined],
        ['water', '2 l'],
        ['onion', '3'],
        ['tomatoes-canned', '2 tins'],
      ]);
      expect(lots.map(({ cut }) => cut)).toContain('beef-oxtail');
      const asked = region('Still asked about');
      await tap(asked.getByRole('button', { name: 'red chilli, fresh' }));
      await tap(asked.getByRole('button', { name: 'Put it in' }));
      expect((await batch()).items?.at(-1)).toMatchObject({ ref: 'chilli-red', amount: { text: '4' } });
      await takeBack('putting in red chilli, fresh');
      await takeBack('putting in 4 things');
      expect((await batch()).items).toBeUndefined();
    });

    test('what several are called is asked about, alone too', async () => {
      await openAt('pot', brisket());
      await names('4 chillies');
      await user.keyboard('{Enter}');
      await settled();
      expect((await batch()).items).toBeUndefined();
      await tap(region('Still asked about').getByRole('button', { name: 'chillies, dried' }));
      await press('Put it in');
      expect((await batch()).items?.at(-1)).toMatchObject({ ref: 'chilli-dried', amount: { text: '4' } });
    });

    test('so much soy sauce leaves the stock where it was; without an amount it is none, never so much as brings up the line', async () => {
      await openAt('pot', brisket());
      await putIn('60 ml soy sauce');
      expect((await batch()).items?.map(({ ref }) => ref)).toEqual([
        'stock-low-salt',
        'onion',
        'carrot',
        'soy-sauce',
      ]);
      expect(sheet()).toMatch(/It fits, tops showing/);
      await write('How much soy sauce', '');
      expect(sheet()).toMatch(/It fits, tops showing/);
    });

    test('“0” is an amount, and what cannot be read counts for nothing until it can', async () => {
      await openAt('pot', brisket());
      await press('Use it');
      await write('How much carrot', '0');
      expect((await batch()).items?.[2]).toMatchObject({ amount: { text: '0', lo: 0 } });
      await write('How much onion', 'a heap');
      await user.tab();
      await settled();
      expect((await batch()).items?.[1]?.amount).toEqual({ text: 'a heap' });
      expect(sheet()).toContain('“a heap” is not a weight');
      await write('Salt on the meat now', '0');
      expect((await batch()).salt).toMatchObject({ lo: 0 });
    });
  });

  describe('the usual pot', () => {
    test('is offered, taken or cleared in one tap, and gives way to what is put in', async () => {
      await openAt('pot', brisket());
      expect(sheet()).toMatch(/Nothing is written yet: the usual pot/);
      await press('Use it');
      expect((await batch()).items?.map(({ ref }) => ref)).toEqual(['stock-low-salt', 'onion', 'carrot']);
      expect(sheet()).not.toMatch(/usual pot/);
      await takeBack('the usual pot');
      await press('clear it');
      expect((await batch()).items).toEqual([]);
      await takeBack('clearing the pot');
      await putIn('red wine');
      // A liquid takes the place of the stock; what is not its like stays.
      expect((await batch()).items?.map(({ ref }) => ref)).toEqual(['onion', 'carrot', 'wine-red']);
      await takeBack('putting in red wine');
      await putIn('onion');
      expect((await batch()).items?.map(({ ref }) => ref)).toEqual(['stock-low-salt', 'carrot', 'onion']);
    });
  });

  describe('what goes in', () => {
    test('is searched for, put in with its allergens, written and taken back act by act', async () => {
      await openAt('pot', brisket());
      await putIn('fish sauce');
      expect(sheet()).toMatch(/It contains.*fish \(fish sauce\)/);
      await write('How much fish sauce', '30 ml');
      const sauce = (await batch()).items?.at(-1);
      expect(sauce).toMatchObject({ amount: { lo: 30 }, measure: 'volume' });
      await takeBack('how much fish sauce');
      await takeBack('putting in fish sauce');
      expect((await batch()).items ?? []).not.toContainEqual(expect.objectContaining({ ref: sauce?.ref }));
      expect(sheet()).not.toMatch(/It contains.*fish/);
    });

    test('what no table has asks for its packet; then its salt and its allergens count', async () => {
      await openAt('pot', brisket());
      await user.type(screen.getByRole('combobox', { name: 'Put something in' }), 'aunt’s paste');
      await user.click(await screen.findByRole('option', { name: /without figures/ }));
      await settled();
      expect(items().getByText(/is what aunt’s paste contains/)).toBeTruthy();
      await write('How much aunt’s paste', '100 g');
      await tap(line('aunt’s paste').getByRole('button', { name: /^aunt’s paste/ }));
      await user.type(line('aunt’s paste').getByLabelText('Salt'), '20 %');
      await settled();
      expect(region('Salt').getByText(/what goes in brings 2\d g/)).toBeTruthy();
      await write('Fat', '90 %');
      expect(line('aunt’s paste').getByText(/That makes 110 g in 100 g/)).toBeTruthy();
      await write('Fat', '');
      await tap(line('aunt’s paste').getByLabelText('mustard'));
      expect(sheet()).toMatch(/It contains.*mustard/);
      expect(items().queryByText(/is what aunt’s paste contains/)).toBeNull();
    });

    test('wine is boiled down, an onion peeled and blended, and the figures of the pot follow', async () => {
      await openAt('pot', brisket());
      await press('Use it');
      await putIn('red wine');
      expect(items().getByText(/^Boil red wine down before/)).toBeTruthy();
      await write('How much red wine', '600 ml');
      await tap(line('red wine').getByRole('button', { name: /^red wine/ }));
      await write('Boiled down to', '200 ml');
      expect(line('red wine').getByText('boiled down to 200 ml')).toBeTruthy();
      await write('Boiled down to', 'till a third is gone');
      await user.keyboard('{Enter}');
      await settled();
      expect(line('red wine').getByText('boiled down to 400 ml (till a third is gone)')).toBeTruthy();
      await write('Boiled down to', '200 ml');
      expect(items().queryByText(/Boil red wine down/)).toBeNull();

      await write('How much onion', '1 kg');
      await tap(line('onion').getByRole('button', { name: /^onion/ }));
      await choose('Before it goes in', 'peeled');
      await tap(line('onion').getByLabelText('as bought'));
      await choose('And then', 'puréed');
      expect(line('onion').getByText('as bought, peeled, blended')).toBeTruthy();
      expect((await batch()).items).toContainEqual(
        expect.objectContaining({
          ref: 'onion',
          prep: 'peeled',
          fate: 'puréed',
          asBought: expect.objectContaining({ lo: 1000 }),
        }),
      );
    });

    test('what is not there has something in its place, by weight, in a tap and back', async () => {
      await openAt('pot', brisket());
      await putIn('300 ml red wine');
      await tap(line('red wine').getByRole('button', { name: /^red wine/ }));
      await tap(await screen.findByRole('button', { name: /^2\d\d g stock, low salt and \d+ g vinegar$/ }));
      expect((await batch()).items?.map(({ ref }) => ref)).toEqual([
        'onion',
        'carrot',
        'stock-low-salt',
        'vinegar',
      ]);
      await takeBack('something else for red wine');
      expect((await batch()).items?.at(-1)).toMatchObject({ ref: 'wine-red', amount: { text: '300 ml' } });
    });

    test('held back it is out of the pot; a hint is waved away for good', async () => {
      await openAt('pot', brisket());
      await putIn('garlic clove');
      await putIn('red wine');
      await tap(screen.getByRole('button', { name: /^Dismiss: Boil red wine down/ }));
      expect(items().queryByText(/Boil red wine down/)).toBeNull();
      expect((await batch()).dismissed).toHaveLength(1);
      await tap(line('red wine').getByRole('button', { name: /^red wine/ }));
      await press('hold it back');
      expect(sheet()).toMatch(/Held back .*red wine/);
      expect((await batch()).items?.at(-1)?.state).not.toBe('in');
      await press('pour it in');
      expect(line('red wine')).toBeTruthy();
    });

    test('the lid names what is not ticked yet', async () => {
      await openAt('pot', brisket());
      await tap(screen.getByLabelText('onion is in'));
      await tap(screen.getByLabelText('carrot is in'));
      await press('Put the lid on: start the clock');
      expect(screen.getByText('Not in yet: stock, low salt. Put it in, or tick it.')).toBeTruthy();
      await tap(screen.getByLabelText('stock, low salt is in'));
      expect(screen.queryByText(/^Not in yet/)).toBeNull();
    });
  });

  describe('salt', () => {
    test('by the spoon it weighs what its kind does, and goes over to a weight in a tap', async () => {
      await openAt('pot', brisket());
      await write('Salt on the meat now', '2 tbsp');
      expect(sheet()).toMatch(/“2 tbsp” of coarse dense salt is 29 g, light flakes is 17 g/);
      await press('29 g');
      expect((await batch()).salt).toMatchObject({ text: '29 g' });
      expect((await batch()).saltIn).toBeUndefined();
    });

    test('too much is refused with its figure; one press puts it right, and undo brings it back', async () => {
      await openAt('pot', brisket());
      await write('Salt on the meat now', '200 g');
      expect(
        screen.getByText(/“200 g” of salt would make the broth .* too salty to eat \(3\.0 % at most\)/),
      ).toBeTruthy();
      await press(/^Salt with \d+ g/);
      expect(screen.queryByText(/too salty to eat/)).toBeNull();
      expect((await batch()).salt).toBeUndefined();
      await takeBack('the salt');
      expect((await batch()).salt?.text).toBe('200 g');
    });

    test('the strength that is wanted moves the usual salt, and beyond what is eaten it is refused', async () => {
      await openAt('pot', brisket());
      const usual = () => screen.getByLabelText('Salt on the meat now').getAttribute('placeholder');
      const before = usual();
      await write('Salt of the finished liquid', '1 %');
      expect(usual()).not.toBe(before);
      expect((await batch()).strength).toEqual({ liquid: 0.01 });
      await write('Salt of the finished liquid', '4 %');
      await user.tab();
      expect(
        screen.getByText('“4 %” is too much: that is too salty to eat; write at most 3 %.'),
      ).toBeTruthy();
      expect((await batch()).strength).not.toHaveProperty('liquid');
    });

    test('spoons are read by their volume, and less than nothing is said', async () => {
      await openAt('pot', brisket());
      await write('Salt on the meat now', '2 tbsp');
      expect(await batch()).toMatchObject({ salt: { text: '2 tbsp' }, saltIn: 'volume' });
      await write('Salt on the meat now', '-5 g');
      await user.tab();
      expect(screen.getByText('“-5 g” must be above 0; write a weight.')).toBeTruthy();
    });
  });

  describe('the vessel', () => {
    test('too small it is said, and one press takes the one that holds it', async () => {
      await openAt('pot', brisket({}, 6));
      await choose('Vessel', '24 cm pot');
      expect(screen.getByRole('heading', { level: 1 }).textContent).toMatch(/^Too full/);
      await press(/^Use the \d+ cm pot$/);
      expect(screen.getByRole('heading', { level: 1 }).textContent).toMatch(/^It fits/);
      await takeBack('the vessel');
      expect(screen.getByRole('heading', { level: 1 }).textContent).toMatch(/^Too full/);
    });

    test('two share it, and a lot is told where to lie', async () => {
      await openAt('pot', brisket({}, 6));
      await choose('Vessel', '28 cm pot');
      await choose('Shared with', 'shared with 24 cm pot');
      expect(screen.getByRole('img', { name: /^24 cm pot in section/ })).toBeTruthy();
      await choose(/^Where Beef brisket/, 'all in the 28 cm pot');
      expect((await batch()).lots[0]?.placements).toEqual([{ vessel: 'pot-28', share: 1 }]);
      await takeBack('where a lot lies');
      expect((await batch()).lots[0]?.placements).toBeUndefined();
    });

    test('a spoon reads what was poured, and says a depth that is none', async () => {
      await openAt('pot', brisket({}, 3));
      await write('on your spoon', 'deep');
      expect(screen.getByText('“deep” is not a length; write it like 28 cm, or 11 in.')).toBeTruthy();
      await write('on your spoon', '9 cm');
      await press('write it down');
      expect((await stored()).entries.at(-1)).toMatchObject({
        measures: { what: 'sum', flow: 'pour' },
        measure: 'volume',
      });
    });
  });

  describe('before the pan', () => {
    test('a marinade takes its liquid, has its rest, is weighed, and brings its cautions', async () => {
      await openAt('pot', brisket());
      await putIn('red wine');
      await press('before the pan');
      const before = region('Before the pan');
      await tap(before.getByRole('checkbox', { name: 'marinade' }));
      await write('marinade, for', '24 h');
      await tap(line('red wine').getByRole('button', { name: /^red wine/ }));
      await press('into the marinade');
      expect(line('red wine').getByText('in the marinade')).toBeTruthy();
      await tap(before.getByLabelText('thrown away'));
      expect(sheet()).toMatch(/Boil what held raw meat before you taste it\./);
      await write('Or weigh the meat after it', '2.06 kg');
      await user.tab();
      expect((await stored()).entries.at(-1)).toMatchObject({
        measures: { flow: 'marinated' },
        value: { lo: 2060 },
      });
      await tap(before.getByRole('checkbox', { name: 'sit out' }));
      expect(sheet()).toMatch(/Two hours in all on the counter is the limit for meat/);
      expect(await batch()).toMatchObject({
        marinade: { rest: 'thrown away' },
        steps: [{ what: 'marinade', minutes: { lo: 1440 } }, { what: 'stand out' }],
      });
    });
  });

  describe('the sear', () => {
    test('is laid out pan by pan, another pan lays it out anew, and raw in needs none', async () => {
      await openAt('pot', brisket());
      const sear = region('Sear');
      expect(sear.getByText(/^\d panfuls?, \d+ min/)).toBeTruthy();
      await press('pan by pan');
      expect(
        screen.getAllByRole('img', { name: /^28 cm frying pan, turn 1: \d+ pieces? of Beef brisket/ }),
      ).toHaveLength(1);
      await choose('Sear in', '36 cm pot');
      expect(screen.getAllByRole('img', { name: /^36 cm pot, turn 1/ })).toHaveLength(1);
      await write('Fat in the pan, in all', '60 g');
      await choose('What is left of it', 'is kept');
      await tap(sear.getByLabelText('raw in'));
      expect(screen.queryByRole('img', { name: /turn 1/ })).toBeNull();
      expect((await batch()).sear).toBe(false);
    });
  });
});
