/**
 * Dealt in rounds: what is safe for each goes out first, and what is left then is shared by all.
 * @param portions g of one serving, and how many of each dish
 * @param surely how much of the shred there is in 95 of 100 runs, of what is likely
 * @returns g of one serving in the first round
 */
export const firstRound = (meatG: number, surely: number): number =>
  Math.floor(meatG * Math.min(1, Math.max(0, surely)));

/** What each gets of the rest, g, in proportion to what its dish was dealt. */
export function nextRound(
  dealt: readonly { readonly dish: string; readonly meatG: number; readonly servings: number }[],
  leftG: number,
): ReadonlyMap<string, number> {
  const all = dealt.reduce((sum, { meatG, servings }) => sum + meatG * servings, 0);
  return new Map(dealt.map(({ dish, meatG }) => [dish, all > 0 ? (leftG * meatG) / all : 0]));
}
