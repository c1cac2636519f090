import { costs, reckon } from '../../reckoning/index.ts';
import { openMeal } from '../../model/index.ts';
import { describe, expect, test } from '@jest/globals';
import { usualKitchen } from '../../meal/usual.ts';

import { batchOf, dishOf, grams, inputOf, lotOf, weighedEntry } from '../../testing/meals.ts';

import { isOpen, shoppingList } from './shoppingList.ts';
import { figureOf, moneyOf, sumOf, writeMoney } from '../../shop/money.ts';
import { perKg } from '../../shop/price.ts';
import { readPrice } from '../../shop/readPrice.ts';
import { swap } from './swap.ts';

const price = (amount: number, per: 'kg' | 'lb' | 'all' = 'kg') => ({ text: String(amount), amount, per });

describe('money', () => {
  test('is counted in coins: thirds do not vanish, and a yen has no hundredth', () => {
    expect(moneyOf(9.99, 'EUR', 1.234)).toEqual({ amount: 1233, scale: 2, currency: 'EUR' });
    expect(moneyOf(1000 / 3, 'JPY')).toEqual({ amount: 333, scale: 0, currency: 'JPY' });
    const tenths = Array.from({ length: 10 }, () => moneyOf(0.1, 'EUR'));
    expect(figureOf(sumOf(tenths, 'EUR'))).toBe(1);
    expect(writeMoney(moneyOf(12.5, 'EUR'), 'en')).toBe('€12.50');
  });

  test('a price is per kilogram, per pound or for the lot', () => {
    expect(perKg(price(10), 500)).toBe(10);
    expect(perKg(price(4.5359237, 'lb'), 500)).toBeCloseTo(10, 9);
    expect(perKg(price(6, 'all'), 1500)).toBe(4);
    expect(perKg(price(6, 'all'), 0)).toBeUndefined();
    expect(perKg(undefined, 500)).toBeUndefined();
  });

  test.each([
    ['12.90', 12.9, 'kg'],
    ['12,90 €', 12.9, 'kg'],
    ['$5.99/lb', 5.99, 'lb'],
    ['18 / all', 18, 'all'],
  ])('%s is read', (text, amount, per) => {
    expect(readPrice(text, 'kg')).toEqual({ ok: true, price: { text, amount, per } });
  });

  test.each(['dear', '-3', '1.2.3', '99999999'])('“%s” is refused with itself', (text) => {
    const reading = readPrice(text, 'kg');
    expect(reading).toMatchObject({ ok: false, error: expect.stringContaining(text) });
  });
});

describe('cost', () => {
  const lots = [
    lotOf('beef-brisket', 2000, { price: price(12) }),
    lotOf('beef-short-ribs', 1000, { price: price(11) }),
  ];
  const batch = batchOf(lots);
  const input = inputOf([batch], [dishOf('taco', 20)]);
  const reckoning = reckon(openMeal(input));
  const [pot] = reckoning.batches;
  if (!pot) throw new Error('no pot');

  test('per kg bought, per kg of shred, per serving and for the batch', () => {
    const found = costs(batch, pot, reckoning.meal, usualKitchen);
    if (!found) throw new Error('no costs');
    expect(figureOf(found.batch)).toBe(35);
    const shredKg = pot.meat.shredG.mid / 1000;
    expect(figureOf(found.perKgShred)).toBeCloseTo(35 / shredKg, 2);
    expect(figureOf(found.servings[0]?.cost ?? moneyOf(0, 'EUR'))).toBeCloseTo((0.052 * 35) / shredKg, 2);
    expect(found.credit).toBeNull();
    expect(found.unpriced).toBe(0);
  });

  test('at the price where they are even, a kilogram of shred costs the same of both', () => {
    const [even] = costs(batch, pot, reckoning.meal, usualKitchen)?.evens ?? [];
    expect(even?.lot).toBe('lot-beef-short-ribs-1000');
    const at = figureOf(even?.at ?? moneyOf(0, 'EUR'));
    expect(at).toBeLessThan(11);
    const matched = { ...batch, lots: [lots[0], { ...lots[1], price: price(at) }] as typeof lots };
    const [a, b] = costs(matched, pot, reckoning.meal, usualKitchen)?.lots ?? [];
    expect(a && figureOf(a.perKgShred)).toBeCloseTo(b ? figureOf(b.perKgShred) : NaN, 1);
  });

  test('kept fat and liquid are a credit if the kitchen says what they are worth', () => {
    const kitchen = { ...usualKitchen, worth: { fatPerKg: 4, liquidPerL: 2 } };
    const found = costs(batch, pot, reckoning.meal, kitchen);
    const expected = (4 * pot.kept.fatG + 2 * (reckoning.meal.leftMl?.mid ?? 0)) / 1000;
    expect(found?.credit && figureOf(found.credit)).toBeCloseTo(expected, 1);
  });

  test('without a price there is no cost; a lot without one is said', () => {
    const bare = batchOf([lotOf('beef-brisket', 2000), lotOf('beef-shank', 1000, { price: price(9) })]);
    const figures = reckon(openMeal(inputOf([bare], []))).batches[0];
    if (!figures) throw new Error('no pot');
    expect(costs(bare, figures, reckoning.meal, usualKitchen)?.unpriced).toBe(1);
    expect(costs(batchOf([lotOf('beef-brisket', 2000)]), pot, reckoning.meal, usualKitchen)).toBeNull();
  });
});

test('a swap gives equal shred, and says what else changes', () => {
  const lots = [lotOf('beef-blade-roast', 2000, { price: price(10) })];
  const input = inputOf([batchOf(lots)], [dishOf('taco', 20)]);
  const found = swap(openMeal(input), {
    batch: 'pot',
    lot: lots[0]?.id ?? '',
    cut: 'beef-shank',
    price: price(8),
  });
  if (!found) throw new Error('no swap');
  const shred = (cut: string, g: number) =>
    reckon(openMeal(inputOf([batchOf([lotOf(cut, g)])], []))).batches[0]?.meat.shredG.mid ?? NaN;
  expect(shred('beef-shank', found.rawG.mid)).toBeCloseTo(shred('beef-blade-roast', 2000), 6);
  expect(found.fatG).toBeLessThan(0);
  expect(found.readyMin).toBeGreaterThan(0);
  expect(found.cost && figureOf(found.cost)).toBeCloseTo((8 * found.rawG.mid) / 1000 - 20, 2);
  const forAll = swap(openMeal(input), {
    batch: 'pot',
    lot: lots[0]?.id ?? '',
    cut: 'beef-shank',
    price: price(15, 'all'),
  });
  expect(forAll?.cost && figureOf(forAll.cost)).toBeCloseTo(15 - 20, 2);
  expect(found.rawG.p10).toBeLessThan(found.rawG.mid);
  expect(swap(openMeal(input), { batch: 'pot', lot: 'gone', cut: 'beef-shank' })).toBeUndefined();
  expect(swap(openMeal(input), { batch: 'pot', lot: lots[0]?.id ?? '', cut: 'gone' })).toBeUndefined();
});

describe('shopping list', () => {
  const stock = {
    id: 'i',
    ref: 'stock-low-salt',
    amount: grams(1200),
    measure: 'mass' as const,
    state: 'in' as const,
  };
  const input = inputOf([batchOf([lotOf('beef-shank', 1000)], { items: [stock] })], [dishOf('taco', 30)]);
  const other = { ...input, meal: { ...input.meal, id: 'other', name: 'Lunch' } };

  test('adds up over meals, by section, and rounds up to whole packs', () => {
    const list = shoppingList([input, other].map(openMeal));
    expect(list.map(({ section }) => section)).toEqual(['meat', 'tins and cartons', 'bread']);
    expect(list[0]).toMatchObject({ amount: 2000, meals: ['Supper', 'Lunch'] });
    expect(list[1]).toMatchObject({ amount: 2400, packs: [{ count: 3, each: 1000 }] });
    expect(list[2]).toMatchObject({ amount: 60, measure: 'count', packs: [{ count: 5, each: 12 }] });
  });

  test('a pot on the heat has its meat, and of what goes in only what goes in later is still bought', () => {
    const items = [
      { id: 'stock', ref: 'stock-low-salt', state: 'in' as const },
      { id: 'carrot', ref: 'carrot', at: { phase: 0, minutes: 60 }, state: 'in' as const },
    ];
    const of = (lidOn?: number) =>
      shoppingList([
        openMeal(
          inputOf(
            [batchOf([lotOf('beef-blade-roast', 2000)], { items, ...(lidOn !== undefined && { lidOn }) })],
            [dishOf('taco', 10)],
          ),
        ),
      ]).map(({ name }) => name);
    expect(of()).toEqual(expect.arrayContaining(['Beef blade roast, bone in', 'carrot', 'stock, low salt']));
    expect(of(1)).toEqual(['carrot', 'small wheat tortillas']);
  });

  test('two small tins are not one large', () => {
    const each = 400;
    const tins = (...amounts: [string, number][]) => {
      const items = amounts.map(([text, g], i) => ({
        id: `t${String(i)}`,
        ref: 'tomatoes-canned',
        amount: { text, lo: g, hi: g },
        state: 'in' as const,
      }));
      const batch = batchOf([lotOf('beef-blade-roast', 2000)], { items });
      const list = shoppingList([openMeal(inputOf([batch], [dishOf('taco', 10)]))]);
      return list.find(({ ref }) => ref === 'tomatoes-canned')?.packs;
    };
    expect(tins(['2 small tins', each])).toEqual([{ count: 2, each: each / 2 }]);
    expect(tins(['1 tin', each])).toEqual([{ count: 1, each }]);
    expect(tins(['1 large tin', 2 * each], ['2 small tins', each], ['1 tin', each])).toEqual([
      { count: 1, each },
      { count: 1, each: 2 * each },
      { count: 2, each: each / 2 },
    ]);
  });

  test('the kitchen’s own packs count, water is free, and what was weighed is bought', () => {
    const water = { ...stock, id: 'w', ref: 'water' };
    const [batch] = input.batches;
    const weighed = {
      ...input,
      kitchen: { ...input.kitchen, packs: { 'stock-low-salt': 500 } },
      batches: batch ? [{ ...batch, items: [stock, water] }] : [],
      entries: [weighedEntry({ what: 'flow', flow: 'raw', lot: 'lot-beef-shank-1000' }, 990)],
    };
    const list = shoppingList([openMeal(weighed)]);
    expect(list.map(({ name }) => name)).toEqual(['stock, low salt', 'small wheat tortillas']);
    expect(list[0]?.packs).toEqual([{ count: 3, each: 500 }]);
  });

  test('onions are bought with their peel, what is held back too, and what is ticked as in is in the house', () => {
    const items = [
      { id: 'o', ref: 'onion', amount: grams(900), prep: 'peeled' as const, state: 'in' as const },
      { id: 's', ref: 'stock-low-salt', amount: grams(300), state: 'held back' as const },
      { id: 'c', ref: 'carrot', amount: grams(500), state: 'in' as const, put: 1 },
    ];
    const [batch] = input.batches;
    const list = shoppingList([openMeal({ ...input, batches: batch ? [{ ...batch, items }] : [] })]);
    const of = (name: string) => list.find((line) => line.name === name)?.amount;
    // A tenth of an onion is peel (SR24's own refuse, from memory).
    expect([of('onion'), of('stock, low salt'), of('carrot')]).toEqual([1000, 300, undefined]);
  });

  test('a meal is open to the end of its day, where it is served', () => {
    const meal = { serving: { local: '2026-12-05T18:00', zone: 'Europe/Amsterdam' } };
    const at = (iso: string) => isOpen(meal, Date.parse(iso));
    expect(at('2026-12-05T22:30:00Z')).toBe(true);
    // Half past midnight in Amsterdam, while it is still the day before in London.
    expect(at('2026-12-05T23:30:00Z')).toBe(false);
    const nowhere = { serving: { local: '2026-12-05T18:00', zone: 'Nowhere/At_all' } };
    expect(isOpen(nowhere, Date.parse('2026-12-05T23:30:00Z'))).toBe(true);
    expect(isOpen({}, Date.parse('2030-01-01T00:00:00Z'))).toBe(true);
  });
});
