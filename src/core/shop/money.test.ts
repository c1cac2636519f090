import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { bounds, PRICE } from '../quantity/index.ts';
import { currencyCodes, figureOf, moneyOf, sumOf, writeMoney } from './money.ts';
import { perKg } from './price.ts';

const figure = fc.double({ min: PRICE.least, max: PRICE.most, noNaN: true });
const kilograms = fc.double({ min: 0, max: bounds.mass.most / 1000, noNaN: true });
const currency = fc.constantFrom('EUR', 'JPY', 'KWD', 'USD', 'XXX');

describe('money', () => {
  test('of any price and any weight that can be written is a finite number of whole coins', () => {
    fc.assert(
      fc.property(figure, kilograms, currency, (price, kg, code) => {
        const money = moneyOf(price, code, kg);
        expect(Number.isInteger(money.amount)).toBe(true);
        // To a coin, for a weight to the milligram.
        const coin = 10 ** -money.scale;
        const expected = price * kg;
        expect(Math.abs(figureOf(money) - expected)).toBeLessThanOrEqual(
          coin + price * 1e-6 + expected * 1e-9,
        );
        expect(writeMoney(money, 'en')).toMatch(/\d/);
      }),
    );
  });

  test('adds up in any order to the same coin', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0, max: 5000, noNaN: true }), { maxLength: 12 }), (prices) => {
        const parts = prices.map((price) => moneyOf(price, 'EUR'));
        expect(sumOf(parts, 'EUR')).toEqual(sumOf(parts.toReversed(), 'EUR'));
        const cents = parts.reduce((sum, { amount }) => sum + amount, 0);
        expect(sumOf(parts, 'EUR').amount).toBe(cents);
      }),
    );
  });

  test('a price for all of it is that price again, whatever it weighs', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 1e5, noNaN: true }),
        fc.double({ min: 1, max: 2e6, noNaN: true }),
        (amount, g) => {
          const each = perKg({ text: '', amount, per: 'all' }, g) ?? NaN;
          expect((each * g) / 1000).toBeCloseTo(amount, 6);
        },
      ),
    );
  });

  test('every currency of the list can be written', () => {
    expect(currencyCodes.length).toBeGreaterThan(100);
    for (const code of currencyCodes) expect(writeMoney(moneyOf(12.5, code), 'en')).toMatch(/1[23]/);
  });

  test('an amount has as many decimals as it is written with, so that sums are of what is shown', () => {
    // Published: ISO 4217, list one, minor units.
    const published = { EUR: 2, USD: 2, GBP: 2, JPY: 0, KRW: 0, CLP: 0, KWD: 3, BHD: 3, TND: 3 };
    for (const [code, decimals] of Object.entries(published)) {
      expect(moneyOf(12.3456, code).scale).toBe(decimals);
      const [a, b] = [moneyOf(0.4, code), moneyOf(0.4, code)];
      expect(figureOf(sumOf([a, b], code))).toBeCloseTo(2 * figureOf(a), 9);
      expect(writeMoney(a, 'en')).toContain(figureOf(a).toFixed(decimals));
    }
    expect(() => moneyOf(1, 'no code')).toThrow(RangeError);
  });
});
