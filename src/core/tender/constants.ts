/**
 * Tenderness, one set for every method and size (fitted to the readiness table: 60 kJ/mol and .42 an
 * hour for beef chuck; 50 to 100 kJ/mol fit nearly as well once the rest is refitted). Only a cut's toughness
 * stands beside them.
 */
export const tenderness = {
  /** J/mol. */
  activation: 60_000,
  /** Of the way to tender, an hour at the temperature below. */
  rate: 0.42,
  celsius: 95,
  /** Log-normal spread of the rate: from one lot to another, and of a cut's named toughness (estimates). */
  lots: 0.15,
  cuts: 0.13,
  /** Nobody knows the liquid's heat to better than 1.2 K: so much of the rate is the pot's (estimate). */
  heat: 0.09,
  /** Relative spread of the sides of the pieces; the big ones are twice that above the others (estimate). */
  sizes: 0.1,
  /** So much faster than the others the first of several pieces comes along (estimate). */
  first: 1.11,
  /** And the thin end of a single one (estimate). */
  firstEnd: 1.06,
  /** On the same curve, where what was tender goes to mush, or a lean cut stringy (estimates). */
  mush: 3,
  stringy: 2.4,
} as const;

/** J/mol/K (published, exact by the SI). */
const GAS = 8.31446261815324;
const kelvin = (celsius: number) => celsius + 273.15;

/** How fast meat becomes tender at a temperature, of the way an hour (Arrhenius). */
export const tenderingAt = (celsius: number): number =>
  tenderness.rate *
  Math.exp((-tenderness.activation / GAS) * (1 / kelvin(celsius) - 1 / kelvin(tenderness.celsius)));
