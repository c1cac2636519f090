import { describe, expect, test } from '@jest/globals';
import { coreTemperature, stepResponse } from './coreTemperature.ts';
import { propertiesOf } from './properties.ts';
import { cylinder, slab, sphere } from './series.ts';

/**
 * Series solutions with one term (published: Carslaw and Jaeger; first root and coefficient: slab π/2
 * and 4/π, cylinder 2.4048 and 1.6020, sphere π and 2): good for Fo above .2, where the others are gone.
 */
describe('conduction', () => {
  test.each([0.2, 0.4, 1])('at Fo = %f all terms are one term', (fo) => {
    const one = (coefficient: number, root: number) => coefficient * Math.exp(-root * root * fo);
    expect(Math.abs(slab(fo) - one(4 / Math.PI, Math.PI / 2))).toBeLessThan(0.005);
    expect(Math.abs(cylinder(fo) - one(1.602, 2.4048))).toBeLessThan(0.005);
    expect(Math.abs(sphere(fo) - one(2, Math.PI))).toBeLessThan(0.005);
  });

  /** For short times the middle of a slab is two error functions deep: 1 − 2·erfc(1/(2√Fo)) (published, the same). */
  test.each([
    [0.02, 1 - 2 * 5.733e-7],
    [0.05, 1 - 2 * 1.5654e-3],
    [0.1, 1 - 2 * 0.0253473],
  ])('at Fo = %f the middle of a slab has felt what the error function says', (fo, felt) => {
    expect(slab(fo)).toBeCloseTo(felt, 3);
  });

  test('a brick is the product of its slabs, and flat it is a slab', () => {
    const flat = stepResponse({ sides: [6, 600, 600], diffusivity: 1.4e-7 }, 60, 2);
    for (const n of [5, 20, 59]) expect(flat[n]).toBeCloseTo(1 - slab((1.4e-7 * 120 * n) / 0.03 ** 2), 9);
  });

  /** The explicit scheme of the textbooks (forward in time, centred in space), written out, on 61 nodes. */
  test('under a surface that climbs, the middle is what a plain explicit scheme finds', () => {
    const [alpha, cm, step, steps] = [1.4e-7, 6, 2, 120];
    const surface = Float64Array.from({ length: steps }, (_, i) => 95 - 70 * Math.exp((-i * step) / 40));
    const ours = coreTemperature({ sides: [cm, 600, 600], diffusivity: alpha }, surface, 5, step);
    const nodes = 61;
    const dx = cm / 100 / (nodes - 1);
    const dt = (0.4 * dx * dx) / alpha;
    let now = new Float64Array(nodes).fill(5);
    for (let t = 0; t < (steps - 1) * step * 60; t += dt) {
      const next = now.slice();
      for (let i = 1; i < nodes - 1; i += 1)
        next[i] = (now[i] ?? 0) + 0.4 * ((now[i - 1] ?? 0) - 2 * (now[i] ?? 0) + (now[i + 1] ?? 0));
      next[0] = next[nodes - 1] = 95 - 70 * Math.exp(-(t + dt) / 60 / 40);
      now = next;
    }
    expect(Math.abs((ours.at(-1) ?? 0) - (now[(nodes - 1) / 2] ?? 0))).toBeLessThan(0.15);
  });
});

/** Lean beef (from memory: ASHRAE, measured): .48 to .51 W/m/K, 3.4 to 3.6 kJ/kg/K, 1040 to 1090 kg/m³, 1.2 to 1.4e-7 m²/s. */
test('properties of lean beef are what is measured of it', () => {
  const { conductivity, density, heatCapacity, diffusivity } = propertiesOf(
    { water: 0.74, protein: 0.22, fat: 0.03, ash: 0.01 },
    20,
  );
  expect(conductivity).toBeGreaterThan(0.47);
  expect(conductivity).toBeLessThan(0.52);
  expect(heatCapacity).toBeGreaterThan(3.4);
  expect(heatCapacity).toBeLessThan(3.65);
  expect(density).toBeGreaterThan(1040);
  expect(density).toBeLessThan(1090);
  expect(diffusivity).toBeGreaterThan(1.2e-7);
  expect(diffusivity).toBeLessThan(1.42e-7);
});

/** Water at 20 and 80 °C (published, steam tables): .598 and .670 W/m/K, 998.2 and 971.8 kg/m³, 4.18 and 4.20 kJ/kg/K. */
test.each([
  [20, 0.598, 998.2, 4.182],
  [80, 0.67, 971.8, 4.197],
])('water at %d °C', (celsius, k, rho, cp) => {
  const water = propertiesOf({ water: 1, protein: 0, fat: 0, ash: 0 }, celsius);
  expect(Math.abs(water.conductivity / k - 1)).toBeLessThan(0.01);
  expect(Math.abs(water.density / rho - 1)).toBeLessThan(0.005);
  expect(Math.abs(water.heatCapacity / cp - 1)).toBeLessThan(0.005);
});
