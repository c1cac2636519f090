import type { Batch, Item, OwnIngredient } from '@/core/meal/index.ts';
import { usualItems } from '@/core/pot/index.ts';
import type { Ingredient } from '@/reference/types.ts';
import type { RowEdits } from '@/store/rows.ts';
import { change } from '../memory.ts';
import { withOne } from './act.ts';
import { editBatch } from './batch.ts';
import { editKitchenIn } from './kitchen.ts';

/** What goes into the pot. */

export function editItems(
  batchId: string,
  words: string,
  recipe: (items: readonly Item[]) => Item[],
  field?: string,
): void {
  editBatch(batchId, words, (batch) => ({ ...batch, items: recipe(batch.items ?? usualItems) }), field);
}

/** Changes one thing in the pot. */
export function editItem(
  batchId: string,
  itemId: string,
  words: string,
  recipe: (item: Item) => Item,
  field?: string,
): void {
  editItems(batchId, words, (items) => withOne(items, itemId, recipe), field);
}

/**
 * Puts lines in at once, with the ingredients that the kitchen has to carry for them.
 * @param words what undo calls it
 */
export function putLines(
  mealId: string,
  batchId: string,
  words: string,
  recipe: (batch: Batch) => { readonly batch: Batch; readonly carried: readonly Ingredient[] },
): void {
  change(mealId, { words }, (edits) => {
    const row = edits.get('batches', batchId);
    if (!row) return;
    const { batch, carried } = recipe(row.batch);
    if (carried.length > 0) carry(edits, mealId, carried);
    edits.edit('batches', batchId, (before) => ({ ...before, batch }));
  });
}

/** Ingredients into the kitchen that a meal carries. */
const carry = (edits: RowEdits, mealId: string, ingredients: readonly Ingredient[]) =>
  editKitchenIn(edits, mealId, (kitchen) => ({
    ...kitchen,
    ingredients: [...(kitchen.ingredients ?? []), ...(ingredients as OwnIngredient[])],
  }));

/** Takes the usual pot that was offered, beside what is in it, or clears it. */
export function takeUsual(batchId: string, taken: boolean): void {
  editBatch(batchId, taken ? 'the usual pot' : 'clearing the pot', (batch) =>
    taken
      ? { ...batch, items: [...usualItems, ...(batch.items ?? [])] }
      : { ...batch, items: batch.items ?? [], dismissed: [...(batch.dismissed ?? []), USUAL_POT] },
  );
}

/** What waves the offer of the usual pot away. */
export const USUAL_POT = 'usual pot';
