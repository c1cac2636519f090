import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { screen, within } from '../../testing/dom.ts';
import type { Batch, Day, Meal } from '@/core/meal/index.ts';
import { batchOf, dishOf, inputOf, lotOf } from '@/core/testing/meals.ts';
import {
  choose,
  clockAt,
  closePage,
  openAt,
  openPath,
  press,
  sheet,
  stored,
  takeBack,
  tap,
  write,
} from '../../testing/openApp.tsx';

describe('clock: obeys', () => {
  /** A Saturday morning in the kitchen. */
  beforeEach(() => clockAt('2026-12-05T06:00:00Z'));
  afterEach(() => {
    closePage();
    jest.restoreAllMocks();
  });

  interface Told {
    readonly day?: Day;
    readonly meal?: Partial<Meal>;
  }
  function meal(serving: string, changes: Partial<Batch> = {}, { day, meal: more }: Told = {}) {
    const input = inputOf([batchOf([lotOf('beef-blade-roast', 2000)], changes)], [dishOf('taco', 22)]);
    return {
      ...input,
      meal: {
        ...input.meal,
        serving: { local: `2026-12-05T${serving}`, zone: 'UTC' },
        ...(day && { day }),
        ...more,
      },
    };
  }
  const lines = () =>
    within(screen.getByRole('list', { name: 'The day, in order' }))
      .getAllByRole('button')
      .map(({ textContent }) => textContent);
  const batch = async () => (await stored()).batches[0];

  describe('what is written in a field', () => {
    test('times of day stand in the kitchen’s own form, everywhere', async () => {
      await openAt('clock', meal('18:00'));
      expect(sheet()).toMatch(/06:30 to 22:30/);
      const here = location.pathname;
      closePage();
      await openPath('/kitchen');
      await tap(screen.getByLabelText('6 pm'));
      closePage();
      await openPath(here);
      expect(sheet()).toMatch(/6:30 am to 10:30 pm/);
      expect(screen.getByRole<HTMLInputElement>('textbox', { name: 'Served' }).value).toBe('Sat 5 Dec, 6 pm');
      await write('Served', '19:15');
      screen.getByRole<HTMLInputElement>('textbox', { name: 'Served' }).blur();
      expect((await stored()).meal.serving?.local).toBe('2026-12-05T19:15');
      expect(sheet()).not.toMatch(/\d\d:\d\d(?! (am|pm))/);
    });

    test('what is painted on is done so at its moment, not stirred in', async () => {
      const items = [
        { id: 'stock', ref: 'stock-low-salt', state: 'in' as const },
        { id: 'paste', ref: 'tomato-paste', amount: { text: '60 g', lo: 60, hi: 60 }, state: 'in' as const },
      ];
      await openAt('pot', meal('18:00', { items }));
      await press(/^tomato paste/);
      await tap(screen.getByLabelText('painted on'));
      expect((await stored()).batches[0]?.items?.[1]?.onto).toBe('painted on');
      closePage();
      await openPath(location.pathname.replace(/pot$/, 'clock'));
      expect(lines()).toContainEqual(expect.stringMatching(/Paint on: tomato paste/));
    });
  });

  describe('the phases of a cook', () => {
    const field = (name: string) => screen.getByRole<HTMLInputElement>('textbox', { name }).value;

    test('last minutes and then a time: each stays in the phase that its field names', async () => {
      await openAt('clock', meal('18:00'));
      await press('heat and lid');
      await press('+ the last minutes with the lid ajar');
      await write('Braise for, if you know it', '3 h');
      expect((await batch())?.cook.map(({ lid, minutes, main }) => [lid, minutes?.lo, main])).toEqual([
        ['on', 180, true],
        ['ajar', 45, undefined],
      ]);
      await write('Last for', '30 min');
      expect([field('Braise for'), field('Last for')]).toEqual(['3 h', '30 min']);
      await choose('Braise on', 'stove');
      expect((await batch())?.cook.map(({ heat }) => heat)).toEqual(['stove', 'oven']);
    });

    test('a bare number of degrees is of the kitchen', async () => {
      await openAt('clock', meal('18:00'));
      await write('Oven at', '150');
      expect((await batch())?.cook[0]?.setting).toEqual({ text: '150', lo: 150, hi: 150 });
    });

    test('another heat keeps the vessel that was chosen', async () => {
      await openAt(
        'clock',
        meal('18:00', { cook: [{ id: 'heat', heat: 'oven', lid: 'on', vessel: 'pot-28' }] }),
      );
      await tap(screen.getByRole('radio', { name: 'stove' }));
      await tap(screen.getByRole('radio', { name: 'slow cooker, low' }));
      expect((await batch())?.cook[0]).toMatchObject({ heat: 'slow cooker', vessel: 'pot-28' });
    });

    test('turning, basting and piercing are as the cook says', async () => {
      await openAt('clock', meal('18:00'));
      await press('heat and lid');
      await tap(screen.getByRole('checkbox', { name: 'baste' }));
      await write('baste every', '30 min');
      expect((await batch())?.rounds).toEqual([{ what: 'baste', every: { text: '30 min', lo: 30, hi: 30 } }]);
      expect(lines().filter((words) => words.includes('Baste')).length).toBeGreaterThan(2);
    });
  });

  test('hours that cannot be kept are said, with what would do in one tap', async () => {
    await openAt('clock', meal('12:00', {}, { day: { from: '08:00' } }));
    expect(sheet()).toMatch(
      /The hours cannot be kept: somebody would be needed at 0[67]:\d\d\. This plan keeps them and serves at 1[234]:\d\d\./,
    );
    await press(/^Work 0[67]:\d\d to 22:30$/);
    expect(sheet()).not.toMatch(/The hours cannot be kept/);
    await takeBack('the hours');
    await press(/^Serve at 1[234]:\d\d$/);
    expect(sheet()).not.toMatch(/The hours cannot be kept/);
    expect((await stored()).meal.serving?.local).toMatch(/^2026-12-05T1[234]:/);
  });

  test('sent out: packed, out of the door in time for the road, filled there; each change moves it', async () => {
    await openAt('order', meal('18:00'));
    await tap(screen.getByRole('radio', { name: 'sent out' }));
    await write('On the road', '40 min');
    const { meal: kept, batches, entries, kitchen } = await stored();
    closePage();
    await openAt('clock', { meal: kept, batches, entries, kitchen });
    expect(sheet()).toMatch(/out of the door by 17:\d\d/);
    expect(lines().some((words) => words.includes('Fill there'))).toBe(true);
    expect(lines().some((words) => /Fill \d/.test(words))).toBe(false);
  });
});
