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

/**
 * Ingredients as they are sold where this kitchen is: in packs of the size that the cook has written, what comes in usual tins in
 * those that are usual there.
 */
export function soldIn(
  list: readonly Ingredient[],
  { tins = '400 g', packs }: Pick<Kitchen, 'tins' | 'packs'>,
): readonly Ingredient[] {
  if (tins === '400 g' && packs === undefined) return list;
  return list.map((one) => {
    const own = packs?.[one.id];
    if (own !== undefined) return withPack(one, own);
    return one.tinned ? { ...one, packG: TINS[tins].usual } : one;
  });
}

/** Whatever its pack is called, it holds what the cook says. */
const withPack = ({ pieces, tinned: _, ...one }: Ingredient, packG: number): Ingredient => ({
  ...one,
  packG,
  ...(pieces && {
    pieces: Object.fromEntries(Object.entries(pieces).filter(([word]) => !PACKED.has(word))),
  }),
});
const PACKED = new Set(['tin', 'can', 'bottle', 'jar', 'tube', 'carton', 'bag']);
