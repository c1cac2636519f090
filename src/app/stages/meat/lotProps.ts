import type { Lot } from '@/core/meal/index.ts';

/** An act on one lot. */
export type EditLot = (words: string, recipe: (lot: Lot) => Lot, field?: string) => void;

export interface LotProps {
  readonly lot: Lot;
  readonly edit: EditLot;
}
