import type { Item, OwnIngredient, ShelfItem } from '@/core/meal/index.ts';
import { change } from '../memory.ts';
import { id } from './act.ts';
import { editKitchenIn } from './kitchen.ts';

/** The shelf. */

/** Changes what stands on the shelf. */
export function editShelf(
  words: string,
  recipe: (items: readonly ShelfItem[]) => readonly ShelfItem[],
  mealId?: string,
): void {
  change(mealId, { words }, (edits) => {
    const row = edits.get('kept', 'shelf');
    edits.put('kept', { id: 'shelf', items: recipe(row?.id === 'shelf' ? row.items : []) });
  });
}

interface Taken {
  readonly mealId: string;
  readonly batchId: string;
  readonly words: string;
  /** What is taken as the kitchen's own ingredient, and how much of it. */
  readonly ingredient: OwnIngredient;
  readonly grams: number;
  /** What is in the pot where nothing is written. */
  readonly usual: readonly Item[];
  /** What is left on the shelf. */
  readonly left: ShelfItem;
}

/** Takes something off the shelf into a pot, as one act: its figures go to the kitchen, a line to the pot. */
export function takeFromShelf({ mealId, batchId, words, ingredient, grams, usual, left }: Taken): void {
  const item: Item = {
    id: id(),
    ref: ingredient.id,
    amount: { text: `${String(Math.round(grams))} g`, lo: grams, hi: grams },
    measure: 'mass',
    state: 'in',
  };
  change(mealId, { words }, (edits) => {
    editKitchenIn(edits, mealId, (kitchen) => ({
      ...kitchen,
      ingredients: [...(kitchen.ingredients ?? []).filter((one) => one.id !== ingredient.id), ingredient],
    }));
    edits.edit('batches', batchId, (row) => ({
      ...row,
      batch: { ...row.batch, items: [...(row.batch.items ?? usual), item] },
    }));
    const shelf = edits.get('kept', 'shelf');
    if (shelf?.id !== 'shelf') return;
    edits.put('kept', { id: 'shelf', items: shelf.items.map((one) => (one.id === left.id ? left : one)) });
  });
}
