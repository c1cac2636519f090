/**
 * What somebody typed, and what was read from it.
 * `text` is kept letter for letter. `lo` and `hi` are SI (g, ml, °C, min or pieces), equal unless a
 * range was typed, which then stands for the 10th and 90th percentile. Without them the text has
 * not been understood (yet). "2 × 800 g" is two pieces: `count` 2, `lo` the whole 1600 g.
 */
export interface Quantity {
  readonly text: string;
  readonly lo?: number | undefined;
  readonly hi?: number | undefined;
  readonly count?: number | undefined;
}

/** The middle of what was read, in SI; undefined if nothing was. */
export function midpoint(quantity: Quantity | undefined): number | undefined {
  if (quantity?.lo === undefined || quantity.hi === undefined) return undefined;
  return (quantity.lo + quantity.hi) / 2;
}

/** z of the 90th percentile of the standard normal (published, any table). */
export const Z90 = 1.2815515655446004;

/** Relative standard deviation of a typed range, read as p10 to p90 of a normal; 0 if exact. */
export function relativeSpread(quantity: Quantity | undefined): number {
  const mid = midpoint(quantity);
  if (!mid || quantity?.lo === undefined || quantity.hi === undefined) return 0;
  return (quantity.hi - quantity.lo) / (2 * Z90) / mid;
}
