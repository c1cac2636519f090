/** Salt of a broth to drink, of its weight without the fat: .8 to 1.0 % (common practice, no source). */
export const BROTH_TARGET = 0.008;

/**
 * Salt that has to be added for the finished liquid to reach a strength, g: solved back once from
 * the forward reckoning. At the end of a long braise salt is even through all the water, the
 * meat's included, so what goes into a gram of the pot's water goes into a gram of the meat's.
 * @param target salt of the liquid's weight without fat, 0 to 1
 * @param liquidBaseG finished liquid without its fat, g, without the salt to be added
 * @param liquidWaterG water of that liquid, g
 * @param allWaterG water in the pot at the end, the meat's included, g
 * @param alreadyG salt that the items bring, g
 */
export function saltToAdd(
  target: number,
  liquidBaseG: number,
  liquidWaterG: number,
  allWaterG: number,
  alreadyG: number,
): number {
  if (!(liquidWaterG > 0)) return 0;
  const inLiquid = (target * liquidBaseG) / (1 - target);
  return Math.max(0, (inLiquid / liquidWaterG) * allWaterG - alreadyG);
}

/**
 * What a level teaspoon of each salt weighs, g: fine table salt is published (USDA SR24 02047), the
 * others are from memory. Grams come first; a spoon is only as good as its salt.
 */
export const salts = [
  { name: 'fine salt', gPerTsp: 6 },
  { name: 'coarse dense salt', gPerTsp: 4.8 },
  { name: 'light flakes', gPerTsp: 2.8 },
] as const;

/** Grams of a salt as spoons: quarters of a teaspoon, or tablespoons of three where there are many. */
export function saltSpoons(grams: number, salt: { readonly name: string; readonly gPerTsp: number }): string {
  const teaspoons = Math.round((4 * grams) / salt.gPerTsp) / 4;
  const set = (x: number) => String(Math.round(x * 4) / 4);
  return teaspoons >= 6
    ? `${set(teaspoons / 3)} tbsp of ${salt.name}`
    : `${set(teaspoons)} tsp of ${salt.name}`;
}
