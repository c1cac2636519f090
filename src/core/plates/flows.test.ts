import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { keptFlows } from '../keep/index.ts';
import { amountOf, massOf, type Flow } from '../ledger/index.ts';
import { ticketsOf } from '../order/index.ts';
import { dishOf } from '../testing/meals.ts';
import type { Source } from './deal.ts';
import { plateFlows } from './flows.ts';
import { platedOf } from './platesOf.ts';
import { emptyServed, nominalServing, serve } from './serve.ts';

const meat = amountOf({ water: 0.6, protein: 0.3, fat: 0.09, salt: 0.01 });
const broth = amountOf({ water: 0.97, protein: 0.02, salt: 0.01 });
const lot = (id: string, grams: number): Source => ({ batch: 'pot', lot: id, grams, ml: 0, per: meat });
const jug = (grams: number): Source => ({ batch: 'pot', grams, ml: grams / 1.01, per: broth });

function dealt(shred: readonly Source[], liquid: readonly Source[], tacos: number, soups: number) {
  const tickets = ticketsOf([dishOf('taco', tacos), dishOf('soup', soups)], undefined);
  const served = emptyServed(tickets.length);
  const sum = (of: readonly Source[], what: 'grams' | 'ml') =>
    of.reduce((total, one) => total + one[what], 0);
  serve(tickets, sum(shred, 'grams'), sum(liquid, 'ml'), nominalServing(tickets.length), served);
  const onPlates = tickets.map((_, t) => [platedOf(served, 1, t, 0)]);
  const plated = plateFlows(
    tickets.map(({ id }) => id),
    onPlates,
    ['pot'],
    shred,
    liquid,
    new Map([['pot', 0.011]]),
  );
  const kept = keptFlows(shred, liquid, plated);
  return { ...plated, meatShare: plated.meatShares.get('pot') ?? NaN, kept, served };
}
const grams = (flows: readonly Flow[], ...ids: Flow['id'][]) =>
  flows.filter(({ id }) => ids.includes(id)).reduce((sum, { amount }) => sum + massOf(amount), 0);

describe('from the bowl and the jug to the plates and the shelf', () => {
  test('what is not on a plate is on the shelf: of each lot, and of each jug', () => {
    const weight = fc.double({ min: 1, max: 20_000, noNaN: true });
    const count = fc.integer({ min: 0, max: 120 });
    fc.assert(
      fc.property(weight, weight, weight, count, count, (a, b, ml, tacos, soups) => {
        const { flows, kept } = dealt([lot('a', a), lot('b', b)], [jug(ml)], tacos, soups);
        for (const [id, had] of [
          ['a', a],
          ['b', b],
        ] as const) {
          const own = [...flows, ...kept].filter((flow) => flow.lot === id);
          expect(grams(own, 'dressedShred') + grams(own, 'keptShred')).toBeCloseTo(had, 6);
        }
        const poured = grams(flows, 'servedLiquid', 'servedHeld') + grams(kept, 'keptLiquid');
        expect(poured).toBeCloseTo(ml, 6);
      }),
    );
  });

  test('each lot gives in proportion to what it has, so that no dish gets one lot alone', () => {
    const { flows } = dealt([lot('a', 3000), lot('b', 1000)], [jug(2000)], 20, 5);
    for (const dish of ['dish-taco', 'dish-soup']) {
      const of = (id: string) =>
        grams(
          flows.filter((flow) => flow.lot === id && flow.dish === dish),
          'servedMeat',
        );
      expect(of('a') / of('b')).toBeCloseTo(3, 9);
    }
  });

  test('nothing is taken twice: the shares never pass the whole, and are all of it when it is short', () => {
    const enough = dealt([lot('a', 9000)], [jug(9000)], 10, 2);
    expect(enough.meatShare).toBeLessThan(1);
    const short = dealt([lot('a', 500)], [jug(9000)], 100, 0);
    expect(short.meatShare).toBeLessThanOrEqual(1 + 1e-12);
    expect(short.served.plates).toBeLessThan(100);
    expect(grams(short.kept, 'keptShred')).toBeLessThan(52);
  });

  test('shred that wants salt gets it when it is dressed, and only what goes to a plate', () => {
    const plain = amountOf({ water: 0.65, protein: 0.3, fat: 0.05 });
    const { flows, kept } = dealt([{ ...lot('a', 2000), per: plain }], [jug(900)], 10, 0);
    expect(grams(flows, 'dressingSalt')).toBeGreaterThan(0);
    expect(grams(flows, 'dressingSalt')).toBeCloseTo(grams(flows, 'servedSalt'), 9);
    expect(kept.filter(({ id }) => id === 'keptShred').every(({ amount }) => amount.salt === 0)).toBe(true);
  });

  test('without an order all of it is kept', () => {
    const { flows, kept } = dealt([lot('a', 800)], [jug(600)], 0, 0);
    expect(grams(flows, 'servedMeat', 'servedLiquid')).toBe(0);
    expect(grams(kept, 'keptShred')).toBeCloseTo(800, 9);
    expect(grams(kept, 'keptLiquid')).toBeCloseTo(600, 9);
  });
});
