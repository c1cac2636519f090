import type { Cut } from '@/reference/types.ts';

/** Ash left in cooked meat, of the raw ash. The published rows give .61 to 1.07 (estimate). */
export const KEPT_ASH = 0.75;

/**
 * How fat retained falls as raw fat rises: R ~ f^−.27, the slope that the model finds over all
 * braised rows of SR24 (core/meat/cookedModel; its test holds this figure to the fit).
 */
export const FAT_SLOPE = -0.27;

/** Raw flesh as the yield needs it: fractions of the raw boneless weight, and how it cooks. */
export interface Flesh {
  readonly protein: number;
  readonly fat: number;
  readonly ash: number;
  /** Fat-free cooked, g per g fat-free raw. */
  readonly fatFreeYield: number;
  /** Fat retained of the raw fat, at `fatOfRow` (published rows; above 1 in half of them). */
  readonly retention: number;
  readonly fatOfRow: number;
}

/** Fat retained of the raw fat as the rows have it: R at the row's fat times (f / row's f)^−.27. */
export function retained({ retention, fatOfRow }: Flesh, fat: number): number {
  if (!(fat > 0) || !(fatOfRow > 0)) return 1;
  return retention * (fat / fatOfRow) ** FAT_SLOPE;
}

/** The flesh of a cut of the table. */
export const fleshOf = ({ raw, fatFreeYield, retention }: Cut): Flesh => ({
  protein: raw.protein,
  fat: raw.fat,
  ash: raw.ash,
  fatFreeYield,
  retention,
  fatOfRow: raw.fat,
});

/** What one gram of raw boneless flesh becomes, before the spread of a batch. */
export interface CookedShare {
  readonly y: number;
  readonly keptFat: number;
  readonly rendered: number;
  /** The yield can never leave these, in draws too. */
  readonly lowest: number;
  readonly highest: number;
}

/**
 * Cooked yield of boneless flesh: y = (1 − f)·g + R·f (core/meat/cookedModel). In the flows the fat
 * it keeps is F = f·min(R, 1) and f − F is rendered; what the rows have above R = 1 is lean taken up
 * or noise, and stays in y as water. Held in [p + F + .75 a, 1 − rendered].
 */
export function cookedShare(flesh: Flesh): CookedShare {
  const r = retained(flesh, flesh.fat);
  const keptFat = flesh.fat * Math.min(1, r);
  const rendered = flesh.fat - keptFat;
  const lowest = flesh.protein + keptFat + KEPT_ASH * flesh.ash;
  const highest = 1 - rendered;
  const y = (1 - flesh.fat) * flesh.fatFreeYield + r * flesh.fat;
  return { y: Math.min(highest, Math.max(lowest, y)), keptFat, rendered, lowest, highest };
}

/** The fat-free yield that gives a known cooked yield: an own cut by what it came to. */
export const fatFreeYieldFor = (flesh: Flesh, y: number): number =>
  (y - retained(flesh, flesh.fat) * flesh.fat) / (1 - flesh.fat);
