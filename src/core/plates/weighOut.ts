/** A run of plates weighed out one after the other: what is on the scale, and what has been kept. */
export interface OnScale {
  /** What the scale showed when this plate began: its bowl, or the tray with the plates before it, g. */
  readonly zeroG: number | undefined;
  /** The last steady reading above that, g. */
  readonly steadyG: number;
}

export const nothingOnScale: OnScale = { zeroG: undefined, steadyG: 0 };

/** Less than this on the scale is nothing (estimate), g. */
const EMPTY = 4;
/** A plate lighter than this was not filled, g. */
const FILLED = 5;

/**
 * What a reading makes of the run. A bowl that is put down begins a plate; lifted, whatever lay in it last is kept. Both
 * hands stay free.
 * @returns the next state, and the grams that are kept if the bowl was lifted
 */
export function withReading(
  { zeroG, steadyG }: OnScale,
  { grams, stable }: { readonly grams: number; readonly stable: boolean },
): { readonly on: OnScale; readonly kept?: number } {
  if (zeroG === undefined) {
    return stable && grams > EMPTY ? { on: { zeroG: grams, steadyG: 0 } } : { on: nothingOnScale };
  }
  const lifted = grams < Math.max(EMPTY, zeroG / 2);
  if (lifted) return steadyG >= FILLED ? { on: nothingOnScale, kept: steadyG } : { on: nothingOnScale };
  return { on: { zeroG, steadyG: stable ? grams - zeroG : steadyG } };
}

/** A portion may be off by so much and still be the portion (common practice, no source). */
export const TOLERANCE = 0.04;

export interface Run {
  readonly done: number;
  readonly left: number;
  /** Mean of what was weighed, against the portion: .04 is four per cent heavy. */
  readonly drift: number;
  /** g that each of the rest gets if it goes on like this, and how many of them fall below the tolerance. */
  readonly restG: number;
  readonly shortRest: number;
  /** g for each of the rest so that it comes out even. */
  readonly evenG: number;
}

/**
 * How a run goes: its drift, and what that leaves for the last ones.
 * @param plated g of each plate so far; count of all of them
 * @param targetG g of a portion; leftG what of the shred is this dish's still
 */
export function runOf(plated: readonly number[], count: number, targetG: number, leftG: number): Run {
  const done = plated.length;
  const left = Math.max(0, count - done);
  const mean = done > 0 ? plated.reduce((sum, g) => sum + g, 0) / done : targetG;
  const drift = targetG > 0 ? mean / targetG - 1 : 0;
  const evenG = left > 0 ? leftG / left : 0;
  // As heavy as so far, so many are full; the rest share what is left then.
  const full = Math.min(left, Math.floor(leftG / Math.max(1, mean) + 1e-9));
  const over = Math.max(0, leftG - full * mean);
  const shortRest = left - full;
  return { done, left, drift, restG: shortRest > 0 ? over / shortRest : mean, shortRest, evenG };
}
