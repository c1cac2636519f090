import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { loadSolver } from '../../../../scripts/solver.ts';
import { openMeal } from '../../model/index.ts';
import { usualKitchen } from '../../meal/index.ts';
import { batchOf, dishOf, inputOf, lotOf, weighedEntry } from '../../testing/meals.ts';
import { runs } from '../../testing/runs.ts';
import { mayBeDealt, split, splitWishes, withSplit } from '../index.ts';

const solver = await loadSolver();
const sum = (all: readonly number[]) => all.reduce((total, one) => total + one, 0);
const pots = (n: number) =>
  Array.from({ length: n }, (_, i) => ({
    id: `pot ${i}`,
    name: `pot ${i}`,
    kind: 'pot' as const,
    shape: 'round' as const,
    widthCm: 36,
    heightCm: 24,
  }));
const kitchenOf = (n: number, ovens: number) => ({
  ...usualKitchen,
  vessels: pots(n),
  heatSources: Array.from({ length: ovens }, (_, i) => ({
    id: `oven ${i}`,
    name: `oven ${i}`,
    kind: 'oven' as const,
    widthCm: 80,
  })),
  fridges: [{ id: 'cold', name: 'cold', kind: 'fridge' as const, shelves: 40 }],
});
const mealOf = (g: number, n: number, ovens: number, count?: number) => {
  const lot = lotOf('beef-shank', g, { id: 'lot', ...(count !== undefined && { pieces: { count } }) });
  const batch = {
    ...batchOf([lot]),
    id: 'pot',
    cook: [
      {
        id: 'heat',
        heat: 'oven' as const,
        setting: { text: '160 °C', lo: 160, hi: 160 },
        lid: 'on' as const,
      },
    ],
  };
  const input = inputOf([batch], [{ ...dishOf('taco', 40), from: ['pot'] }]);
  return openMeal({ ...input, meal: { ...input.meal, batches: ['pot'] }, kitchen: kitchenOf(n, ovens) });
};

test('nothing is lost or made: what is dealt and what lies outside is what there was, no vessel twice a day, none beyond what it takes', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 2000, max: 90_000 }),
      fc.integer({ min: 1, max: 5 }),
      fc.integer({ min: 1, max: 2 }),
      fc.constantFrom(...splitWishes),
      fc.integer({ min: 1, max: 3 }),
      (g, n, ovens, wish, days) => {
        const opened = mealOf(g, n, ovens);
        const found = split(opened, { batches: ['pot'], wish, days }, solver);
        if (!found) throw new Error('not dealt');
        expect(sum(found.pots.map((pot) => pot.g)) + found.outsideG).toBeCloseTo(g, 0);
        const places = found.pots.map(({ vessel, day }) => `${vessel} ${day}`);
        expect(new Set(places).size).toBe(places.length);
        for (const pot of found.pots) {
          expect(pot.g).toBeLessThanOrEqual(pot.mostG + 1);
          expect(pot.day).toBeLessThan(days);
        }
        // Two such pots stand in an oven of 80 cm.
        for (const day of [0, 1, 2])
          expect(found.pots.filter((pot) => pot.day === day).length).toBeLessThanOrEqual(2 * ovens);
        if (found.outsideG > 500) expect(found.pots.length).toBeGreaterThan(0);
        const { meal, batches } = withSplit(opened.input.meal, opened.input.batches, found, () =>
          crypto.randomUUID(),
        );
        const weighed = batches.flatMap(({ lots }) => lots.map(({ weight }) => weight.lo ?? 0));
        expect(Math.abs(sum(weighed) - g)).toBeLessThan(6);
        expect(meal.dishes[0]?.from).toEqual(batches.map(({ id }) => id));
        // What has its place is filled no higher than is wise, by the meal's own rule.
        if (found.outsideG < 1)
          expect(
            openMeal({ ...opened.input, meal, batches }).planned.flatMap(({ vessels }) =>
              vessels.filter(({ vessel, standsCm }) => standsCm > 0.82 * vessel.heightCm),
            ),
          ).toEqual([]);
      },
    ),
    { numRuns: runs(200, 8) },
  );
});

test('what the cook keeps stands, the rest follows; what has no place has ways out that were dealt', () => {
  const opened = mealOf(30_000, 5, 3);
  const ask = { batches: ['pot'], wish: 'fewest', days: 1 } as const;
  const [first] = split(opened, ask, solver)?.pots ?? [];
  if (!first) throw new Error('not dealt');
  const locked = [
    { batch: 'pot', vessel: first.vessel, day: 0, g: 3000 },
    { batch: 'pot', vessel: 'pot 4', day: 0, g: 0 },
  ];
  const kept = split(opened, { ...ask, locked }, solver);
  expect(kept?.pots.find(({ vessel }) => vessel === first.vessel)?.g).toBeCloseTo(3000, -1);
  expect(kept?.pots.some(({ vessel }) => vessel === 'pot 4')).toBe(false);
  expect(sum(kept?.pots.map(({ g }) => g) ?? []) + (kept?.outsideG ?? 0)).toBeCloseTo(30_000, 0);
  // More than there is cannot be kept.
  const [a, b] = ['pot 0', 'pot 1'].map((vessel) => ({
    batch: 'pot',
    vessel,
    day: 0,
    g: 20_000,
  }));
  const less = split(mealOf(3000, 5, 3), { ...ask, locked: [a, b].flatMap((one) => one ?? []) }, solver);
  expect(less).toBeUndefined();

  const full = split(mealOf(60_000, 2, 1), ask, solver);
  expect(full?.outsideG).toBeGreaterThan(1000);
  const ways = new Map(full?.ways.map(({ way, outsideG }) => [way, outsideG]));
  const again = split(mealOf(60_000, 2, 1), { ...ask, days: 2 }, solver);
  expect(ways.get('another day')).toBeCloseTo(again?.outsideG ?? NaN, 0);
  expect(ways.has('two more burners')).toBe(false);
});

test('a lot without a weight yet is not lost, and takes nothing from the others', () => {
  const opened = mealOf(12_000, 5, 3);
  const { input } = opened;
  const unread = { ...lotOf('beef-brisket', 1, { id: 'unread' }), weight: { text: '' } };
  const batches = input.batches.map((batch) => ({ ...batch, lots: [unread, ...batch.lots] }));
  const found = split(openMeal({ ...input, batches }), { batches: ['pot'], wish: 'equal', days: 2 }, solver);
  if (!found) throw new Error('not dealt');
  const after = withSplit(input.meal, batches, found, () => crypto.randomUUID());
  const lots = after.batches.flatMap((batch) => batch.lots);
  expect(lots.filter(({ cut }) => cut === 'beef-brisket')).toEqual([unread]);
  expect(sum(lots.map(({ weight }) => weight.lo ?? 0))).toBeCloseTo(12_000, -1);
});

test('fewest pots are no more than equal ones; equal ones differ by little; bone-in pieces are not cut', () => {
  const opened = mealOf(30_000, 5, 3);
  const of = (wish: (typeof splitWishes)[number]) =>
    split(opened, { batches: ['pot'], wish, days: 1 }, solver);
  const [fewest, equal] = [of('fewest'), of('equal')];
  if (!fewest || !equal) throw new Error('not dealt');
  expect(fewest.outsideG + equal.outsideG).toBeLessThan(1);
  expect(fewest.pots.length).toBeLessThanOrEqual(equal.pots.length);
  const loads = equal.pots.map(({ g }) => g);
  expect(Math.max(...loads) - Math.min(...loads)).toBeLessThan(50);
  expect(fewest.proved).toBe(true);
  const pieces = split(mealOf(30_000, 5, 3, 60), { batches: ['pot'], wish: 'fewest', days: 1 }, solver);
  for (const { g } of pieces?.pots ?? []) expect(Math.abs(g / 500 - Math.round(g / 500))).toBeLessThan(1e-6);
  // Before the day, where there is room in the cold.
  expect(
    split(opened, { batches: ['pot'], wish: 'early', days: 2 }, solver)?.pots.every(({ day }) => day === 1),
  ).toBe(true);
});

test('several pots are dealt together: each has its own vessels, no vessel holds two, and the oven is shared by all', () => {
  const { input } = mealOf(24_000, 6, 2);
  const [beef] = input.batches;
  if (!beef) throw new Error('no pot');
  const lamb = {
    ...beef,
    id: 'lamb',
    lots: [lotOf('lamb-shoulder', 9000, { id: 'shanks', pieces: { count: 20 } })],
  };
  const meal = {
    ...input.meal,
    batches: ['pot', 'lamb'],
    dishes: [
      { ...dishOf('taco', 40), from: ['pot'] },
      { ...dishOf('taco', 10), id: 'both', from: ['pot', 'lamb'] },
    ],
  };
  const opened = openMeal({ ...input, meal, batches: [beef, lamb] });
  const ask = { batches: ['pot', 'lamb'], wish: 'fewest', days: 1 } as const;
  const found = split(opened, ask, solver);
  if (!found) throw new Error('not dealt');
  const of = (id: string) => found.pots.filter(({ batch }) => batch === id);
  expect(sum(of('pot').map(({ g }) => g))).toBeCloseTo(24_000, 0);
  expect(sum(of('lamb').map(({ g }) => g))).toBeCloseTo(9000, 0);
  for (const { g } of of('lamb')) expect(Math.abs(g / 450 - Math.round(g / 450))).toBeLessThan(1e-6);
  expect(new Set(found.pots.map(({ vessel }) => vessel)).size).toBe(found.pots.length);
  const after = withSplit(meal, [beef, lamb], found, () => crypto.randomUUID());
  const [first, both] = after.meal.dishes;
  expect(first?.from).toHaveLength(of('pot').length);
  expect(new Set(both?.from)).toEqual(new Set(after.meal.batches));
  expect(openMeal({ ...opened.input, ...after }).planned.every(({ vessels }) => vessels.length === 1)).toBe(
    true,
  );
  // Dealt alone, the beef leaves the lamb its vessel and its place in the oven: of four places three are left.
  const alone = split(opened, { ...ask, batches: ['pot'] }, solver);
  const lambs = opened.planned.find(({ id }) => id === 'lamb')?.vessels.map(({ vessel }) => vessel.id) ?? [];
  expect(alone?.pots.filter(({ vessel }) => lambs.includes(vessel))).toEqual([]);
  expect(alone?.pots.length).toBeLessThanOrEqual(3);
});

test('no vessel is dealt to that no oven is high enough for, and no pot that has begun', () => {
  const { input } = mealOf(30_000, 5, 3);
  const heatSources = input.kitchen.heatSources?.map((one) => ({ ...one, heightCm: 20 })) ?? [];
  const low = openMeal({
    ...input,
    kitchen: {
      ...input.kitchen,
      heatSources,
      vessels: input.kitchen.vessels.map((one, i) => (i < 2 ? { ...one, heightCm: 12 } : one)),
    },
  });
  const found = split(low, { batches: ['pot'], wish: 'equal', days: 1 }, solver);
  expect(found?.pots.map(({ vessel }) => vessel).sort()).toEqual(['pot 0', 'pot 1']);
  const weighed = weighedEntry({ what: 'flow', flow: 'board', lot: 'lot' }, 900);
  expect(mayBeDealt(input)).toEqual(['pot']);
  expect(mayBeDealt({ ...input, entries: [weighed] })).toEqual([]);
});

test('of two kitchens each has its own ovens and its own cold: what one has no room for is dealt to the other', () => {
  const { input } = mealOf(60_000, 6, 1);
  const shed = <T extends object>(one: T, i: number, from: number): T =>
    i < from ? one : { ...one, at: 'shed' };
  const kitchen = {
    ...input.kitchen,
    places: [{ id: 'shed', name: 'boat shed' }],
    // Two pots stand here, four in the shed; an oven each takes two of them.
    vessels: input.kitchen.vessels.map((one, i) => shed(one, i, 2)),
    heatSources: kitchenOf(6, 2).heatSources.map((one, i) => shed(one, i, 1)),
    fridges: [...(input.kitchen.fridges ?? [])],
  };
  const found = split(openMeal({ ...input, kitchen }), { batches: ['pot'], wish: 'equal', days: 1 }, solver);
  const here = found?.pots.filter(({ vessel }) => vessel === 'pot 0' || vessel === 'pot 1') ?? [];
  expect([here.length, (found?.pots.length ?? 0) - here.length]).toEqual([2, 2]);
  // Each is cooked where its vessel stands, wherever the pot was to be cooked before.
  const lent = input.batches.map((one) => ({ ...one, at: 'shed' }));
  const dealt = found && withSplit(input.meal, lent, found, () => crypto.randomUUID());
  expect(dealt?.batches.map(({ at }) => at)).toEqual([undefined, undefined, undefined, undefined]);
  // Where the oven of the shed is not written nothing is dealt there.
  const without = { ...kitchen, heatSources: kitchen.heatSources.slice(0, 1) };
  const less = split(
    openMeal({ ...input, kitchen: without }),
    { batches: ['pot'], wish: 'equal', days: 1 },
    solver,
  );
  expect(less?.pots.map(({ vessel }) => vessel).sort()).toEqual(['pot 0', 'pot 1']);
  // Nothing lies over night in a kitchen without a fridge.
  const before = split(openMeal({ ...input, kitchen }), { batches: ['pot'], wish: 'early', days: 2 }, solver);
  expect(before?.pots.filter(({ day, vessel }) => day > 0 && !['pot 0', 'pot 1'].includes(vessel))).toEqual(
    [],
  );
});
