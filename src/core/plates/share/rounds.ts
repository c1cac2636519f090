import type { DishShare } from './wanted.ts';

/** What one serving of a dish is dealt in the first round, g. */
export interface Dealt {
  readonly dish: string;
  readonly name: string;
  readonly servings: number;
  readonly meatG: number;
}

/**
 * Dealt in rounds: what is safe for each goes out first, in whole grams, and what is left then is shared by all.
 * @param surely how much of the shred there is in 95 of 100 runs, of what is likely
 */
export const firstRound = (dishes: readonly DishShare[], surely: number): readonly Dealt[] =>
  dishes
    .filter(({ meatG, of }) => meatG > 0 && of > 0)
    .map(({ dish, name, of, meatG }) => ({
      dish,
      name,
      servings: of,
      meatG: Math.floor(meatG * Math.min(1, Math.max(0, surely))),
    }));

/** What each gets of the rest, g, in proportion to what its dish was dealt: nothing is left. */
export function nextRound(dealt: readonly Dealt[], leftG: number): ReadonlyMap<string, number> {
  const all = dealt.reduce((sum, { meatG, servings }) => sum + meatG * servings, 0);
  return new Map(dealt.map(({ dish, meatG }) => [dish, all > 0 ? (leftG * meatG) / all : 0]));
}
