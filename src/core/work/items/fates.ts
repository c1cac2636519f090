/** What becomes of something in the pot, as its liquid and the day see it. */
export interface FateKind {
  /** Counted with what lies in the liquid, with what comes out of it again, or with the liquid itself. */
  readonly with: 'solids' | 'lifted' | 'liquid';
  /** Somebody does it: takes it out, or blends it; at the end, or at a moment of its own. */
  readonly hands?: 'lifts' | 'blends';
  /** Together with all that shares it, in a bag. */
  readonly bagged?: true;
}

/**
 * Left in it, taken out again whole, alone or in the spice bag, blended into the liquid, or so fine or smooth that no sieve holds
 * it back. A new one is a row: the compiler asks for its words.
 */
export const fateKinds = {
  stays: { with: 'solids' },
  'comes out': { with: 'lifted', hands: 'lifts' },
  'in the bag': { with: 'lifted', bagged: true },
  puréed: { with: 'liquid', hands: 'blends' },
  'melts in': { with: 'liquid' },
} as const satisfies Readonly<Record<string, FateKind>>;

export type Fate = keyof typeof fateKinds;
export const fates = Object.keys(fateKinds) as readonly Fate[];
export const fateKind = (fate: Fate): FateKind => fateKinds[fate];
