/**
 * Units as cooks write them, with what one of each is in SI.
 * Factors: NIST SP 811 and NIST Handbook 44, appendix C (published, exact).
 */
export type Measure = 'mass' | 'volume' | 'count' | 'temperature' | 'duration';

interface Unit {
  readonly measure: Measure;
  /** Grams, millilitres, pieces, degrees Celsius or minutes in one of this unit. */
  readonly si: number;
  readonly names: readonly string[];
}

/** Exact (published: NIST SP 811, NIST Handbook 44, appendix C). */
export const G_PER_LB = 453.59237;
export const G_PER_OZ = 28.349523125;
export const ML_PER_CUP = 236.5882365;
export const ML_PER_FL_OZ = 29.5735295625;
const ML_PER_TSP = 4.92892159375;

export const units: readonly Unit[] = [
  { measure: 'mass', si: 1, names: ['g', 'gr', 'gram', 'grams', 'gramme', 'grammes'] },
  { measure: 'mass', si: 1000, names: ['kg', 'kilo', 'kilos', 'kilogram', 'kilograms'] },
  { measure: 'mass', si: G_PER_OZ, names: ['oz', 'ounce', 'ounces'] },
  { measure: 'mass', si: G_PER_LB, names: ['lb', 'lbs', 'pound', 'pounds'] },
  { measure: 'volume', si: 1, names: ['ml', 'millilitre', 'millilitres', 'milliliter', 'milliliters'] },
  { measure: 'volume', si: 10, names: ['cl'] },
  { measure: 'volume', si: 100, names: ['dl'] },
  { measure: 'volume', si: 1000, names: ['l', 'litre', 'litres', 'liter', 'liters'] },
  { measure: 'volume', si: ML_PER_CUP, names: ['cup', 'cups'] },
  { measure: 'volume', si: 4 * ML_PER_CUP, names: ['quart', 'quarts', 'qt'] },
  { measure: 'volume', si: ML_PER_FL_OZ, names: ['fl oz', 'floz', 'fluid ounce', 'fluid ounces'] },
  { measure: 'volume', si: ML_PER_TSP, names: ['tsp', 'teaspoon', 'teaspoons'] },
  { measure: 'volume', si: 3 * ML_PER_TSP, names: ['tbsp', 'tablespoon', 'tablespoons'] },
  // The usual one of a kitchen, four fluid ounces (common practice, no source); its own are chosen where it says how plates are filled.
  { measure: 'volume', si: 4 * ML_PER_FL_OZ, names: ['ladle', 'ladles'] },
  // Of wine (common practice, no source); what is sold in other bottles says so where it is put in.
  { measure: 'volume', si: 750, names: ['bottle', 'bottles'] },
  { measure: 'duration', si: 1, names: ['min', 'mins', 'minute', 'minutes'] },
  { measure: 'duration', si: 60, names: ['h', 'hr', 'hrs', 'hour', 'hours'] },
];

const byName = new Map(units.flatMap((unit) => unit.names.map((name) => [name, unit] as const)));

/** The unit of that name, or undefined. Case and a closing full stop do not matter. */
export function unitNamed(name: string): Unit | undefined {
  return byName.get(name.toLowerCase().replace(/\.$/, '').replace(/\s+/g, ' '));
}

export const celsiusOfFahrenheit = (f: number) => ((f - 32) * 5) / 9;
export const fahrenheitOfCelsius = (c: number) => (c * 9) / 5 + 32;

/** Milliseconds in a minute: moments are epoch ms, lengths of time minutes. */
export const MINUTE_MS = 60_000;
