import type { Batch, Entry, Kitchen, Meal } from '../batch/index.ts';
import type { Remedy } from '../pot/index.ts';
import type { Quantity } from '../quantity/index.ts';
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
  /** Where it is the cook's concern, if not wherever the batch is. */
  readonly stage?: 'pot' | 'clock' | 'bench';
  readonly words: string;
  /** What can be done about it with one press. */
  readonly remedies?: readonly (Remedy | SaltLess | PourLess | Warmer)[];
}

export interface PourLess {
  readonly what: 'pour less';
  readonly item: string;
  readonly amount: Quantity;
  readonly words: string;
}

export interface Warmer {
  readonly what: 'heat';
  readonly setting: Quantity;
  readonly words: string;
}

export interface SaltLess {
  readonly what: 'salt';
  readonly grams: number;
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
