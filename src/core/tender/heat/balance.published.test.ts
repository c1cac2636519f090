import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runs } from '@/core/testing/runs.ts';
import type { Lid, Phase } from '../../meal/index.ts';
import { LATENT, rateOf, smokeSurface, vapourKPa } from './balance.ts';
import { boilingAt } from './boiling.ts';
import { courseOf, minutesOnBurner } from './course.ts';
import { referencePot, type PotHeat } from './pot.ts';

const oven = (celsius: number, lid: Lid = 'on'): Phase => ({
  id: 'heat3',
  heat: 'oven',
  setting: { text: '', lo: celsius, hi: celsius },
  lid,
});
const stove = (lid: Lid, setting?: Phase['setting']): Phase => ({
  id: 'heat2',
  heat: 'stove',
  lid,
  ...(setting !== undefined && { setting }),
});
const slow = (setting: 'low' | 'high', lid: Lid = 'on'): Phase => ({
  id: 'heat',
  heat: 'slow cooker',
  setting,
  lid,
});
const slowPot: PotHeat = {
  heatCapacity: 18_000,
  meatHeatCapacity: 8_500,
  outerM2: 0.208,
  openM2: 0.0468,
  litres: 6,
};
const sized = (kg: number, pot = referencePot): PotHeat => ({
  ...pot,
  heatCapacity: pot.heatCapacity * (kg / 6),
});
const HOUR = 60;
const STEP = 4;
const course = (phase: Phase, pot: PotHeat, hours: number) => {
  const found = courseOf([phase], [hours * HOUR], pot, 0, (hours * HOUR) / STEP + 1, STEP);
  if (!found) throw new Error('no course');
  return found;
};
/** Steam once it is as hot as it gets, l/h. */
const settled = (phase: Phase, pot = referencePot) => {
  const { steam } = course(phase, pot, 12);
  return ((steam.at(-1) ?? 0) - (steam.at(-1 - HOUR / STEP) ?? 0)) / 1000;
};

describe('rates of steam of a 28 cm pot, l/h (common practice, no source)', () => {
  test.each<[string, Phase, number, number]>([
    ['open, oven 150 °C', oven(150, 'off'), 0.43, 0.6],
    ['open, oven 175 °C', oven(175, 'off'), 0.45, 0.6],
    ['gentle open simmer', stove('off'), 0.45, 0.7],
    ['covered, bare simmer', stove('on', 'bare simmer'), 0.05, 0.15],
    ['hard boil', stove('off', 'boil'), 1.9, 2.1],
    // Below the boil, which a covered pot stays under 135 °C.
    ['covered, oven 110 °C', oven(110), 0.06, 0.14],
    ['covered, oven 120 °C', oven(120), 0.06, 0.14],
  ])('%s', (_, phase, from, to) => {
    expect(settled(phase)).toBeGreaterThan(from);
    expect(settled(phase)).toBeLessThan(to);
  });

  test('a slow cooker, about .03', () => {
    expect(settled(slow('low'), slowPot)).toBeCloseTo(0.03, 2);
    expect(settled(slow('high'), slowPot)).toBeCloseTo(0.03, 2);
  });

  test('named misses: once it boils under its lid it loses more, and ajar is two thirds of open, not half', () => {
    expect(settled(oven(150))).toBeGreaterThan(0.2);
    expect(settled(oven(175))).toBeGreaterThan(0.3);
    const ajar = settled(oven(150, 'ajar')) / settled(oven(150, 'off'));
    expect(ajar).toBeGreaterThan(0.5);
    expect(ajar).toBeLessThan(0.75);
    // Nearer the middle than to covered: the last half hour ajar shows.
    const [on, half, off] = (['on', 'ajar', 'off'] as const).map((lid) => settled(oven(150, lid)));
    expect(((half ?? NaN) - (on ?? NaN)) / ((off ?? NaN) - (on ?? NaN))).toBeGreaterThan(0.4);
  });

  test('it boils under the lid from about 135 °C', () => {
    expect(course(oven(130), referencePot, 12).boilsCovered).toBeUndefined();
    expect(course(oven(140), referencePot, 12).boilsCovered).toBeDefined();
  });
});

describe('the balance itself', () => {
  /** Lumped heating without steam, T = T∞ − (T∞ − T0)·exp(−UA·t/C) (published, any text on heat transfer). */
  test('without a surface it is the lumped solution', () => {
    const dry = { ...referencePot, openM2: 0 };
    const { temperature } = course(oven(90), dry, 6);
    const tau = dry.heatCapacity / (12.2 * dry.outerM2);
    for (const hours of [1, 3, 6]) {
      const exact = 90 - (90 - 65) * Math.exp((-hours * 3600) / tau);
      expect(Math.abs((temperature[(hours * HOUR) / STEP] ?? NaN) - exact)).toBeLessThan(0.05);
    }
    // Half the load heats in half the time.
    const half = course(oven(90), sized(3, dry), 3).temperature.at(-1) ?? NaN;
    expect(half).toBeCloseTo(temperature.at(-1) ?? NaN, 1);
  });

  /** Evaporation and convection go together: h/k = .066 kPa/K at 1 atm (published: Lewis relation, psychrometric constant). */
  test('open water steams as the Lewis relation has it', () => {
    const rate = rateOf(oven(150, 'off'), referencePot, 60, 100);
    const perKPa = ((rate?.steam ?? 0) * LATENT) / referencePot.openM2 / vapourKPa(60);
    expect(5 / perKPa).toBeCloseTo(0.066, 2);
  });

  test('heat in is warmth and steam, to a hundredth, whatever the oven and the lid', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 100, max: 230 }),
        fc.constantFrom<Lid>('on', 'ajar', 'off'),
        fc.double({ min: 0.5, max: 40, noNaN: true }),
        (celsius, lid, kg) => {
          const pot = sized(kg);
          const { temperature, steam } = course(oven(celsius, lid), pot, 6);
          const outer = { on: 12.2, ajar: 15, off: 18.3 }[lid] * pot.outerM2;
          let heat = 0;
          for (let i = 1; i < temperature.length; i += 1) {
            const mean = ((temperature[i] ?? 0) + (temperature[i - 1] ?? 0)) / 2;
            heat += outer * (celsius - mean) * STEP * 60;
          }
          const warmth = pot.heatCapacity * ((temperature.at(-1) ?? 0) - 65);
          const steamed = LATENT * (steam.at(-1) ?? 0);
          expect(Math.abs((warmth + steamed) / heat - 1)).toBeLessThan(0.02);
        },
      ),
      { numRuns: runs(40) },
    );
  });

  test('lid off cools a slow cooker', () => {
    const hot = [slow('low'), slow('low', 'off')];
    const { temperature } = courseOf(hot, [600, 240], slowPot, 0, 211, STEP) ?? { temperature: [] };
    // Low comes to its simmer late, and hardly above it.
    expect(temperature[150]).toBeGreaterThan(85);
    expect(temperature[210]).toBeLessThan(75);
  });

  test('in the smoke its own drying keeps the surface cool; humid air less so', () => {
    const smoke = (celsius: number, air?: 'humid'): Phase => ({
      ...oven(celsius, 'off'),
      heat: 'smoker',
      ...(air && { air }),
    });
    expect(smokeSurface(smoke(110))).toBeGreaterThan(61);
    expect(smokeSurface(smoke(110))).toBeLessThan(67);
    expect(smokeSurface(smoke(135))).toBeGreaterThan(smokeSurface(smoke(110)));
    expect(smokeSurface(smoke(110, 'humid'))).toBeGreaterThan(smokeSurface(smoke(110)) + 2);
  });

  test('a heavier pot stands longer on its burner', () => {
    expect(minutesOnBurner(sized(12))).toBeCloseTo(2 * minutesOnBurner(referencePot), 9);
    expect(minutesOnBurner(referencePot)).toBeGreaterThan(10);
    expect(minutesOnBurner(referencePot)).toBeLessThan(20);
  });
});

describe('more heat, in the same vessel and from the same start, while free water is left', () => {
  const kilos = fc.double({ min: 0.5, max: 40, noNaN: true });
  const lids = fc.constantFrom<Lid>('on', 'ajar', 'off');
  /** Two ways of the same kind, the second hotter. */
  const hotter = fc.oneof(
    fc
      .tuple(fc.integer({ min: 100, max: 229 }), fc.integer({ min: 1, max: 130 }), lids)
      .map(([low, more, lid]) => [oven(low, lid), oven(Math.min(230, low + more), lid)] as const),
    lids.map((lid) => [stove(lid, 'bare simmer'), stove(lid, 'simmer')] as const),
    lids.map((lid) => [stove(lid, 'simmer'), stove(lid, 'boil')] as const),
    lids.map((lid) => [slow('low', lid), slow('high', lid)] as const),
  );

  test('never means cooler, nor less steam an hour; more mass never means sooner', () => {
    fc.assert(
      fc.property(kilos, kilos, hotter, (one, other, [low, high]) => {
        const [light, heavy] = [sized(Math.min(one, other)), sized(Math.max(one, other))];
        const [cool, hot, late] = [course(low, light, 8), course(high, light, 8), course(high, heavy, 8)];
        for (let i = 1; i < cool.temperature.length; i += 1) {
          expect(hot.temperature[i]).toBeGreaterThanOrEqual((cool.temperature[i] ?? 0) - 1e-6);
          expect(hot.steam[i]).toBeGreaterThanOrEqual((cool.steam[i] ?? 0) - 1e-6);
          expect(late.temperature[i]).toBeLessThanOrEqual((hot.temperature[i] ?? 0) + 1e-6);
        }
        const last = (steam: Float64Array) => (steam.at(-1) ?? 0) - (steam.at(-2) ?? 0);
        expect(last(hot.steam)).toBeGreaterThanOrEqual(last(cool.steam) * (1 - 1e-6));
      }),
      { numRuns: runs(80) },
    );
  });

  test('nor any hotter than it boils', () => {
    for (const altitude of [0, 2000]) {
      const found = courseOf([oven(230)], [600], referencePot, altitude, 151, STEP);
      expect(Math.max(...(found?.temperature ?? [Infinity]))).toBeLessThanOrEqual(boilingAt(altitude));
    }
  });
});
