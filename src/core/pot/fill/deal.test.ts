import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Vessel } from '../../meal/index.ts';
import { brimMl } from '../vessel/shape.ts';
import { deal, type ToDeal } from './deal.ts';

const pot = (id: string, widthCm: number): Vessel => ({
  id,
  name: id,
  kind: 'pot',
  shape: 'round',
  widthCm,
  heightCm: widthCm / 2,
});
const [large, small] = [pot('large', 32), pot('small', 20)];
const lotOf = (ml: number, minutes: number, placed?: Record<string, number>): ToDeal => ({
  ml,
  minutes,
  ...(placed && { placed: new Map(Object.entries(placed)) }),
});
const sum = (parts: readonly number[]) => parts.reduce((total, part) => total + part, 0);
/** What lies in each vessel, ml. */
const inEach = (lots: readonly ToDeal[], vessels: readonly Vessel[]) => {
  const shares = deal(lots, vessels);
  return vessels.map((_, v) => sum(lots.map(({ ml }, i) => ml * (shares[i]?.[v] ?? NaN))));
};

describe('lots dealt to vessels', () => {
  test('in one vessel lies everything', () => {
    expect(deal([lotOf(500, 100), lotOf(900, 200)], [large])).toEqual([[1], [1]]);
  });

  test('one lot is shared in proportion to what each holds', () => {
    const [inLarge = NaN, inSmall = NaN] = inEach([lotOf(4000, 200)], [large, small]);
    expect(inLarge / inSmall).toBeCloseTo(brimMl(large) / brimMl(small), 9);
  });

  test('what is tender alike lies together: the slow ones in one pot, the quick in the other', () => {
    const lots = [lotOf(1500, 240), lotOf(1500, 235), lotOf(1000, 120), lotOf(1000, 115)];
    const shares = deal(lots, [pot('a', 28), pot('b', 28)]);
    const home = shares.map((share) => share.indexOf(Math.max(...share)));
    expect(home[0]).toBe(home[1]);
    expect(home[2]).toBe(home[3]);
    expect(home[0]).not.toBe(home[2]);
  });

  test('what a cook has placed stays there, in the proportion that was written', () => {
    const lots = [
      lotOf(1000, 200, { small: 1 }),
      lotOf(1000, 210, { large: 0.3, small: 0.3 }),
      lotOf(3000, 190),
    ];
    const shares = deal(lots, [large, small]);
    expect(shares[0]).toEqual([0, 1]);
    expect(shares[1]).toEqual([0.5, 0.5]);
  });

  test('a place that is not there any more is none: the lot is dealt like the others', () => {
    expect(sum(deal([lotOf(1000, 200, { gone: 1 })], [large, small])[0] ?? [])).toBeCloseTo(1, 12);
  });

  test('every lot lies somewhere, wholly, and in no vessel less than nothing', () => {
    const lot = fc.record({
      ml: fc.double({ min: 0.001, max: 2e6, noNaN: true }),
      minutes: fc.double({ min: 0, max: 2000, noNaN: true }),
      placed: fc.option(
        fc.record({
          v0: fc.double({ min: 0, max: 1, noNaN: true }),
          v1: fc.double({ min: 0, max: 1, noNaN: true }),
        }),
        { nil: undefined },
      ),
    });
    const widths = fc.array(fc.double({ min: 0.1, max: 300, noNaN: true }), { minLength: 1, maxLength: 4 });
    fc.assert(
      fc.property(fc.array(lot, { maxLength: 8 }), widths, (typed, sizes) => {
        const vessels = sizes.map((width, i) => pot(`v${i}`, width));
        const shares = deal(
          typed.map(({ ml, minutes, placed }) => lotOf(ml, minutes, placed)),
          vessels,
        );
        for (const share of shares) {
          expect(share).toHaveLength(vessels.length);
          expect(Math.min(...share)).toBeGreaterThanOrEqual(0);
          expect(sum(share)).toBeCloseTo(1, 9);
        }
      }),
    );
  });
});
