import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { screen, waitFor, within } from '../testing/dom.ts';
import type { Stage } from '@/core/meal/index.ts';
import {
  choose,
  clockAt,
  closePage,
  disk,
  emptyDisk,
  openPath,
  press,
  settled,
  sheet,
  tap,
  user,
  write,
} from '../testing/openApp.tsx';

/** Five invented dinners, from an empty page to the lid: each within thirty acts a pot, an act being one undo step. */
const MOST = 30;

describe('shell: dinners', () => {
  beforeEach(async () => {
    clockAt('2026-12-04T09:00:00Z');
    await emptyDisk();
  });
  afterEach(() => {
    closePage();
    jest.restoreAllMocks();
  });

  async function station(stage: Stage): Promise<void> {
    const strands = within(screen.getByRole('navigation', { name: /^The strands/ }));
    await tap(strands.getByRole('link', { name: new RegExp(`^${stage}`) }));
    // The first of each sheet is fetched as it is gone to.
    await waitFor(() => expect(document.querySelector(`main.of-${stage} h1`)).toBeTruthy());
  }
  async function putIn(line: string): Promise<void> {
    await user.type(screen.getByRole('combobox', { name: 'Put something in' }), line);
    await settled();
    await within(screen.getByRole('listbox', { name: 'What it may be' })).findAllByRole('option');
    await user.keyboard('{Enter}');
    await settled();
  }
  async function recipe(lines: readonly string[]): Promise<void> {
    await press('a recipe in or out');
    const box = await screen.findByLabelText('Paste its lines, or its JSON-LD');
    await user.click(box);
    await user.paste(lines.join('\n'));
    await press('Read it');
    await press('Put it in');
  }
  async function serveAt(when: string): Promise<void> {
    await write('Served at', when);
    await user.keyboard('{Enter}');
    await settled();
  }
  async function bought(weight: string, cut: string): Promise<void> {
    await write('Weight', weight);
    await choose('Cut', cut);
  }
  /** The lid goes on, and so many acts were needed for it. */
  async function lidOn(pots = 1): Promise<void> {
    await station('pot');
    await press('Put the lid on: start the clock');
    expect(sheet()).toContain('Lid on');
    const acts = await disk.acts.filter(({ undone }) => undone === 0).count();
    expect(acts).toBeLessThanOrEqual(MOST * pots);
  }
  const lines = () =>
    within(screen.getByRole('list', { name: 'The day, in order' }))
      .getAllByRole('button')
      .map(({ textContent }) => textContent)
      .join('\n');

  describe('a dinner from the order to the lid', () => {
    test('pasta for eight, cooked the day before and chilled', async () => {
      await openPath('/');
      await bought('2.6 kg', 'Beef shank, cross-cut, bone in');
      await station('order');
      await choose('Dish', 'plates of pasta');
      await write('Plates', '8');
      await serveAt('Sat 19:00');
      await station('pot');
      await recipe([
        '½ bottle red wine',
        '2 onions',
        '2 carrots',
        '1 tin tomatoes',
        '3 bay leaves',
        '1 l water',
      ]);
      await station('clock');
      await press('crew and timing');
      await tap(screen.getByRole('checkbox', { name: /the day before, chilled overnight$/ }));
      expect(lines()).toMatch(/Chills overnight[^]*Lift off the fat[^]*reheat to 74 °C/);
      await lidOn();
    });

    test('a caterer’s tacos: two lots, three cooks, sent out hot for a hundred and twenty', async () => {
      await openPath('/');
      await bought('11 kg', 'Beef brisket, whole');
      await write(/^How many soft tacos/, '120');
      await station('order');
      await serveAt('Sat 18:30');
      await tap(screen.getByRole('radio', { name: 'sent out' }));
      await write('On the road', '40');
      expect(sheet()).toContain('“40” has no unit');
      await press('40 min');
      await station('pot');
      await press('Use it');
      await putIn('20 g cumin seed');
      await station('clock');
      await press('crew and timing');
      await choose('Cooks', '3');
      expect(sheet()).toMatch(/out of the door by 1[67]:\d\d/);
      expect(lines()).toMatch(/Pack it all[^]*On the road[^]*Fill there: 120 × soft tacos/);
      await lidOn();
    });

    test('smoked first, then braised under foil', async () => {
      await openPath('/');
      await bought('3 kg', 'Beef brisket, whole');
      await write(/^How many soft tacos/, '30');
      await station('order');
      await serveAt('Sat 18:00');
      await station('pot');
      await putIn('500 ml beer');
      await station('clock');
      await tap(screen.getByRole('checkbox', { name: 'smoked first' }));
      await write('Smoked for', '3 h');
      await write('Smoked at', '120');
      await choose('Its lid', 'is foil over parchment');
      expect(lines()).toMatch(/Light the fire[^]*Meat into the smoke[^]*Tend the fire/);
      await lidOn();
    });

    test('in the slow cooker for as many hours as are written', async () => {
      await openPath('/');
      await bought('2 kg', 'Beef blade roast, bone in');
      await write(/^How many soft tacos/, '20');
      await station('order');
      await serveAt('Sat 18:00');
      await station('pot');
      await press('Use it');
      await write('How much stock, low salt', '300 ml');
      await station('clock');
      await tap(screen.getByRole('radio', { name: 'slow cooker, low' }));
      await write('Time, if you know it', '8 h');
      expect(sheet()).toMatch(/After 8 h.{0,3}, as you wrote, all is tender \d+ in 100/);
      await lidOn();
    });

    test('mixed lots: ribs and shank, marinated, browned as the cook does it', async () => {
      await openPath('/');
      await bought('1.5 kg', 'Beef short ribs, bone in');
      await press('Add a lot');
      const [, second] = screen.getAllByLabelText('Weight');
      if (!second) throw new Error('no second lot');
      await user.type(second, '2 kg');
      const [, cut] = screen.getAllByLabelText('Cut');
      if (!cut) throw new Error('no second cut');
      await user.click(cut);
      await user.paste('Beef shank, cross-cut, bone in');
      await settled();
      await write(/^How many soft tacos/, '24');
      await station('order');
      await serveAt('Sun 13:00');
      await station('pot');
      await putIn('400 ml red wine');
      await tap(screen.getByRole('button', { name: /^red wine/ }));
      await press('into the marinade');
      await press('pan by pan');
      await write('Pieces in a pan', '4');
      await station('clock');
      expect(lines()).toMatch(/Into the marinade[^]*Marinates in the fridge[^]*Lift out, pat dry[^]*Sear/);
      await lidOn();
    });
  });
});
