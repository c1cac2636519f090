import type { Composition } from '@/reference/types.ts';

/** Ash left in cooked meat, of the raw ash. The published rows give .61 to 1.07 (estimate). */
export const KEPT_ASH = 0.75;

/** Raw flesh as the yield needs it: fractions of the raw boneless weight, and how it cooks. */
export interface Flesh {
  readonly protein: number;
  readonly fat: number;
  readonly ash: number;
  /** Cooked water, g per g protein, as the flows have it (water by difference). */
  readonly wetness: number;
  /** Fat retained of the raw fat, at `fatOfRow` (published rows; above 1 in half of them). */
  readonly retention: number;
  readonly fatOfRow: number;
}

/**
 * Fat retained, of the raw fat, never above 1 in the flows.
 * Falls as the raw fat rises: Rf at the row's fat times (f / row's f)^−.24 (fitted to SR24's
 * braised rows; an estimate outside them).
 */
export function fatRetained(flesh: Flesh, fat: number): number {
  if (!(fat > 0) || !(flesh.fatOfRow > 0)) return 1;
  return Math.min(1, flesh.retention * (fat / flesh.fatOfRow) ** -0.24);
}

/**
 * Flesh from a raw and a cooked row: y = p_raw / p_cooked, since the protein stays in the meat, and
 * the cooked water is what then remains, y − p − F − .75 a (USDA SR24 rows; see docs/decisions).
 */
export function fleshOf(raw: Composition, cooked: Composition): Flesh {
  const y = raw.protein / cooked.protein;
  const retention = (cooked.fat * y) / raw.fat;
  const keptFat = raw.fat * Math.min(1, retention);
  return {
    protein: raw.protein,
    fat: raw.fat,
    ash: raw.ash,
    wetness: (y - raw.protein - keptFat - KEPT_ASH * raw.ash) / raw.protein,
    retention,
    fatOfRow: raw.fat,
  };
}

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
 * Cooked yield of boneless flesh: y = p·(1 + ω) + F + .75 a, where F = f·min(Rf, 1) is the fat it
 * keeps and f − F is rendered. Held in [p + F + .75 a, 1 − rendered].
 */
export function cookedShare(flesh: Flesh): CookedShare {
  const keptFat = flesh.fat * fatRetained(flesh, flesh.fat);
  const rendered = flesh.fat - keptFat;
  const lowest = flesh.protein + keptFat + KEPT_ASH * flesh.ash;
  const highest = 1 - rendered;
  const y = flesh.protein * (1 + flesh.wetness) + keptFat + KEPT_ASH * flesh.ash;
  return { y: Math.min(highest, Math.max(lowest, y)), keptFat, rendered, lowest, highest };
}
