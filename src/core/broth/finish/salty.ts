/** A finished liquid as its salt goes: g without fat, and what of that is salt. */
export interface Salty {
  readonly baseG: number;
  readonly saltG: number;
}

/** Ways out of a liquid that is, or will be, too salty. */
export interface SaltyWays {
  /** g of unsalted stock or water that bring it to the strength that is wanted; undefined where no thinning does. */
  readonly addG: number | undefined;
  /** Boiled down as is planned it would be so strong, 0 to 1. */
  readonly then: number;
  /** Of it, what to take out and thin again with water before it is boiled down, 0 to 1. */
  readonly swapShare: number;
}

/**
 * What to do about a liquid that would be too salty: thinned with so much unsalted stock; or so much of it exchanged for water
 * before it is boiled down by so many grams.
 * @param offG water that boiling it down takes off, g
 */
export function saltyWays({ baseG, saltG }: Salty, target: number, offG: number): SaltyWays {
  const left = Math.max(1e-9, baseG - offG);
  const then = saltG / left;
  // No salt at all is wanted, and some is in it: nothing that is poured in takes it out.
  const isOut = !(target > 0) && saltG > 0;
  return {
    addG: isOut ? undefined : Math.max(0, target > 0 ? saltG / target - baseG : 0),
    then,
    swapShare: then > target && target > 0 ? 1 - target / then : 0,
  };
}
