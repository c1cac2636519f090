import { amountOf, type Amount } from '../ledger/index.ts';

/** Raw bone, per gram (estimate): what it gives to the liquid comes out of this. */
export const RAW_BONE: Amount = amountOf({ water: 0.4, protein: 0.2, fat: 0.12, ash: 0.28 });
/** Flesh out of nowhere: what is found where the balance has none (estimate). */
export const ANY_FLESH: Amount = amountOf({ water: 0.55, protein: 0.3, fat: 0.14, ash: 0.01 });
/** Bones come out at this share of their raw weight (± .05, estimate); the rest goes to the liquid. */
export const BONE_OUT = 0.9;
/** What bones give to the liquid, of what they lose (estimates): water, fat, gelatin. */
export const BONE_GIVES = { water: 0.6, fat: 0.3, protein: 0.1 } as const;

/** An amount from parts that rounding may have brought a hair below nought. */
export const positive = (parts: Partial<Amount>): Amount =>
  amountOf({
    water: Math.max(0, parts.water ?? 0),
    protein: Math.max(0, parts.protein ?? 0),
    fat: Math.max(0, parts.fat ?? 0),
    ash: Math.max(0, parts.ash ?? 0),
    salt: Math.max(0, parts.salt ?? 0),
  });
