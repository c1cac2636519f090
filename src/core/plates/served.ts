/** What there is for the plates, by batch: g of shred, ml of liquid. */
export interface Pools {
  readonly g: Float64Array;
  readonly ml: Float64Array;
}

/** How the plates of a meal are filled, whatever there is in a draw. */
export interface Filling {
  /** The tickets by their places, in the order in which they are filled. */
  readonly order: readonly number[];
  /** Where the batches that a ticket may draw on stand among all. */
  readonly on: readonly (readonly number[])[];
  /** Tickets that draw on mixtures alone: their liquid comes with their meat. */
  readonly mixed: readonly boolean[];
  /** Sets of batches that dishes draw on, and what these make together; and of each ticket the sets that hold all of its batches. */
  readonly sets: readonly (readonly number[])[];
  readonly within: readonly (readonly number[])[];
  /** Of each ticket those that can be given up for it: of its priority, and what they set free it may draw on. */
  readonly instead: readonly (readonly number[])[];
  /** What each set can still give, while plates are filled. */
  readonly rest: Pools;
}

/** How far shred and liquid go, by ticket; filled anew by each draw. */
export interface Served {
  /** Full servings of each ticket. */
  readonly filled: Float64Array;
  /** One serving's shred, g, and liquid ladled and held, ml. */
  readonly meatG: Float64Array;
  readonly ladledMl: Float64Array;
  readonly heldMl: Float64Array;
  /** Which part ran short of each ticket: 0 none, or a code of `SHORT`. */
  readonly shortOf: Uint8Array;
  /** What all servings of a ticket take, g and ml. */
  readonly usedG: Float64Array;
  readonly usedMl: Float64Array;
  /** The same of each batch, ticket by ticket; only where it was dealt. */
  readonly takenG: Float64Array;
  readonly takenMl: Float64Array;
  plates: number;
  /** What the whole meal wants in this draw. */
  needG: number;
  needMl: number;
  leftG: number;
  leftMl: number;
}

/** Which part ran short of a ticket, as a code. */
export const SHORT = { meat: 1, liquid: 2 } as const;
