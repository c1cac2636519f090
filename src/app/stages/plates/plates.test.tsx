import { afterEach, describe, expect, test } from '@jest/globals';
import { fireEvent, screen, waitFor } from '../../testing/dom.ts';
import { batchOf, dishOf, inputOf, lotOf } from '@/core/testing/meals.ts';
import { db } from '../../browser/db.ts';
import {
  choose,
  closePage,
  openAt,
  openPath,
  press,
  settled,
  sheet,
  stored,
  takeBack,
  tap,
  user,
  write,
} from '../../testing/openApp.tsx';

describe('plates: plates', () => {
  afterEach(closePage);

  const meal = (plates: number) =>
    inputOf(
      [
        batchOf([lotOf('beef-brisket', 2000)], {
          cook: [{ id: 'heat2', heat: 'slow cooker', setting: 'low', lid: 'on' }],
        }),
      ],
      [dishOf('taco', plates), dishOf('pasta', 4)],
    );

  describe('what each plate gets', () => {
    test('each dish has its meat and its liquid, and how sure all of them are', async () => {
      await openAt('plates', meal(8));
      const dishes = screen.getAllByRole('heading', { level: 2 }).map(({ textContent }) => textContent);
      expect(dishes).toEqual(expect.arrayContaining(['8 soft tacos', '4 plates of pasta']));
      expect(sheet()).toMatch(/52 geach/);
      expect(sheet()).toMatch(/Sure of all 12 plates/);
    });

    test('what goes out is booked as it is shown, and the plates, the rest and the boxes agree to the last', async () => {
      await openAt('plates', meal(8));
      const over = (text: string) => Number(/([\d.]+) (?:g|kg) (?:left over|was left)/.exec(text)?.[1]);
      const title = () => screen.getByRole('heading', { level: 1 }).textContent;
      await waitFor(() => expect(over(title())).toBeGreaterThan(0));
      const before = over(title());
      // One figure of what is over, above and below.
      expect(over(sheet().slice(title().length))).toBe(before);
      await press('8 out');
      const [entry] = (await stored()).entries;
      const eachG =
        entry?.measures.what === 'served' ? entry.measures.on?.reduce((g, one) => g + one.g, 0) : 0;
      expect(eachG).toBeCloseTo(52, 6);
      await waitFor(() => expect(sheet()).toMatch(/8 out/));
      // What was promised to be over is over still.
      expect(over(title())).toBe(before);
      await press('4 out');
      await waitFor(() => expect(title()).toMatch(/^Everything has gone out/));
      expect(over(title())).toBe(before);
      expect(sheet()).not.toMatch(/Sure of/);
      const [, back] = screen.getAllByRole('button', { name: 'one came back' });
      if (!back) throw new Error('nothing can come back');
      await tap(back);
      await waitFor(() => expect(title()).toMatch(/nough for all/));
      await press('One out');
      await waitFor(() => expect(title()).toMatch(/^Everything has gone out/));
      await tap(screen.getByRole('link', { name: /^keep/ }));
      const boxed = await screen.findByText(/, shredded$/);
      const said = boxed.closest('li')?.textContent ?? '';
      const grams = Number(/^([\d.]+) g/.exec(said)?.[1]);
      // The headline is rounded as far as it is sure.
      expect(Math.abs(grams - before)).toBeLessThan(26);
    });

    test('what is for another day goes to no plate: it is boxed whole, and said where it is missing', async () => {
      await openAt('keep', meal(8));
      const grams = (text: string) => {
        const [, value = '', unit = ''] = /([\d.]+) (g|kg)/.exec(text) ?? [];
        return Number(value) * (unit === 'kg' ? 1000 : 1);
      };
      const boxed = async () =>
        grams((await screen.findByText(/, shredded$/)).closest('li')?.textContent ?? '');
      const over = await boxed();
      await user.selectOptions(screen.getByLabelText('For another day'), 'all of it');
      await waitFor(async () => expect(await boxed()).toBeGreaterThan(over + 8 * 52));
      await tap(screen.getByRole('link', { name: /^plates/ }));
      await waitFor(() => expect(screen.getByRole('heading', { level: 1 }).textContent).toMatch(/short$/));
      expect(sheet()).toMatch(/Pot: all of it is for another day/);
      await takeBack('what is for another day');
      await waitFor(() =>
        expect(screen.getByRole('heading', { level: 1 }).textContent).toMatch(/nough for all/),
      );
      expect((await stored()).batches[0]?.later).toBeUndefined();
    });

    test('the last plate is pulled by key, and the order has one less', async () => {
      await openAt('plates', meal(8));
      const last = screen.getByRole('slider', { name: 'The last plate: plates of pasta' });
      fireEvent.keyDown(last, { key: 'ArrowLeft' });
      await settled();
      expect((await stored()).meal.dishes).toMatchObject([{}, { count: { lo: 3 } }]);
    });

    test('what each dish contains and from what, and what to serve whom; a caution that was read folds and stays so', async () => {
      const avoiding = meal(8);
      await openAt('plates', {
        ...avoiding,
        meal: { ...avoiding.meal, avoid: ['milk'], avoidFor: { milk: 2 } },
      });
      const guests = screen.getByRole('list', { name: 'Guests who must not have something' });
      expect(guests.textContent).toBe(
        '2 guests must not have milk. Not for them: plates of pasta (hard cheese). They can have soft tacos.',
      );
      await press('what they contain');
      const contains = await screen.findByRole('region', { name: 'What each dish contains' });
      expect(contains.textContent).toMatch(
        /soft tacosbeef Beef brisketgluten small wheat tortillascelery stock, low salt/,
      );
      expect(contains.textContent).toMatch(/Go by the label and your local rule/);
      await openAt('bench', meal(8));
      const knives = await screen.findByRole('button', { name: /^No knife in a full sink/ });
      await tap(knives);
      expect(screen.getByRole('button', { name: 'knives' }).getAttribute('aria-expanded')).toBe('false');
      // What is about small bones never folds.
      expect(screen.queryByRole('button', { name: /^Small bones/ })).toBeNull();
      expect(sheet()).toMatch(/membrane and what a knife has left: pick twice/);
      expect((await db.house.get('read cautions'))?.id).toBe('read cautions');
    });

    test('behind “enough” stands how often it is short', async () => {
      await openAt('plates', meal(40));
      expect(sheet()).toMatch(/Sure of \d+ plates, likely \d+/);
      await press(/ in 100/);
      expect(
        await screen.findByRole('figure', { name: /^shred: short in \d+ in 100, else left over/ }),
      ).toBeTruthy();
      expect(sheet()).toMatch(/From \d+ runs of this meal\./);
    });

    test('an order without plates asks for them here', async () => {
      await openAt(
        'plates',
        inputOf(
          [
            batchOf([lotOf('beef-brisket', 2000)], {
              cook: [{ id: 'heat', heat: 'slow cooker', setting: 'low', lid: 'on' }],
            }),
          ],
          [dishOf('taco', 0, { count: { text: '' } })],
        ),
      );
      await write('How many soft tacos', '10');
      expect(sheet()).toMatch(/10 soft tacos/);
    });
  });

  describe('shared out', () => {
    test('short, the ways out say what they do; one tap takes one, and a held portion stays', async () => {
      await openAt('plates', meal(30));
      expect(screen.getByRole('heading', { level: 1 }).textContent).toMatch(/short$/);
      expect(sheet()).toMatch(/No sharing feeds more: proved\./);
      await press(/^All portions down by \d+ %/);
      expect((await stored()).meal.dishes[0]?.locked?.meat?.lo).toBeGreaterThan(20);
      expect(screen.getByRole('heading', { level: 1 }).textContent).toMatch(/nough for all/);
      await press('soft tacos: let go of the portion');
      expect((await stored()).meal.dishes[0]?.locked?.meat).toBeUndefined();
    });

    test('a portion is pulled by key and held; what has gone out is off what there is', async () => {
      await openAt('plates', meal(8));
      fireEvent.keyDown(screen.getByRole('slider', { name: 'Portion: soft tacos' }), { key: 'ArrowUp' });
      await settled();
      expect((await stored()).meal.dishes[0]?.locked?.meat?.lo).toBe(57);
      const [one] = screen.getAllByRole('button', { name: 'One out' });
      if (!one) throw new Error('nothing to serve');
      await tap(one);
      expect(sheet()).toMatch(/7 soft tacos/);
      expect((await stored()).entries).toMatchObject([{ measures: { what: 'served', dish: 'dish-taco' } }]);
      await press('one came back');
      expect(sheet()).toMatch(/8 soft tacos/);
    });

    test('weighed out by hand each plate is an entry, the last can be done again, and drift has its remedy', async () => {
      await openAt('plates', meal(8));
      closePage();
      await openPath('/meals/meal/weigh-out/dish-taco');
      await press('type the weights');
      for (const [n, grams] of [
        [1, '55 g'],
        [2, '56 g'],
      ] as const) {
        await user.type(screen.getByLabelText(`Plate ${String(n)}, by weight`), `${grams}{Enter}`);
        await settled();
      }
      expect(sheet()).toMatch(/Soft tacos: 3 of 8/i);
      expect(sheet()).toMatch(/[67] % heavy/);
      await press(/2, again/);
      expect(sheet()).toMatch(/Soft tacos: 2 of 8/i);
    });
  });

  describe('what is left', () => {
    test('cools in a pan that keeps neither limit until it is split', async () => {
      await openAt('keep', meal(2));
      await choose('in', 'the 20 cm pot');
      await choose('how', 'on the counter');
      await press('Start at 57 °C');
      expect(sheet()).toMatch(/As it stands it is not at 21 °C within a day, and 2 h 00 is the limit/);
      await write('What a thermometer says', '56 °C');
      await user.keyboard('{Enter}');
      await settled();
      expect((await stored()).entries).toMatchObject([
        { measures: { what: 'temperature' }, value: { lo: 56 }, measure: 'temperature' },
      ]);
      await press('Split it');
      expect((await stored()).batches[0]?.cools?.[0]?.split?.pans).toBeGreaterThan(0);
    });

    test('goes to the shelf in a tap, is labelled, and is thrown away there with its name', async () => {
      await openAt('keep', meal(2));
      const [put] = screen.getAllByRole('button', { name: 'Put it there' });
      if (!put) throw new Error('nothing is left');
      await tap(put);
      expect(sheet()).toContain('on the shelf');
      await press('print a label');
      expect(screen.getByRole('img', { name: /^The first sheet: Beef brisket/ })).toBeTruthy();
      closePage();
      await openPath('/shelf');
      expect(screen.getByRole('heading', { level: 1 }).textContent).toMatch(
        /^Beef brisket, shredded: 4 days left/,
      );
      await press('Freeze it');
      expect(screen.getByRole('heading', { level: 1 }).textContent).toMatch(/^Frozen: beef brisket/);
      await press('throw it away');
      expect(screen.getByRole('heading', { level: 1 }).textContent).toBe('Nothing is on the shelf');
      await takeBack('beef brisket, shredded, thrown away');
      expect(screen.getByRole('heading', { level: 1 }).textContent).toMatch(/^Frozen/);
    });

    test('is named for this pot, with the caution of the fridge', async () => {
      await openAt('keep', meal(8));
      expect(screen.getByRole('heading', { level: 1 }).textContent).toBe('Cool it fast, then box it');
      expect(sheet()).toMatch(/beef brisket, shredded/);
      expect(sheet()).toMatch(/From 57 to 21 °C within two hours and to 5 °C within six in all/);
    });
  });
});
