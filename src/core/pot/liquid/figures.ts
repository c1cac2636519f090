import type { IngredientComposition } from '@/reference/types.ts';

/** What a packet prints of 100 g, as shares: fat, carbohydrate with fibre, protein, salt, alcohol. */
export interface PacketFigures {
  readonly fat: number;
  readonly other: number;
  readonly protein: number;
  readonly salt: number;
  readonly alcohol: number;
}

/**
 * An ingredient from its packet: what is not printed is water.
 * @returns grams in a gram, or the sum where the figures are more than the whole
 */
export function fromPacket(
  figures: PacketFigures,
): { readonly ok: true; readonly per: IngredientComposition } | { readonly ok: false; readonly sum: number } {
  const { fat, other, protein, salt, alcohol } = figures;
  const sum = fat + other + protein + salt + alcohol;
  if (sum > 1 + 1e-9) return { ok: false, sum };
  return { ok: true, per: { water: Math.max(0, 1 - sum), protein, fat, salt, ash: 0, alcohol, other } };
}
