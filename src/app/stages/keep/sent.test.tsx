import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { screen, waitFor } from '../../testing/dom.ts';
import type { PackedPlace } from '@/core/answers/index.ts';
import { writeMass, writeVolume } from '@/core/quantity/index.ts';
import { batchOf, dishOf, inputOf, lotOf } from '@/core/testing/meals.ts';
import {
  clockAt,
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
import { packingLines, parcelLabels } from './packed.ts';

describe('keep: sent', () => {
  afterEach(() => {
    closePage();
    jest.restoreAllMocks();
  });

  const meal = () =>
    inputOf([batchOf([lotOf('beef-brisket', 2000)])], [dishOf('taco', 10), dishOf('soup', 4)]);

  describe('sent out', () => {
    test('a place gets its dishes, its hour in the kitchen’s own form and a label a box, and drops again', async () => {
      await openAt('keep', meal());
      await press('sent out');
      await press('Another place');
      await write('to', 'the boat shed');
      const [tacos] = screen.getAllByLabelText('soft tacos');
      if (!tacos) throw new Error('no dish to send');
      await user.type(tacos, '6{Enter}');
      await user.type(screen.getByLabelText('out by'), '5 pm{Enter}');
      await settled();
      await tap(screen.getByLabelText('cold'));
      expect((await stored()).meal.parcels).toMatchObject([
        { place: 'the boat shed', cold: true, out: '17:00', dishes: [{ dish: 'dish-taco', count: 6 }] },
      ]);
      expect(screen.getByLabelText<HTMLInputElement>('out by').value).toBe('17:00');
      await press('print a label');
      const label = /^The first sheet: Soft tacos, 6 servings, .*, out of the door by 17:00/i;
      await waitFor(() => expect(screen.getByRole('img', { name: label })).toBeTruthy());
      await press('remove it');
      expect((await stored()).meal.parcels).toEqual([]);
      await takeBack('dropping a place');
      expect((await stored()).meal.parcels).toHaveLength(1);
    });
  });

  describe('what is packed, in words', () => {
    const said = {
      mass: (grams: number) =>
        Object.values(writeMass(grams, { system: 'metric', degrees: 'C' }))
          .slice(0, 2)
          .join(' '),
      volume: (ml: number) =>
        Object.values(writeVolume(ml, { system: 'metric', degrees: 'C' }))
          .slice(0, 2)
          .join(' '),
      timeOfDay: (time: string) => time,
    } as Parameters<typeof packingLines>[1];
    const dish = {
      dish: 'd',
      name: 'bowls of soup',
      count: 4,
      meatG: 60,
      liquidMl: 250,
      allG: 240,
      allMl: 1000,
      scoop: undefined,
      holds: ['beef'],
      notKnown: ['chilli paste'],
    } as const;
    const parcel = { id: 'p', place: 'next door', dishes: [{ dish: 'd', count: 4 }] };
    const places = (apart: boolean): readonly PackedPlace[] => [
      { parcel: undefined, dishes: [dish] },
      { parcel: { ...parcel, ...(apart && { apart: true as const }) }, dishes: [dish] },
    ];

    test('here by the plate, away by the box: together, or meat and sauce apart', () => {
      const [here, away] = packingLines(places(false), said);
      expect(here?.lines).toEqual([
        { what: 'bowls of soup', count: '4 ×', amount: '60 g + 250 ml', how: '240 g in all' },
      ]);
      expect(away?.lines).toEqual([
        { what: 'bowls of soup', count: '4 ×', amount: '240 g + 1.0 l', how: 'hot' },
      ]);
      const apart = packingLines(places(true), said)[1];
      expect(apart?.lines.map(({ what, amount }) => [what, amount])).toEqual([
        ['bowls of soup: meat', '240 g'],
        ['bowls of soup: liquid', '1.0 l'],
      ]);
    });

    test('a label a box that leaves the house, with its caution and what it holds; none for what stays', () => {
      expect(parcelLabels(places(true), said)).toHaveLength(2);
      const [label] = parcelLabels(places(false), said);
      expect(label).toMatchObject({ title: 'bowls of soup, 4 servings', made: 'to next door' });
      expect(label?.more).toBe('beef · not known: chilli paste · keep at 57 °C or above');
    });
  });

  describe('held hot', () => {
    test('a reading below the limit starts the clock, and only one heated through stops it', async () => {
      clockAt('2026-11-03T18:00:00Z');
      await openAt('keep', meal());
      const read = async (text: string) => {
        await user.type(screen.getByLabelText('Read in the middle'), `${text}{Enter}`);
        await settled();
      };
      await read('62 °C');
      expect(sheet()).toMatch(/62 °C at \d\d:00: hot enough/);
      clockAt('2026-11-03T18:10:00Z');
      await read('51 °C');
      expect(sheet()).toMatch(
        /Below 57 °C since \d\d:10: heat it right through to 74 °C by \d\d:10, or throw it away/,
      );
      clockAt('2026-11-03T19:00:00Z');
      await read('60 °C');
      expect(sheet()).toMatch(/Below 57 °C since/);
      clockAt('2026-11-03T19:10:00Z');
      await read('75 °C');
      expect(sheet()).toMatch(/75 °C at \d\d:10: heated through/);
      expect((await stored()).entries).toHaveLength(4);
    });
  });
});
