import { expect, test } from '@jest/globals';
import { boilingAt, pressureAt, saturationKPa } from './boiling.ts';

/** IAPWS steam tables (published): 100 °C 101.42 kPa, 95 °C 84.6, 90 °C 70.2. */
test.each([
  [100, 101.42, 0.01],
  [95, 84.6, 0.1],
  [90, 70.2, 0.1],
])('water at %d °C is saturated at %f kPa', (celsius, kPa, within) => {
  expect(Math.abs(saturationKPa(celsius) - kPa)).toBeLessThan(within);
});

/** ISO 2533 (published): 1000 m 89.876 kPa, 2000 m 79.501 kPa. */
test('the air is thinner higher up, and water boils sooner', () => {
  expect(pressureAt(1000)).toBeCloseTo(89.875, 1);
  expect(pressureAt(2000)).toBeCloseTo(79.495, 1);
  expect(boilingAt(0)).toBeCloseTo(99.97, 1);
  // By the tables above: at 84.6 kPa, which the standard atmosphere has at about 1500 m, 95 °C.
  expect(boilingAt(1500)).toBeCloseTo(95, 0);
});
