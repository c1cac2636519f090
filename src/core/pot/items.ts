import type { Batch, Item } from '../batch/schema.ts';
import { amountOf, type Amount } from '../ledger/index.ts';
import { middle } from '../quantity/index.ts';
import type { Ingredient } from '@/reference/types.ts';

/** One thing in the pot, weighed out: its grams and what a gram of it is. */
export interface ItemPlan {
  readonly id: string;
  readonly ref: string;
  readonly name: string;
  readonly role: Ingredient['role'];
  readonly grams: number;
  /** g/ml at 20 °C. */
  readonly density: number;
  readonly perGram: Amount;
  /** The amount was filled in: poured to the line, or the usual share of the meat. */
  readonly solved: boolean;
}

/** g/ml of a liquid without a published cup (broth, estimate). */
const BROTH_DENSITY = 1.01;
/** The usual share of the raw meat for something put in without an amount (common practice, no source). */
const usualShare: Readonly<Record<string, number>> = {
  onion: 0.08,
  carrot: 0.05,
  celery: 0.04,
  garlic: 0.01,
};
const USUAL_SHARE = 0.05;

/** What is in the pot when nobody has said: stock to the line, onion and carrot. */
export const usualItems: readonly Item[] = [
  { id: 'usual-stock', ref: 'stock-low-salt', state: 'in' },
  { id: 'usual-onion', ref: 'onion', state: 'in' },
  { id: 'usual-carrot', ref: 'carrot', state: 'in' },
];

export const itemsOf = (batch: Batch): readonly Item[] => batch.items ?? usualItems;

/** Grams of an item as typed; undefined if it has no readable amount. */
function typedGrams(item: Item, ingredient: Ingredient): number | undefined {
  const amount = middle(item.amount);
  if (amount === undefined) return undefined;
  if (item.measure === 'volume') return amount * (ingredient.density ?? BROTH_DENSITY);
  if (item.measure === 'count')
    return ingredient.pieceG === undefined ? undefined : amount * ingredient.pieceG;
  return amount;
}

/**
 * Everything that is in the pot, with its grams. The first liquid without an amount is poured
 * until the line is reached; solids without one take their usual share of the raw meat.
 * @param ingredients all that may be named
 * @param rawG raw weight of the batch's meat, g
 * @param toLineMl what brings the line to its place, ml, all items together
 */
export function planItems(
  batch: Batch,
  ingredients: readonly Ingredient[],
  rawG: number,
  toLineMl: number,
): readonly ItemPlan[] {
  const known = itemsOf(batch).flatMap((item) => {
    const ingredient = ingredients.find((i) => i.id === item.ref);
    return ingredient && item.state === 'in' ? [{ item, ingredient }] : [];
  });
  const planned = known.map(({ item, ingredient }): ItemPlan => {
    const typed = typedGrams(item, ingredient);
    const usual = ingredient.role === 'solid' ? rawG * (usualShare[item.ref] ?? USUAL_SHARE) : 0;
    return {
      id: item.id,
      ref: item.ref,
      name: ingredient.name,
      role: ingredient.role,
      grams: typed ?? usual,
      density: ingredient.density ?? (ingredient.role === 'liquid' ? BROTH_DENSITY : 1),
      perGram: amountOf(ingredient.per),
      solved: typed === undefined,
    };
  });
  const others = planned.reduce((ml, item) => ml + item.grams / item.density, 0);
  const poured = planned.findIndex((item) => item.role === 'liquid' && item.solved);
  return planned.map((item, at) =>
    at === poured ? { ...item, grams: Math.max(0, toLineMl - others) * item.density } : item,
  );
}
