import type { Item } from '@/core/meal/index.ts';
import type { Ingredient } from '@/reference/types.ts';

/** An act on an item of the pot: its name goes behind the words. */
export type EditItem = (words: string, recipe: (item: Item) => Item, field?: string) => void;

export interface ItemProps {
  readonly item: Item;
  readonly name: string;
  readonly ingredient: Ingredient | undefined;
  readonly edit: EditItem;
}
