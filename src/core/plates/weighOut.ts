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
const TOLERANCE = 0.04;

/** A plate on the scale: how much is in it, how much more it wants, and what that says. */
export interface PlateNow {
  readonly inBowlG: number;
  /** Above nought there is too little. */
  readonly offG: number;
  readonly says: 'no bowl' | 'more' | 'right' | 'too much';
}

/** How a plate stands to its portion. */
export function plateNow({ zeroG }: OnScale, grams: number | undefined, targetG: number): PlateNow {
  if (zeroG === undefined || grams === undefined) return { inBowlG: 0, offG: targetG, says: 'no bowl' };
  const inBowlG = Math.max(0, grams - zeroG);
  const offG = targetG - inBowlG;
  const right = Math.abs(offG) <= TOLERANCE * targetG;
  return { inBowlG, offG, says: right ? 'right' : offG > 0 ? 'more' : 'too much' };
}

/** Between which whole grams a portion is the portion. */
export const slotOf = (targetG: number): { readonly low: number; readonly high: number } => ({
  low: Math.ceil(targetG * (1 - TOLERANCE)),
  high: Math.floor(targetG * (1 + TOLERANCE)),
});

/** Kept on a tray the next plate begins where this one ended. */
export const onTray = (grams: number): OnScale => ({ zeroG: grams, steadyG: 0 });

export interface Run {
  readonly done: number;
  readonly left: number;
  /** Mean of what was weighed, against the portion: .04 is four per cent heavy. */
  readonly drift: number;
  /** g that each of the rest gets if it goes on like this, and how many of them fall below the tolerance. */
  readonly restG: number;
  readonly shortRest: number;
  /** g for each of the rest so that it comes out even, and for all of them. */
  readonly evenG: number;
  readonly leftG: number;
}

/**
 * How a run goes: its drift, and what that leaves for the last ones.
 * @param plated g of each plate so far; count of all that were ordered, less those that went out at a tap
 * @param targetG g of a portion; share what the sharing still gives this dish, which may be of a moment ago
 */
export function runOf(
  plated: readonly number[],
  count: number,
  targetG: number,
  share: { readonly servings: number; readonly meatG: number },
): Run {
  const done = plated.length;
  const left = Math.max(0, count - done);
  const leftG = Math.min(share.servings, left) * share.meatG;
  const mean = done > 0 ? plated.reduce((sum, g) => sum + g, 0) / done : targetG;
  const drift = targetG > 0 ? mean / targetG - 1 : 0;
  const evenG = left > 0 ? leftG / left : 0;
  // As heavy as so far, so many are full; the rest share what is left then.
  const full = Math.min(left, Math.floor(leftG / Math.max(1, mean) + 1e-9));
  const over = Math.max(0, leftG - full * mean);
  const shortRest = left - full;
  return { done, left, drift, restG: shortRest > 0 ? over / shortRest : mean, shortRest, evenG, leftG };
}
