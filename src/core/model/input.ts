import type { Batch, Entry, Kitchen, Learned, Meal } from '../meal/index.ts';
import type { Ingredient, Reference } from '@/reference/types.ts';

/** All that a reckoning depends on: the same input gives the same figures everywhere. */
export interface Input {
  readonly meal: Meal;
  readonly batches: readonly Batch[];
  readonly entries: readonly Entry[];
  readonly kitchen: Kitchen;
  readonly reference: Reference;
  /** What the kitchen's earlier batches have taught; absent: nothing. */
  readonly learned?: Learned | undefined;
}

/** What the plan of one batch hangs on beside the batch: nothing of the meal, and of the entries its own that stand. */
export type OfBatch = Pick<Input, 'kitchen' | 'reference' | 'learned' | 'entries'>;

/** Every ingredient that may be named: the table's, and those that this kitchen has added to it. */
export const ingredientsOf = ({
  kitchen,
  reference,
}: Pick<Input, 'kitchen' | 'reference'>): readonly Ingredient[] =>
  kitchen.ingredients
    ? [...reference.ingredients, ...(kitchen.ingredients as Ingredient[])]
    : reference.ingredients;

const byId = new WeakMap<object, ReadonlyMap<string, Ingredient>>();

/** The same by their ids; made once for a kitchen. */
export function ingredientsById(
  input: Pick<Input, 'kitchen' | 'reference'>,
): ReadonlyMap<string, Ingredient> {
  const key = input.kitchen.ingredients ?? input.reference;
  const known = byId.get(key);
  if (known) return known;
  const made = new Map(ingredientsOf(input).map((ingredient) => [ingredient.id, ingredient]));
  byId.set(key, made);
  return made;
}
