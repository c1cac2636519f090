import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { boilDownMinutes } from '../../clock/index.ts';
import { MINUTE_MS } from '../../quantity/index.ts';
import { type Mark, reductionBy } from './reduction.ts';
import { saltAtDressing } from '../../pot/index.ts';
import { saltyWays } from './salty.ts';
import { thickenTo } from './thicken.ts';
import { thickFrom, thicks, thickWord } from '../../work/index.ts';

/** Published, steam tables: latent heat of vaporisation at 100 °C, kJ/kg. */
const LATENT = 2257;

describe('boiling down', () => {
  test('by energy balance: so many grams are so many joules, whatever the pan', () => {
    // The usual hard boil stands for 1.25 kW gone into steam (estimate): 1.25 kJ/s · 3600 s / 2257 kJ/kg.
    const kgPerHour = (1.25 * 3600) / LATENT;
    expect(60 / boilDownMinutes(1000)).toBeCloseTo(kgPerHour, 1);
    const steam = (watts: number) => ((watts / 1000) * 3600) / LATENT;
    // Two litres from a burner of 2 kW, all of it steam: 37.6 min.
    expect((2 / steam(2000)) * 60).toBeCloseTo(37.6, 1);
  });

  test('two marks ten minutes apart teach the rate of this pan', () => {
    const marks = [
      { at: 0, ml: 2340 },
      { at: 10 * MINUTE_MS, ml: 2120 },
    ];
    const found = reductionBy(marks, 1760, 10 * MINUTE_MS);
    expect(found?.from).toBe('marks');
    expect(found?.mlPerMin).toBeGreaterThan(22);
    expect(found?.mlPerMin).toBeLessThan(26);
    expect(found?.minutes.mid).toBeCloseTo(360 / (found?.mlPerMin ?? NaN), 9);
    const one = reductionBy(marks.slice(0, 1), 1760, 0);
    expect(one?.from).toBe('usual');
    const width = ({ p10, p90 }: { p10: number; p90: number }) => p90 / p10;
    expect(width(found?.minutes ?? { p10: 0, p90: 0 })).toBeLessThan(
      width(one?.minutes ?? { p10: 1, p90: 1 }),
    );
    expect(reductionBy([], 100, 0)).toBeUndefined();
  });

  test('marks of a steady boil find it, the better the longer they are apart, and never go backwards', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 8, max: 60, noNaN: true }),
        fc.integer({ min: 3, max: 8 }),
        fc.array(fc.double({ min: -1, max: 1, noNaN: true }), { minLength: 8, maxLength: 8 }),
        (rate, n, noise) => {
          const marks = Array.from({ length: n }, (_, i): Mark => ({
            at: i * 10 * MINUTE_MS,
            ml: 5000 - rate * i * 10 + 10 * (noise[i] ?? 0),
          }));
          const found = reductionBy(marks, 1000, marks.at(-1)?.at ?? 0);
          expect(Math.abs((found?.mlPerMin ?? NaN) - rate)).toBeLessThan(0.1 * rate + 2);
          const { p10 = 0, mid = 0, p90 = 0 } = found?.minutes ?? {};
          expect(p10).toBeLessThanOrEqual(mid);
          expect(mid).toBeLessThanOrEqual(p90);
        },
      ),
    );
  });

  test('what is there already takes no minute', () => {
    expect(reductionBy([{ at: 0, ml: 900 }], 1000, 0)?.minutes.mid).toBe(0);
  });
});

describe('salt of a finished liquid', () => {
  test('added it is part of the weight; thinned or exchanged it is as strong as was wanted', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 200, max: 9000, noNaN: true }),
        fc.double({ min: 0, max: 0.03, noNaN: true }),
        fc.double({ min: 0.004, max: 0.015, noNaN: true }),
        fc.double({ min: 0, max: 0.8, noNaN: true }),
        (baseG, strength, target, off) => {
          const salty = { baseG, saltG: strength * baseG };
          const more = saltAtDressing(target, baseG, salty.saltG);
          if (strength < target) expect((salty.saltG + more) / (baseG + more)).toBeCloseTo(target, 9);
          else expect(more).toBe(0);
          const offG = off * baseG;
          const ways = saltyWays(salty, target, offG);
          if (strength > target) expect(salty.saltG / (baseG + (ways.addG ?? NaN))).toBeCloseTo(target, 9);
          const exchanged = salty.saltG * (1 - ways.swapShare);
          expect(exchanged / (baseG - offG)).toBeLessThanOrEqual(Math.max(target, ways.then) * (1 + 1e-9));
          if (ways.then > target) expect(exchanged / (baseG - offG)).toBeCloseTo(target, 9);
        },
      ),
    );
  });

  test('half the water, twice the salt', () => {
    // Where none is wanted nothing that is poured in does it; no figure is without end.
    expect(saltyWays({ baseG: 2000, saltG: 16 }, 0, 500)).toEqual({
      addG: undefined,
      then: expect.closeTo(16 / 1500, 9),
      swapShare: 0,
    });
    expect(saltyWays({ baseG: 2000, saltG: 0 }, 0, 0).addG).toBe(0);
    expect(saltyWays({ baseG: 2000, saltG: 16 }, 0.01, 1000).then).toBeCloseTo(0.016, 9);
  });
});

describe('thickness', () => {
  test('its words begin where they are said to (estimates)', () => {
    expect([8, 14.9, 15, 25, 44, 45].map(thickWord)).toEqual([
      'runs',
      'runs',
      'coats the spoon',
      'holds a line',
      'holds a line',
      'mounds',
    ]);
  });

  test('starch a litre for light, medium and thick: 15, 30 and 45 g (common practice, no source)', () => {
    const thin = { ml: 1000, waterG: 1000, thickness: { gPerL: 0, feels: 'runs' as const } };
    expect(thickenTo(thin, 'coats the spoon').starchG).toBeGreaterThanOrEqual(15);
    expect(thickenTo(thin, 'coats the spoon').starchG).toBeLessThan(20);
    expect(thickenTo(thin, 'holds a line').starchG).toBeGreaterThanOrEqual(25);
    expect(thickenTo(thin, 'holds a line').starchG).toBeLessThanOrEqual(30);
    expect(thickenTo(thin, 'mounds').starchG).toBeGreaterThanOrEqual(45);
    expect(thickenTo(thin, 'mounds').starchG).toBeLessThan(50);
    expect(thickenTo(thin, 'mounds').flourG).toBeCloseTo(2 * thickenTo(thin, 'mounds').starchG, 9);
  });

  test('stirred in or boiled down, it is then as thick as the word', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 300, max: 6000, noNaN: true }),
        fc.double({ min: 0.5, max: 60, noNaN: true }),
        fc.constantFrom(...thicks),
        (waterG, gPerL, to) => {
          const thin = { ml: waterG + 50, waterG, thickness: { gPerL, feels: thickWord(gPerL) } };
          const { starchG, toMl } = thickenTo(thin, to);
          expect(gPerL + (1000 * starchG) / waterG).toBeGreaterThanOrEqual(thickFrom[to] - 1e-9);
          const left = waterG - (thin.ml - toMl);
          expect((gPerL * waterG) / left).toBeGreaterThanOrEqual(thickFrom[to] - 1e-6);
        },
      ),
    );
  });
});
