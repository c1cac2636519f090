import type { Cut } from '@/reference/types.ts';
import { MOST_KEPT } from './keptFat.ts';

/** However tough, the collagen of a piece is no more than this of its protein (estimate). */
const MOST_GELATIN = 0.2;

/** Ash left in cooked meat, of the raw ash. The published rows give .61 to 1.07 (estimate). */
export const KEPT_ASH = 0.75;

/**
 * How fat retained falls as raw fat rises: R ~ f^−.27, the slope fitted over all
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
  /** Fat retained of the raw fat, at `fatOfRow` (published rows; above 1 in half of them): what y is reckoned with. */
  readonly retention: number;
  /** Fat that really stays, at `fatOfRow`: what the flows are reckoned with. */
  readonly keptFat: number;
  readonly fatOfRow: number;
}

/** Fat retained of the raw fat as the rows have it: R at the row's fat times (f / row's f)^−.27. */
export function retained({ retention, fatOfRow }: Flesh, fat: number): number {
  if (!(fat > 0) || !(fatOfRow > 0)) return 1;
  return fat === fatOfRow ? retention : retention * (fat / fatOfRow) ** FAT_SLOPE;
}

/** The flesh of a cut of the table. */
export const fleshOf = ({ raw, fatFreeYield, retention, keptFat }: Cut): Flesh => ({
  protein: raw.protein,
  fat: raw.fat,
  ash: raw.ash,
  fatFreeYield,
  retention,
  keptFat,
  fatOfRow: raw.fat,
});

/** How much more or less of its fat such meat keeps than its row: 1 at the row's own fat, which most of it has. */
const bendOf = ({ fatOfRow }: Flesh, fat: number): number =>
  fat === fatOfRow ? 1 : (fat / fatOfRow) ** FAT_SLOPE;

/** What one gram of raw boneless flesh becomes, before the spread of a batch. */
export interface CookedShare {
  readonly y: number;
  readonly keptFat: number;
  readonly rendered: number;
  /** Protein that dissolves as gelatin. */
  readonly gelatin: number;
  /** The yield can never leave these, in draws too. */
  readonly lowest: number;
  readonly highest: number;
}

/**
 * Cooked yield of boneless flesh: y = (1 − f)·g + R·f (core/meat/cookedModel). In the flows the fat
 * it keeps is F = f·k, k below 1 (core/meat/keptFat), and f − F is rendered; what the rows have above that is
 * the noise of two analyses, and stays in y as water. Of the protein a little dissolves as gelatin; y stays, so the cooked
 * meat's water is higher by as much. Held in [p − gelatin + F + .75 a, 1 − rendered − gelatin].
 * @param fatFactor multiplies what is rendered
 * @param gelatinShare of the raw boneless weight
 * @param now what it is made of once it is trimmed; absent: as it was
 */
export function cookedShare(
  flesh: Flesh,
  fatFactor = 1,
  gelatinShare = 0,
  now: Pick<Flesh, 'protein' | 'fat' | 'ash'> = flesh,
): CookedShare {
  const { protein, fat, ash } = now;
  const known = fat > 0 && flesh.fatOfRow > 0;
  const bend = known ? bendOf(flesh, fat) : 1;
  // Fat that stays: the same slope, never more than a braise keeps (core/meat/keptFat).
  const kept = known ? Math.min(MOST_KEPT, flesh.keptFat * bend) : MOST_KEPT;
  const rendered = Math.min(fat, fat * (1 - kept) * fatFactor);
  const keptFat = fat - rendered;
  const gelatin = Math.min(gelatinShare, MOST_GELATIN * protein);
  const lowest = protein - gelatin + keptFat + KEPT_ASH * ash;
  const highest = 1 - rendered - gelatin;
  const y = (1 - fat) * flesh.fatFreeYield + (known ? flesh.retention * bend : 1) * fat;
  return { y: Math.min(highest, Math.max(lowest, y)), keptFat, rendered, gelatin, lowest, highest };
}

/** The fat-free yield that gives a known cooked yield: an own cut by what it came to. */
export const fatFreeYieldFor = (flesh: Flesh, y: number): number =>
  (y - retained(flesh, flesh.fat) * flesh.fat) / (1 - flesh.fat);

/** Fat of a gram of it cooked, untrimmed. */
export function cookedFat(flesh: Flesh): number {
  const { keptFat, y } = cookedShare(flesh);
  return y > 0 ? keptFat / y : 0;
}
