import { expect, test } from '@jest/globals';
import { loadSolver } from '../../../../scripts/solver.ts';
import { momentOf, wallTimeOf } from '../../clock/index.ts';
import { withSplit } from '../../event/index.ts';
import { usualKitchen } from '../../meal/index.ts';
import { openMeal } from '../../model/index.ts';
import { batchOf, dishOf, inputOf, lotOf } from '../../testing/meals.ts';
import { deal } from './deal.ts';
import { dayOf } from './day/day.ts';

const solver = await loadSolver();
const zone = 'Europe/Amsterdam';
const at = (local: string) => momentOf({ local, zone }) ?? NaN;
const now = at('2026-12-02T09:00');

/** 24 kg of brisket for a Saturday evening, in pots of 36 cm and ovens for three. */
function opened(served = '18:00') {
  const batch = {
    ...batchOf([lotOf('beef-brisket', 24_000)]),
    id: 'pot',
    name: 'Brisket',
    cook: [
      {
        id: 'heat',
        heat: 'oven' as const,
        setting: { text: '150 °C', lo: 150, hi: 150 },
        lid: 'on' as const,
      },
    ],
  };
  const input = inputOf([batch], [{ ...dishOf('taco', 200), from: ['pot'] }]);
  const vessels = [0, 1, 2].map((i) => ({
    id: `pot ${i}`,
    name: `pot ${i}`,
    kind: 'pot' as const,
    shape: 'round' as const,
    widthCm: 36,
    heightCm: 24,
  }));
  const oven = { id: 'oven', name: 'oven', kind: 'oven' as const, widthCm: 120, heightCm: 40 };
  const burners = [0, 1, 2].map((i) => ({ id: `burner ${i}`, name: `burner ${i}`, kind: 'burner' as const }));
  const kitchen = {
    ...usualKitchen,
    vessels: [...usualKitchen.vessels.filter(({ kind }) => kind !== 'pot'), ...vessels],
    heatSources: [oven, ...burners],
    fridges: [{ id: 'cold', name: 'cold', kind: 'fridge' as const, shelves: 12 }],
  };
  const serving = { local: `2026-12-05T${served}`, zone };
  return openMeal({
    ...input,
    kitchen,
    meal: { ...input.meal, batches: ['pot'], serving, day: { hands: 2 } },
  });
}

test('home by an hour: the day that is planned with the deal keeps it on every day but the one on which guests eat', () => {
  const meal = opened();
  const ask = { batches: ['pot'], wish: 'early', days: 2 } as const;
  const by = '17:00';
  const found = deal(meal, { ...ask, home: by, now, zone }, solver);
  if (!found) throw new Error('not dealt');
  expect(found.pots.every(({ day }) => day === 1)).toBe(true);
  expect(found).toMatchObject({ home: by, day: { unplaced: 0, late: undefined, inTime: true } });
  // Taken, the plan has nobody at work after it before the day, and on the day until the plates are filled.
  const { input } = meal;
  const taken = withSplit(input.meal, input.batches, found, () => crypto.randomUUID());
  const dayWith = (home: string | undefined) =>
    dayOf(
      openMeal({
        ...input,
        ...taken,
        meal: { ...taken.meal, day: { hands: 2, ...(home !== undefined && { home }) } },
      }),
      { now, tries: 0, zone },
    );
  const lastOf = (home: string | undefined) => {
    const ends = dayWith(home)
      .lines.filter(({ hands }) => hands > 0)
      .map(({ to }) => wallTimeOf(to, zone).local);
    const onDay = (is: boolean) => ends.filter((one) => one.startsWith('2026-12-05') === is);
    return {
      before: onDay(false)
        .map((one) => one.slice(11))
        .sort()
        .at(-1),
      day: onDay(true).sort().at(-1)?.slice(11),
    };
  };
  expect(lastOf(by).before).toMatch(/^(0\d|1[0-6]|17:0[0-5])/);
  expect((lastOf(by).day ?? '') > '17:05').toBe(true);
  // Without the wish somebody is at it later than that.
  expect((lastOf(undefined).before ?? '') > '17:05').toBe(true);
});

test('an hour that no plan can keep is told to be none', () => {
  const found = deal(
    opened('12:00'),
    { batches: ['pot'], wish: 'early', days: 2, home: '06:40', now, zone },
    solver,
  );
  expect(found?.day).not.toMatchObject({ unplaced: 0, late: undefined, inTime: true });
});

test('room in the oven is not yet a day: what would be held hot over night is cooked the day before, and chilled', () => {
  const ask = { batches: ['pot'], wish: 'fewest', home: '17:00', now, zone } as const;
  const good = { unplaced: 0, late: undefined, inTime: true };
  const found = deal(opened('12:00'), { ...ask, days: 2 }, solver);
  expect(found?.day).toMatchObject(good);
  expect(found?.pots.some(({ day }) => day > 0)).toBe(true);
  // With the day alone some of it is told to have no place.
  const alone = deal(opened('12:00'), { ...ask, days: 1 }, solver);
  expect(alone?.pots.every(({ day }) => day === 0)).toBe(true);
  expect(alone?.day).not.toMatchObject(good);
});
