import type { Batch, Item, OwnIngredient } from '@/core/meal/index.ts';
import { usualItems } from '@/core/pot/index.ts';
import type { Ingredient } from '@/reference/types.ts';
import type { RowEdits } from '@/store/rows.ts';
import { change } from '../memory.ts';
import { id, withOne } from './act.ts';
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

/** Puts the lines of a recipe in at once, with the ingredients that the kitchen has to carry for them. */
export function putRecipe(
  mealId: string,
  batchId: string,
  recipe: (batch: Batch) => { readonly batch: Batch; readonly carried: readonly Ingredient[] },
): void {
  change(mealId, { words: 'a recipe' }, (edits) => {
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

/**
 * Puts an ingredient into the pot. One that the short table does not have goes into the kitchen too, so
 * that the meal carries its figures wherever it goes.
 */
export function putIn(
  mealId: string,
  batchId: string,
  ingredient: Ingredient,
  known: boolean,
  much: Pick<Item, 'amount' | 'measure'> = {},
): void {
  const item = { id: id(), ref: ingredient.id, state: 'in' as const, ...much };
  change(mealId, { words: `putting in ${ingredient.name}` }, (edits) => {
    if (!known) carry(edits, mealId, [ingredient]);
    edits.edit('batches', batchId, (row) => ({
      ...row,
      batch: { ...row.batch, items: [...(row.batch.items ?? besideUsual(ingredient)), item] },
    }));
  });
}

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

/** What is left of the usual pot beside the first thing that is put in: that takes the place of its like. */
const besideUsual = ({ id: ref, role }: Ingredient): readonly Item[] =>
  usualItems.filter((usual) => usual.ref !== ref && !(role === 'liquid' && usual.ref === USUAL_POUR));

const USUAL_POUR = 'stock-low-salt';
