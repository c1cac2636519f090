import { G_PER_LB } from '../quantity/index.ts';

/** What may be wrong with a weighing, likeliest first; with what it would come to then, g. */
export type Ask =
  | { readonly what: 'pounds' | 'kilograms' | 'bone in'; readonly grams: number }
  | { readonly what: 'bowl'; readonly name: string; readonly grams: number }
  | { readonly what: 'some bowl' | 'raw in pounds' | 'all of it' };

/** Two weights are as good as alike within this, relative (estimate). */
const ALIKE = 0.15;
const alike = (a: number, b: number) => Math.abs(a / b - 1) < ALIKE;

/** How far off a weight is that was read in the other unit. */
const POUNDS_A_KILO = 1000 / G_PER_LB;

/** What a bowl weighs, g (estimate). */
const BOWL = { least: 250, most: 1200 };
const HALF = 0.5;

/**
 * What may be behind a weighing that lies far from what was likely: a bone in it, the other unit, a bowl, half of it (common
 * practice, no source).
 * @param grams as it was weighed
 * @param likelyG what all else foretells of it
 * @param boneG the bones that were in that meat and should not lie with it; 0 where they may
 */
export function asksOf(
  grams: number,
  likelyG: number,
  boneG: number,
  bowls: readonly { readonly name: string; readonly tareG?: number | undefined }[],
): readonly Ask[] {
  const more = grams - likelyG;
  const asks: Ask[] = [];
  if (boneG > 0 && more > 0 && alike(grams, likelyG + boneG))
    asks.push({ what: 'bone in', grams: grams - boneG });
  if (alike(grams / likelyG, POUNDS_A_KILO)) asks.push({ what: 'pounds', grams: grams / POUNDS_A_KILO });
  if (alike(grams / likelyG, 1 / POUNDS_A_KILO))
    asks.push({ what: 'kilograms', grams: grams * POUNDS_A_KILO }, { what: 'raw in pounds' });
  const bowl = bowls.find(({ tareG }) => tareG !== undefined && alike(tareG, more));
  if (bowl?.tareG !== undefined) asks.push({ what: 'bowl', name: bowl.name, grams: grams - bowl.tareG });
  else if (more > BOWL.least && more < BOWL.most) asks.push({ what: 'some bowl' });
  if (more < 0 && grams / likelyG < HALF + ALIKE) asks.push({ what: 'all of it' });
  return asks;
}
