import type { Batch, Entry, Kitchen, Meal } from '../batch/schema.ts';
import type { Ingredient, Reference } from '@/reference/types.ts';

/** All that a reckoning depends on: the same input gives the same figures everywhere. */
export interface Input {
  readonly meal: Meal;
  readonly batches: readonly Batch[];
  readonly entries: readonly Entry[];
  readonly kitchen: Kitchen;
  readonly reference: Reference;
}

/** Something in the input that a cook has to look at, in one sentence, and where it stands. */
export interface Problem {
  readonly batch?: string;
  readonly lot?: string;
  readonly item?: string;
  readonly dish?: string;
  /** A guest must not have it: said of the pot and at the order, not of the field. */
  readonly guest?: true;
  readonly words: string;
}

/** Every ingredient that may be named: the table's, and those that this kitchen has added to it. */
export const ingredientsOf = ({
  kitchen,
  reference,
}: Pick<Input, 'kitchen' | 'reference'>): readonly Ingredient[] =>
  kitchen.ingredients
    ? [...reference.ingredients, ...(kitchen.ingredients as Ingredient[])]
    : reference.ingredients;
