import type { Ingredient } from '@/reference/types.ts';
import type { Kitchen } from './schema.ts';

/** What the usual tin of a country holds, and its large one, g: 14.5 and 28 oz in the United States, elsewhere 400 and 800 g (common practice, no source). */
export const TINS = {
  '400 g': { usual: 400, large: 800 },
  '14.5 oz': { usual: 411, large: 794 },
} as const;

/** g in a large tin of what is sold in usual ones of this size. */
export const largeTinOf = (usualG: number): number =>
  Object.values(TINS).find(({ usual }) => usual === usualG)?.large ?? 2 * usualG;

/** Ingredients as they are sold where this kitchen is: what comes in usual tins in those that are usual there. */
export function soldIn(list: readonly Ingredient[], { tins }: Pick<Kitchen, 'tins'>): readonly Ingredient[] {
  if (tins === undefined || tins === '400 g') return list;
  const packG = TINS[tins].usual;
  return list.map((one) => (one.tinned ? { ...one, packG } : one));
}
