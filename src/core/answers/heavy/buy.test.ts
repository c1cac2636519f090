import { drawsOf, openMeal } from '../../model/index.ts';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Batch, BuyMix, Lot } from '../../meal/schema.ts';
import { batchOf, dishOf, grams, inputOf, lotOf, weighedEntry } from '../../testing/meals.ts';
import { buy } from './buy.ts';
import { feeds } from './feeds.ts';
import { boughtAt, inProportion, metAt } from '../../shop/fill.ts';
import { figureOf } from '../../shop/money.ts';

const price = (amount: number) => ({ text: String(amount), amount, per: 'kg' as const });
const dishes = [dishOf('taco', 40), dishOf('roll', 12)];

function answerOf(batch: Batch, chance: number, way: BuyMix = 'as they are', order = dishes) {
  const reading = buy(openMeal(inputOf([batch], order)), { batch: batch.id, chance, way });
  if (!reading.ok) throw new Error(reading.why.what);
  return reading.answer;
}

/** How often these lots feed the order, by the meal's own draws: what the answer is held against. */
function chanceOf(lots: Lot[], order = dishes) {
  const input = inputOf([batchOf(lots)], order);
  const drawn = drawsOf(openMeal(input));
  return drawn.shredG.filter((shred, d) => shred >= (drawn.needG[d] ?? 0)).length / 5000;
}

const weighed = (lots: readonly Lot[], bought: readonly { lot: string; grams: number }[]) =>
  lots.map((lot) => ({ ...lot, weight: grams(bought.find((b) => b.lot === lot.id)?.grams ?? 0) }));

describe('how much to buy', () => {
  test.each([0.5, 0.8, 0.95, 0.99])('one cut at %f: enough so often, and 3 %% less is not', (chance) => {
    const lots = [lotOf('beef-blade-roast', 1000)];
    const { lots: bought, chance: reached } = answerOf(batchOf(lots), chance);
    const full = chanceOf(weighed(lots, bought));
    expect(full).toBeGreaterThanOrEqual(chance);
    expect(reached).toBeCloseTo(full, 9);
    const less = bought.map((b) => ({ ...b, grams: 0.97 * b.grams }));
    expect(chanceOf(weighed(lots, less))).toBeLessThan(chance);
  });

  test('a mix keeps its proportions, and one that the shop runs out of leaves the rest to the others', () => {
    const lots = [
      lotOf('beef-blade-roast', 1000),
      lotOf('beef-shank', 1000, { shopHas: grams(1100) }),
      lotOf('lamb-shoulder', 2000),
    ];
    const { lots: bought } = answerOf(batchOf(lots), 0.9);
    const [blade, shank, lamb] = bought.map((b) => b.grams);
    expect(shank).toBe(1100);
    expect(bought[1]?.all).toBe(true);
    expect(blade).toBeGreaterThan(1100);
    expect((lamb ?? 0) / (blade ?? 1)).toBeCloseTo(2, 1);
    expect(chanceOf(weighed(lots, bought))).toBeGreaterThanOrEqual(0.9);
  });

  test('in order: only so much of the first as there is, and the rest from the next', () => {
    const lots = [
      lotOf('beef-shank', 1, { shopHas: grams(1100) }),
      lotOf('beef-blade-roast', 1),
      lotOf('beef-brisket', 1),
    ];
    const { lots: bought } = answerOf(batchOf(lots), 0.9, 'in order');
    expect(bought[0]?.grams).toBe(1100);
    expect(bought[1]?.grams).toBeGreaterThan(1000);
    expect(bought[2]?.grams).toBe(0);
  });

  test('cheapest goes by the price of shred, not of what is bought', () => {
    // Brisket at 12 gives shred for less than bone-in short ribs at 9.
    const lots = [
      lotOf('beef-short-ribs', 1000, { price: price(9) }),
      lotOf('beef-brisket', 1000, { price: price(12) }),
    ];
    const cheapest = answerOf(batchOf(lots), 0.9, 'cheapest');
    expect(cheapest.lots[0]?.grams).toBe(0);
    const mixed = answerOf(batchOf(lots), 0.9);
    expect(cheapest.cost && mixed.cost && figureOf(cheapest.cost) < figureOf(mixed.cost)).toBe(true);
  });

  test('safety costs weight, money and leftovers', () => {
    const batch = batchOf([lotOf('beef-blade-roast', 1000, { price: price(10) })]);
    const [even, safe] = [answerOf(batch, 0.5), answerOf(batch, 0.95)];
    expect(even.safetyG).toBeLessThanOrEqual(10);
    expect(safe.safetyG).toBeCloseTo(safe.grams - even.grams, -2);
    expect(safe.safetyCost && figureOf(safe.safetyCost)).toBeCloseTo(safe.safetyG / 100, 1);
    expect(safe.leftG).toBeGreaterThan(even.leftG);
  });

  test('another pot covers what this one lacks', () => {
    const one = batchOf([lotOf('beef-blade-roast', 1000)]);
    const other = batchOf([lotOf('lamb-shoulder', 2000)], { id: 'other', name: 'Other' });
    const alone = buy(openMeal(inputOf([one], dishes)), { batch: 'pot', chance: 0.9, way: 'as they are' });
    const both = buy(openMeal(inputOf([one, other], dishes)), {
      batch: 'pot',
      chance: 0.9,
      way: 'as they are',
    });
    if (!alone.ok || !both.ok) throw new Error('no answer');
    expect(both.answer.grams).toBeLessThan(alone.answer.grams - 1000);
  });

  test('too little in the shop: all of it, and the chance that it reaches', () => {
    const lots = [lotOf('beef-blade-roast', 1000, { shopHas: grams(4000) })];
    const answer = answerOf(batchOf(lots), 0.99, 'in order');
    expect(answer.grams).toBe(4000);
    expect(answer.chance).toBeLessThan(0.1);
    expect(answer.chance).toBeCloseTo(chanceOf(weighed(lots, answer.lots)), 9);
  });

  test('what cannot be asked is said in one sentence', () => {
    const ask = (batch: Batch, chance: number, order = dishes) =>
      buy(openMeal(inputOf([batch], order)), { batch: 'pot', chance, way: 'as they are' });
    const blade = batchOf([lotOf('beef-blade-roast', 1000)]);
    expect(ask(blade, 1)).toMatchObject({ ok: false, why: { what: 'chance', asked: 1 } });
    expect(ask(blade, 0.9, [])).toMatchObject({ ok: false, why: { what: 'no plates' } });
    expect(ask(batchOf([]), 0.9)).toMatchObject({ ok: false, why: { what: 'no lot' } });
    const cooked = inputOf([blade], dishes, [weighedEntry({ what: 'sum', flow: 'cooked' }, 600)]);
    expect(buy(openMeal(cooked), { batch: 'pot', chance: 0.9, way: 'as they are' })).toMatchObject({
      ok: false,
      why: { what: 'on the board' },
    });
    expect(
      buy(openMeal(inputOf([blade], dishes)), { batch: 'pot', chance: 0.9, way: 'cheapest' }),
    ).toMatchObject({
      ok: false,
      why: { what: 'no price' },
    });
    const nothing = batchOf(
      ['beef-shank', 'beef-brisket'].map((cut) => lotOf(cut, 1, { weight: { text: '' } })),
    );
    expect(ask(nothing, 0.9)).toMatchObject({ ok: false, why: { what: 'empty mix' } });
    // An oven that is hardly warm.
    const cold = [
      { id: 'heat', heat: 'oven' as const, lid: 'on' as const, setting: { text: '1 °C', lo: 1, hi: 1 } },
    ];
    const raw = inputOf([batchOf([lotOf('beef-shank', 3000)], { cook: cold })], [dishOf('pasta', 10)]);
    expect(buy(openMeal(raw), { batch: 'pot', chance: 0.9, way: 'as they are' })).toMatchObject({
      ok: false,
      why: { what: 'will not pull' },
    });
  });
});

test('the way of a mix: what is bought adds up to the way, never above a limit, and meets the need', () => {
  const candidate = fc.record({
    weight: fc.double({ min: 0.1, max: 5, noNaN: true }),
    limit: fc.oneof(fc.constant(Infinity), fc.double({ min: 1, max: 3000, noNaN: true })),
  });
  fc.assert(
    fc.property(
      fc.array(candidate, { minLength: 1, maxLength: 5 }),
      fc.double({ min: 0, max: 4000, noNaN: true }),
      fc.array(fc.double({ min: 0.2, max: 0.7, noNaN: true }), { minLength: 5, maxLength: 5 }),
      (candidates, wanted, gains) => {
        const way = inProportion(candidates);
        const columns = candidates.map((_, i) => Float64Array.of(gains[i] ?? 0.5));
        const far = metAt(way, columns, Float64Array.of(wanted))[0] ?? NaN;
        const bought = boughtAt(way, far);
        for (const [i, g] of bought.entries()) {
          expect(g).toBeLessThanOrEqual((candidates[i]?.limit ?? 0) * (1 + 1e-9));
        }
        const gives = bought.reduce((sum, g, i) => sum + g * (gains[i] ?? 0.5), 0);
        if (far === Infinity) expect(gives).toBeLessThan(wanted);
        else {
          expect(gives).toBeCloseTo(wanted, 4);
          expect(bought.reduce((sum, g) => sum + g, 0)).toBeCloseTo(far, 4);
        }
      },
    ),
  );
});

test('what a weight feeds is the other way round: bought for so many, it feeds so many', () => {
  const lots = [lotOf('beef-blade-roast', 1000)];
  const order = [dishOf('taco', 60)];
  const { lots: bought } = answerOf(batchOf(lots), 0.9, 'as they are', order);
  const found = feeds(openMeal(inputOf([batchOf(weighed(lots, bought))], order)), { chance: 0.9 });
  // What the plates take of the liquid is counted too, so that a plate may be wanting.
  expect(found?.alone[0]?.count).toBeGreaterThanOrEqual(59);
  expect(found?.alone[0]?.count).toBeLessThanOrEqual(61);
  expect(found?.times).toBeGreaterThan(0.99);
  expect(found?.times).toBeLessThan(1.03);
  expect(feeds(openMeal(inputOf([batchOf(lots)], [])), { chance: 0.9 })).toBeNull();
});
