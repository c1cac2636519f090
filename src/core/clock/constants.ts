/**
 * Tenderness, one set for every method and size (from a fit of the readiness table: 85 kJ/mol and .44 an
 * hour for beef chuck; 50 to 100 kJ/mol fit too once the rest is refitted). Only a cut's toughness
 * stands beside them.
 */
export const tenderness = {
  /** J/mol. */
  activation: 85_000,
  /** Of the way to tender, an hour at the temperature below. */
  rate: 0.44,
  celsius: 95,
  /**
   * Log-normal spread of the rate: .15 from one lot to another, .13 of a cut's named toughness, and
   * .09 because nobody knows the liquid's heat to better than 1.2 K (estimates).
   */
  spread: 0.22,
  /** Relative spread of the sides of the pieces (estimate). */
  sizes: 0.1,
} as const;

/** J/mol/K (published, exact by the SI). */
const GAS = 8.31446261815324;
const kelvin = (celsius: number) => celsius + 273.15;

/** How fast meat becomes tender at a temperature, of the way an hour (Arrhenius). */
export const tenderingAt = (celsius: number): number =>
  tenderness.rate *
  Math.exp((-tenderness.activation / GAS) * (1 / kelvin(celsius) - 1 / kelvin(tenderness.celsius)));
