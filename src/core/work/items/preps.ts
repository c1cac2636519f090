import { type Amount, massOf, nothing, times } from '../../ledger/index.ts';

/** A way of preparing an ingredient by which something of it is left on the board. */
export interface PrepKind {
  /** What comes off where the table does not say, of the weight as bought (estimate). */
  readonly off: number;
  /** What comes off of so much of it, at that share. */
  readonly takes: (whole: Amount, share: number) => Amount;
  /** Done once it was soaked, with what it was soaked in; what was weighed was weighed before. */
  readonly sieved?: true;
  /** What comes off is its juice, which may go in too. */
  readonly juice?: true;
}

/** What a sieve keeps back holds twice its dry weight of water (estimate). */
const KEPT_WET = 2;

/** Every one, in the order in which they are offered; what comes off is an estimate. A new one is a row. */
export const prepKinds = {
  peeled: { off: 0.12, takes: times },
  seeded: { off: 0.1, takes: times },
  drained: { off: 0.4, takes: juiceOf, juice: true },
  sieved: { off: 0.25, takes: skinsOf, sieved: true },
} as const satisfies Readonly<Record<string, PrepKind>>;

export type Prep = keyof typeof prepKinds;
export const preps = Object.keys(prepKinds) as readonly Prep[];
export const prepKind = (prep: Prep): PrepKind => prepKinds[prep];

/** The juice that runs off a tin: water with what is dissolved in it, half as rich in solids as the whole. */
function juiceOf(whole: Amount, share: number): Amount {
  const thin = { ...whole, protein: whole.protein / 2, other: whole.other / 2, fat: 0 };
  const mass = massOf(thin);
  return mass > 0 ? times(thin, Math.min(1, (share * massOf(whole)) / mass)) : nothing;
}

/** Skins and seeds: a share of what is dry, wet through. */
function skinsOf(wet: Amount, share: number): Amount {
  const dry = { ...times(wet, share), water: 0, salt: 0, alcohol: 0 };
  const water = Math.min(wet.water, KEPT_WET * massOf(dry));
  const of = wet.water > 0 ? water / wet.water : 0;
  return { ...dry, water, salt: wet.salt * of, alcohol: wet.alcohol * of };
}
