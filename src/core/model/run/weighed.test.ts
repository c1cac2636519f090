import { describe, expect, test } from '@jest/globals';
import type { Entry } from '../../meal/index.ts';
import { batchReadings, lotReadings, massOf, readingNameOf, type Weighable } from '../../ledger/index.ts';
import { batchOf, dishOf, grams, inputOf, lotOf, weighedEntry } from '../../testing/meals.ts';
import { openMeal } from '../openMeal.ts';

/** Boned and boned again, trimmed, marinated, poured, strained, skimmed: whatever can be weighed occurs in it. */
const lot = lotOf('beef-shank', 3000, { trim: 'close' });
const pot = batchOf([lot], {
  items: [
    { id: 'wine', ref: 'wine-red', state: 'in', amount: grams(500), marinade: true },
    { id: 'stock', ref: 'water', state: 'in', amount: grams(1500) },
  ],
});
const of = (entries: readonly Entry[], batch = pot) =>
  openMeal(inputOf([batch], [dishOf('taco', 12)], [...entries]));
/** What stood with the meat first is poured in part by way of the meat. */
const unmarinated = { ...pot, items: pot.items?.filter(({ id }) => id === 'stock') ?? [] };
/** What has to be weighed before there is any of it. */
const before: Partial<Record<Weighable, Entry[]>> = {
  again: [weighedEntry({ what: 'sum', flow: 'unpulled' }, 300)],
  dressed: [weighedEntry({ what: 'sum', flow: 'shred' }, 1200)],
};
/** What was weighed again is read against what it was before. */
const plausible: Partial<Record<Weighable, readonly [number, number]>> = {
  marinated: [2900, 2920],
  dressed: [1300, 1350],
};
const all: readonly Weighable[] = [...lotReadings, ...batchReadings, 'marinated', 'dressed'];

describe('a weighing', () => {
  test.each(all)('of %s moves the ledger: none is taken and not read', (flow) => {
    const earlier = before[flow] ?? [];
    const flowsOf = (g: number | undefined) =>
      JSON.stringify(
        of([
          ...earlier,
          ...(g === undefined ? [] : [weighedEntry({ what: 'sum', flow }, g, 2)]),
        ]).nominal.flows.map(({ id, amount }) => [id, massOf(amount)]),
      );
    const [without, some, more] = [undefined, ...(plausible[flow] ?? [150, 160])].map(flowsOf);
    expect(some).not.toBe(without);
    expect(more).not.toBe(some);
  });

  test.each([...lotReadings, ...batchReadings].filter((flow) => flow !== 'board'))(
    'of %s stands in the ledger as it was read',
    (flow) => {
      const meal = of([...(before[flow] ?? []), weighedEntry({ what: 'sum', flow }, 150, 2)], unmarinated);
      const standing = meal.ledger.filter(
        ({ id, weighed }) => weighed && readingNameOf(id as never) === flow,
      );
      expect(standing.length).toBeGreaterThan(0);
      expect(standing.reduce((sum, { now }) => sum + massOf(now), 0)).toBeCloseTo(150, 6);
    },
  );

  test('of the pot with all that is in it, or the depth of a spoon in it, moves the ledger', () => {
    const steam = (measure: 'mass' | 'depth', size: number) => {
      const measured: Entry = {
        ...weighedEntry({ what: 'sum', flow: 'steam' }, size, 2),
        measures: { what: 'stock', stock: 'pot', vessel: 'pot' },
        measure,
      };
      const input = inputOf([pot], [dishOf('taco', 12)], [measured]);
      const vessel = {
        id: 'pot',
        name: 'pot',
        kind: 'pot',
        shape: 'round',
        widthCm: 28,
        heightCm: 14,
        tareG: 3000,
      } as const;
      const { nominal } = openMeal({ ...input, kitchen: { ...input.kitchen, vessels: [vessel] } });
      return nominal.flows.filter(({ id }) => id === 'steam').map(({ amount }) => massOf(amount));
    };
    expect(steam('mass', 7000)).not.toEqual(steam('mass', 7100));
    expect(steam('depth', 6)).not.toEqual(steam('depth', 6.5));
  });
});
