import type { Composition } from '@/reference/types.ts';

/**
 * Thermal properties of food from its composition, −40 to 150 °C (from memory: Choi and Okos 1986, as in
 * the ASHRAE Refrigeration Handbook; cp of water by 4.1762, since the handbook's 4.1289 is 1.3 % under
 * the steam tables). Ash is taken with its handbook values too.
 */
interface Component {
  /** W/m/K, kg/m³ and kJ/kg/K as polynomials of °C. */
  readonly k: readonly [number, number, number];
  readonly density: readonly [number, number, number];
  readonly cp: readonly [number, number, number];
}

/** Polynomials of °C (from memory: Choi and Okos 1986, as in the ASHRAE Refrigeration Handbook). */
const components: Readonly<Record<keyof Composition, Component>> = {
  water: {
    k: [0.57109, 1.7625e-3, -6.7036e-6],
    density: [997.18, 3.1439e-3, -3.7574e-3],
    cp: [4.1762, -9.0864e-5, 5.4731e-6],
  },
  protein: {
    k: [0.17881, 1.1958e-3, -2.7178e-6],
    density: [1329.9, -0.5184, 0],
    cp: [2.0082, 1.2089e-3, -1.3129e-6],
  },
  fat: {
    k: [0.18071, -2.7604e-4, -1.7749e-7],
    density: [925.59, -0.41757, 0],
    cp: [1.9842, 1.4733e-3, -4.8008e-6],
  },
  ash: {
    k: [0.32962, 1.4011e-3, -2.9069e-6],
    density: [2423.8, -0.28063, 0],
    cp: [1.0926, 1.8896e-3, -3.6817e-6],
  },
};

const at = ([a, b, c]: readonly [number, number, number], t: number) => a + b * t + c * t * t;

export interface Properties {
  /** W/m/K. */
  readonly conductivity: number;
  /** kg/m³. */
  readonly density: number;
  /** kJ/kg/K. */
  readonly heatCapacity: number;
  /** m²/s. */
  readonly diffusivity: number;
}

/** Properties of food at a temperature: conductivity by volume, density by specific volume, heat capacity by mass. */
export function propertiesOf(food: Composition, celsius: number): Properties {
  const parts = (Object.keys(components) as (keyof Composition)[]).map((name) => ({
    share: food[name],
    of: components[name],
  }));
  const total = parts.reduce((sum, { share }) => sum + share, 0);
  const volume = parts.reduce((sum, { share, of }) => sum + share / at(of.density, celsius), 0);
  const conductivity =
    parts.reduce((sum, { share, of }) => sum + (share / at(of.density, celsius)) * at(of.k, celsius), 0) /
    volume;
  const density = total / volume;
  const heatCapacity = parts.reduce((sum, { share, of }) => sum + share * at(of.cp, celsius), 0) / total;
  return { conductivity, density, heatCapacity, diffusivity: conductivity / (density * heatCapacity * 1000) };
}
