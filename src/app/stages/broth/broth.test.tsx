import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { screen, waitFor, within } from '../../testing/dom.ts';
import type { Item } from '@/core/meal/index.ts';
import { isStep } from '@/core/work/index.ts';
import { batchOf, dishOf, inputOf, lotOf } from '@/core/testing/meals.ts';
import {
  clockAt,
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

describe('broth: broth', () => {
  afterEach(() => {
    jest.restoreAllMocks();
    closePage();
  });

  const shank = (changes = {}) =>
    inputOf([batchOf([lotOf('beef-shank', 2500)], changes)], [dishOf('taco', 20)]);
  const rowOf = (name: string): HTMLElement => {
    const row = screen.getByText(name).closest('li');
    if (!row) throw new Error(name);
    return row;
  };
  const title = () => screen.getByRole('heading', { level: 1 }).textContent;
  const ml = () => {
    const [, value = '', unit = ''] = /^([\d.]+) (ml|l) of/.exec(title()) ?? [];
    return Number(value) * (unit === 'l' ? 1000 : 1);
  };

  describe('what the liquid becomes', () => {
    test('strained it is a broth; with its vegetables it is a sauce, and there is more of it', async () => {
      await openAt('broth', shank());
      const broth = ml();
      expect(title()).toMatch(/of broth$/);
      await tap(screen.getByLabelText('keep the vegetables'));
      expect(title()).toMatch(/of sauce$/);
      expect(ml()).toBeGreaterThan(broth);
      expect((await stored()).batches[0]?.after.map(({ what }) => what)).not.toContain('strain');
      await takeBack('straining');
      expect(ml()).toBe(broth);
    });

    test('boiled down there is what was asked for, and the salt was cut so that it is no stronger', async () => {
      await openAt('broth', shank());
      const salt = () => Number(/([\d.]+) % now/.exec(sheet())?.[1]);
      const before = salt();
      await write('Boil the broth down to', '0.4 l');
      await user.keyboard('{Enter}');
      await waitFor(() => expect(title()).toBe('Boil the broth down to 400 ml'));
      // What was written stands, letter for letter.
      expect(screen.getByLabelText('Boil the broth down to')).toHaveProperty('value', '0.4 l');
      expect(Math.abs(salt() - before)).toBeLessThan(0.05);
      await write('Boil the broth down to', 'to a glaze');
      await user.tab();
      expect(sheet()).toMatch(/“to a glaze” is not a volume/);
      await write('Boil the broth down to', '');
      await user.tab();
      await waitFor(() => expect(title()).toMatch(/of broth$/));
    });

    test('measured, it is shown as it was typed', async () => {
      await openAt('broth', shank());
      await write('The broth, by weight or volume', '1.15 l');
      await user.keyboard('{Enter}');
      await waitFor(() => expect(title()).toBe('1.15 l of broth'));
    });

    test('a thickness is aimed at with a spoon, and each way there makes it so', async () => {
      await openAt('broth', shank());
      const spoons = within(screen.getByRole('radiogroup', { name: 'How thick it is to be' }));
      const now = () => spoons.getByRole('radio', { checked: true }).textContent;
      await tap(screen.getByRole('radio', { name: /holds a line/ }));
      await press(/^Stir in \d+ g of starch$/);
      expect(now()).toMatch(/^holds a line/);
      const { after } = (await stored()).batches[0] ?? {};
      expect(after?.find(isStep('thicken'))?.amount?.lo).toBeGreaterThan(1);
      await takeBack('thickening');
      expect(now()).not.toMatch(/^holds a line/);
      // Gelatin is no thicker hot: a clear broth is boiled down until it coats, and no further.
      await tap(screen.getByRole('radio', { name: /holds a line/ }));
      expect(screen.queryByRole('button', { name: /boil it down to/ })).toBeNull();
      closePage();
      const put = (ref: string, g: number): Item => ({
        ...{ id: ref, ref },
        state: 'in',
        measure: 'mass',
        amount: { text: `${g} g`, lo: g, hi: g },
      });
      const items = [put('tomatoes-crushed', 1200), put('water', 600)];
      const eye = batchOf([lotOf('beef-eye-of-round', 600)], { items, strain: false });
      await openAt('broth', inputOf([eye], [dishOf('pasta', 4)]));
      await tap(screen.getByRole('radio', { name: /holds a line/ }));
      await press(/boil it down to/);
      const then = screen.getByRole('radiogroup', { name: 'How thick it is to be' });
      expect(within(then).getByRole('radio', { checked: true }).textContent).toMatch(/^holds a line/);
    });

    test('a part is set apart for a dish and boiled down by itself; the rest stays as it is', async () => {
      const input = inputOf([batchOf([lotOf('beef-shank', 2500)])], [dishOf('roll', 4)]);
      await openAt('broth', input);
      const whole = ml();
      await press(/^Set \d+ ml apart as dip/);
      expect(title()).toMatch(/of dip$/);
      const part = ml();
      await tap(screen.getByRole('radio', { name: /^broth/ }));
      expect(ml() + part).toBeCloseTo(whole, -1.5);
    });

    test('what was set apart has a weighing of its own, and a box of its own on the keep sheet', async () => {
      const input = inputOf([batchOf([lotOf('beef-shank', 2500)])], [dishOf('roll', 2)]);
      await openAt('broth', input);
      await press(/^Set \d+ ml apart as dip/);
      expect(screen.queryByLabelText('Strained out')).toBeNull();
      await write('The dip, by weight or volume', '250 ml');
      await user.keyboard('{Enter}');
      await waitFor(() => expect(title()).toBe('250 ml of dip'));
      const { entries } = await stored();
      expect(entries.at(-1)).toMatchObject({
        measures: { what: 'sum', flow: 'liquid', liquid: 'dip' },
        value: { text: '250 ml' },
      });
      // The other stays unread.
      await tap(screen.getByRole('radio', { name: /^broth/ }));
      expect(screen.getByLabelText('The broth, by weight or volume')).toHaveProperty('value', '');
      closePage();
      await openPath('/meals/meal/batches/pot/keep');
      expect(screen.getByText('beef shank dip')).toBeTruthy();
      expect(screen.getByText('beef shank broth')).toBeTruthy();
      const put = screen.getAllByRole('button', { name: 'Put it there' });
      await tap(within(rowOf('beef shank dip')).getByRole('button', { name: 'Put it there' }));
      expect(screen.getAllByRole('button', { name: 'Put it there' })).toHaveLength(put.length - 1);
      expect(rowOf('beef shank dip').textContent).toContain('on the shelf');
    });

    test('marks teach how long it goes on, by jug or by the pot on the scale', async () => {
      clockAt('2026-12-05T15:02:00Z');
      const down = { text: '600 ml', lo: 600, hi: 600 };
      await openAt('broth', shank({ reduceTo: down }));
      expect(sheet()).toMatch(/at a hard boil/);
      await press('It boils: mark it');
      await write('So much is there now', '900 ml');
      await user.keyboard('{Enter}');
      await settled();
      clockAt('2026-12-05T15:12:00Z');
      await press(/^Mark it/);
      await write('So much is there now', '760 ml');
      await user.keyboard('{Enter}');
      await waitFor(() => expect(sheet()).toMatch(/by 2 marks/));
      // 14 ml a minute, 160 ml to go: about eleven minutes, a little less by what burners usually do.
      const minutes = Number(/(\d+)minutes more/.exec(sheet())?.[1]);
      expect(minutes).toBeGreaterThanOrEqual(9);
      expect(minutes).toBeLessThanOrEqual(12);
    });

    test('a spoon of it is a reading that says what it suggests, mostly nothing', async () => {
      // However slow the clock: of two spoons the later one counts.
      clockAt('2026-12-05T15:02:00Z');
      await openAt('broth', shank());
      const tastes = within(screen.getByRole('group', { name: 'What a spoon of it says' }));
      await tap(tastes.getByRole('button', { name: 'right' }));
      expect(sheet()).toContain('Nothing needed.');
      await tap(tastes.getByRole('button', { name: 'flat' }));
      expect(sheet()).toMatch(/Stir in [\d.]+ g of salt, and taste again\./);
      expect((await stored()).entries.map(({ measures }) => measures.what)).toEqual(['taste', 'taste']);
    });

    test('left unskimmed the fat stays in it', async () => {
      await openAt('broth', shank());
      expect(sheet()).toMatch(/fat skimmed off\d/);
      const broth = ml();
      await tap(screen.getByLabelText('leave it'));
      expect(ml()).toBeGreaterThanOrEqual(broth);
      expect((await stored()).batches[0]?.after.map(({ what }) => what)).not.toContain('skim');
    });

    test('a jug that was weighed or measured takes the place of the plan', async () => {
      await openAt('broth', shank());
      await write('The broth, by weight or volume', '700 ml');
      await user.keyboard('{Enter}');
      expect((await stored()).entries).toMatchObject([{ measures: { flow: 'liquid' }, measure: 'volume' }]);
      expect(ml()).toBe(700);
      await takeBack('how much broth there is');
      expect(ml()).not.toBe(700);
    });

    test('at a heat that unlikely to be tender it tender it says what it hangs on', async () => {
      const cold = { text: '50 °C', lo: 50, hi: 50 };
      await openAt('broth', shank({ cook: [{ heat: 'oven', setting: cold, lid: 'on' }] }));
      expect(title()).toBe('How much broth is not known yet');
      expect(sheet()).toContain('It depends on how long the pot cooks.');
    });
  });
});
