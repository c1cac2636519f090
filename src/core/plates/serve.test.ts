import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { dishOf } from '../testing/meals.ts';
import { needOf, ticketsOf } from '../order/index.ts';
import { nominalServing, emptyServed, serve } from './serve.ts';
import { SHORT } from './served.ts';

function served(dishes: ReturnType<typeof dishOf>[], g: number, ml: number) {
  const tickets = ticketsOf(dishes);
  const out = emptyServed(tickets.length);
  serve(tickets, g, ml, nominalServing(tickets.length), out);
  return { tickets, out };
}

describe('plates', () => {
  test('"set" gives full portions while they last, in the order of the meal', () => {
    const { out } = served([dishOf('taco', 10), dishOf('roll', 4)], 10 * 52 + 2.5 * 130, 10_000);
    expect([...out.filled]).toEqual([10, 2]);
    expect(out.meatG[1]).toBe(130);
    expect(out.leftG).toBeCloseTo(65, 6);
  });

  test('"even" shares what there is, between the smallest and the largest that are good', () => {
    const even = (g: number) => served([dishOf('pasta', 10, { way: 'even' })], g, 10_000).out;
    expect(even(1050).meatG[0]).toBeCloseTo(105, 6);
    // Nothing is left, unless a largest portion is written.
    expect(even(5000).meatG[0]).toBeCloseTo(500, 6);
    expect(even(5000).leftG).toBeCloseTo(0, 6);
    const largest = { text: '120 g', lo: 120, hi: 120 };
    const capped = served([dishOf('pasta', 10, { way: 'even', meat: { max: largest } })], 5000, 10_000).out;
    expect([capped.meatG[0], capped.leftG]).toEqual([120, 3800]);
    const short = even(500);
    expect(short.meatG[0]).toBe(100);
    expect(short.filled[0]).toBe(5);
  });

  test('they are served as they stand, and it is told which part ran short for whom', () => {
    const dishes = [dishOf('pasta', 10, { id: 'a', way: 'even' }), dishOf('taco', 30, { id: 'b' })];
    const first = served(dishes, 1500, 10_000).out;
    expect([...first.filled]).toEqual([10, 7]);
    expect([...first.shortOf]).toEqual([0, SHORT.meat]);
    const last = served(dishes.toReversed(), 1600, 10_000).out;
    expect([...last.filled]).toEqual([30, 0]);
    const dips = served([dishOf('taco', 10), dishOf('dip', 20, { id: 'd' })], 10_000, 700).out;
    expect(dips.shortOf[1]).toBe(SHORT.liquid);
    // No cup is short while broth for one stands there.
    expect(dips.leftMl).toBeLessThan(75);
  });

  test('a cup that cannot be filled is a plate that cannot be served', () => {
    const { out } = served([dishOf('soup', 10)], 10_000, 3 * 270 + 1);
    expect(out.filled[0]).toBe(3);
  });

  test('where only the meat must not run short, the servings share the liquid there is, and the other way', () => {
    const wet = served([dishOf('roll', 10, { firm: 'meat' })], 1300, 300).out;
    expect(wet.filled[0]).toBe(10);
    expect((wet.ladledMl[0] ?? 0) + (wet.heldMl[0] ?? 0)).toBeCloseTo(30, 6);
    expect(wet.needMl).toBe(0);
    const meaty = served([dishOf('soup', 10, { firm: 'liquid' })], 400, 2700).out;
    expect(meaty.filled[0]).toBe(10);
    expect(meaty.meatG[0]).toBeCloseTo(40, 6);
    expect(meaty.leftG).toBeCloseTo(0, 6);
  });

  test('nothing is served twice: plates and what is left are what there was', () => {
    const dish = fc.record({
      kind: fc.constantFrom(
        'taco' as const,
        'roll' as const,
        'pasta' as const,
        'soup' as const,
        'dip' as const,
      ),
      count: fc.integer({ min: 1, max: 200 }),
      way: fc.constantFrom('set' as const, 'even' as const),
    });
    fc.assert(
      fc.property(
        fc.array(dish, { minLength: 1, maxLength: 4 }),
        fc.double({ min: 0, max: 30_000, noNaN: true }),
        fc.double({ min: 0, max: 30_000, noNaN: true }),
        (dishes, g, ml) => {
          const { tickets, out } = served(
            dishes.map(({ kind, count, way }, i) => dishOf(kind, count, { id: String(i), way })),
            g,
            ml,
          );
          const meat = tickets.reduce((sum, _, t) => sum + (out.filled[t] ?? 0) * (out.meatG[t] ?? 0), 0);
          expect(meat + out.leftG).toBeCloseTo(g, 4);
          for (const [t, { count }] of tickets.entries()) expect(out.filled[t]).toBeLessThanOrEqual(count);
          const { meatG, liquidMl } = needOf(tickets);
          if (g >= meatG && ml >= liquidMl * 1.5) {
            for (const [t, { count }] of tickets.entries()) expect(out.filled[t]).toBe(count);
          }
        },
      ),
    );
  });
});
