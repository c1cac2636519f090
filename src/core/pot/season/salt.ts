/** Salt of a broth to drink, of its weight without the fat: .8 to 1.0 % (common practice, no source). */
export const BROTH_TARGET = 0.008;
/** Salt of the dressed meat: 1.0 to 1.3 % (common practice, no source). */
export const MEAT_TARGET = 0.011;
/** Nobody eats anything saltier (estimate). */
export const SALT_MOST = 0.03;
/** Nothing is proposed to be eaten that is saltier (estimate): a quarter above a well salted shred. */
export const PROPOSED_MOST = 0.016;
/** Past the strength that is wanted by this much, a plan is too salty (estimate). */
export const TOO_SALTY = 1.25;

/** A moment of the cook just before something is poured in: all water in the pot, and salt that is not ours. */
export interface Low {
  /** Water in the pot, the meat's included, g. */
  readonly waterG: number;
  /** Salt that the items have brought by then, g. */
  readonly saltG: number;
}

/**
 * Salt that has to go on the meat for the finished liquid to reach a strength, g: solved back once
 * from the forward reckoning. At the end of a long braise salt is even through all the water, the
 * meat's included, so what goes into a gram of the pot's water goes into a gram of the meat's. What is
 * poured in late thins it again: the strength is not passed at any low before it either. Negative
 * where what is in brings more than enough by itself.
 * @param target salt of the liquid's weight without fat, 0 to 1
 * @param liquidBaseG finished liquid without its fat, g, without the salt to be added
 * @param liquidWaterG water of that liquid, g
 * @param end all water in the pot at the end, and salt of the items
 * @param lows the smallest volumes on the way
 * @param meat cooked meat without bone and the water in it, g, and how salty it may be: its water takes the same salt,
 * so a liquid of many solids and little water does not set more than the meat bears
 */
export function saltWanted(
  target: number,
  liquidBaseG: number,
  liquidWaterG: number,
  end: Low,
  lows: readonly Low[] = [],
  meat?: { readonly grams: number; readonly waterG: number; readonly target: number },
): number {
  if (!(liquidWaterG > 0)) return 0;
  const most = Math.min(target, PROPOSED_MOST);
  const ofLiquid = (most * liquidBaseG) / (1 - most) / liquidWaterG;
  const ofMeat =
    meat && meat.waterG > 0 ? (Math.min(meat.target, PROPOSED_MOST) * meat.grams) / meat.waterG : Infinity;
  const perWater = Math.min(ofLiquid, ofMeat);
  const inMeat = meat?.waterG ?? 0;
  const each = [end, ...lows].map(
    ({ waterG, saltG }) => strengthOf(perWater, waterG, inMeat) * waterG - saltG,
  );
  return Math.min(...each);
}

/**
 * Salt for each gram of all water, so that the liquid holds so much for each of its own: what the meat takes up sends its weight of
 * water back (the positive root of W σ² + (W − M(1+p) − p(W−M)) σ − p(W−M) = 0).
 */
function strengthOf(p: number, waterG: number, inMeatG: number): number {
  const own = p * Math.max(0, waterG - inMeatG);
  if (!(waterG > 0) || own === 0) return p;
  const b = waterG - inMeatG * (1 + p) - own;
  return (-b + Math.sqrt(b * b + 4 * waterG * own)) / (2 * waterG);
}

/**
 * Salt that the meat still wants when it is dressed, g: braised in a broth to drink it is
 * under-salted, since only its water holds salt.
 * @param target of the dressed weight, 0 to 1
 * @param dressedG shred with the liquid it holds, g, and the salt in both, g
 */
export const saltAtDressing = (target: number, dressedG: number, saltG: number): number =>
  Math.max(0, (target * dressedG - saltG) / (1 - target));

/**
 * What a level teaspoon of each salt weighs, g: fine table salt is published (USDA SR24 02047), the
 * others are from memory. Grams come first; a spoon is only as good as its salt.
 */
export const salts = [
  { name: 'fine salt', gPerTsp: 6 },
  { name: 'coarse dense salt', gPerTsp: 4.8 },
  { name: 'light flakes', gPerTsp: 2.8 },
] as const;

/** 1 tsp in ml (published: NIST Handbook 44, appendix C). */
const ML_PER_TSP = 4.92892159375;

/** Grams of a salt that was measured by the spoon. */
export const saltOfVolume = (ml: number, salt: { readonly gPerTsp: number }): number =>
  (ml / ML_PER_TSP) * salt.gPerTsp;

/** Grams of a salt as spoons: quarters of a teaspoon, or tablespoons of three where there are many. */
export function saltSpoons(grams: number, salt: { readonly name: string; readonly gPerTsp: number }): string {
  const teaspoons = Math.round((4 * grams) / salt.gPerTsp) / 4;
  const set = (x: number) => String(Math.round(x * 4) / 4);
  return teaspoons >= 6
    ? `${set(teaspoons / 3)} tbsp of ${salt.name}`
    : `${set(teaspoons)} tsp of ${salt.name}`;
}
