import { LOT_MOST_G, PLATES_MOST } from './bounds.ts';
import { midpoint, type Quantity } from '../quantity/index.ts';

/** A quantity beyond what one pot or one meal can be, as it was written. */
export type BeyondLimit =
  | { readonly what: 'lot too heavy'; readonly text: string; readonly mostG: number }
  | { readonly what: 'plates as a range'; readonly text: string }
  | { readonly what: 'too many plates'; readonly text: string; readonly most: number };

/** Why a lot's weight cannot be, or undefined if it can. */
export function lotWeightProblem(weight: Quantity): BeyondLimit | undefined {
  const grams = midpoint(weight);
  if (grams === undefined || grams <= LOT_MOST_G) return undefined;
  return { what: 'lot too heavy', text: weight.text, mostG: LOT_MOST_G };
}

/** Why a number of plates cannot be, or undefined if it can. */
export function platesProblem(count: Quantity): BeyondLimit | undefined {
  const plates = midpoint(count);
  if (plates === undefined) return undefined;
  if (count.lo !== count.hi) return { what: 'plates as a range', text: count.text };
  if (plates <= PLATES_MOST) return undefined;
  return { what: 'too many plates', text: count.text, most: PLATES_MOST };
}
