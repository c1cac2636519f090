/** Less than this is no thing that was put down, g (estimate). */
const LEAST = 8;

/** Something that was put on the scale, or taken off, as the scale saw it. */
export interface Jump {
  /** g more than it was steady at before; less than nought: taken off. */
  readonly grams: number;
  /** How many pieces that was. */
  readonly pieces: number;
}

/**
 * What a scale that was steady at one figure and is steady at another has seen: nothing, one piece, or several put down
 * at once, as many as make pieces of about the usual weight.
 * @param before g, steady; after g, steady
 * @param usualG what one piece weighs, as far as is known; undefined: whatever it is, it is one
 */
export function jumpOf(before: number, after: number, usualG: number | undefined): Jump | undefined {
  const grams = after - before;
  if (Math.abs(grams) < LEAST) return undefined;
  const pieces = usualG !== undefined && usualG > 0 ? Math.max(1, Math.round(Math.abs(grams) / usualG)) : 1;
  return { grams, pieces: grams > 0 ? pieces : -pieces };
}
