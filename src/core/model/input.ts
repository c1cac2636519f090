import { type Batch, type Entry, type Kitchen, type Learned, type Meal, soldIn } from '../meal/index.ts';
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

/** Every ingredient that may be named: the table's, in the tins that are usual here, and those that this kitchen has added to it. */
export function ingredientsOf({
  kitchen,
  reference,
}: Pick<Input, 'kitchen' | 'reference'>): readonly Ingredient[] {
  const own = kitchen.ingredients as readonly Ingredient[] | undefined;
  return soldIn(own ? [...reference.ingredients, ...own] : reference.ingredients, kitchen);
}

const byId = new WeakMap<
  object,
  Pick<Kitchen, 'tins' | 'packs'> & { known: ReadonlyMap<string, Ingredient> }
>();

/** The same by their ids; made once for a kitchen. */
export function ingredientsById(
  input: Pick<Input, 'kitchen' | 'reference'>,
): ReadonlyMap<string, Ingredient> {
  const { ingredients, tins, packs } = input.kitchen;
  const key = ingredients ?? input.reference;
  const made = byId.get(key);
  if (made && made.tins === tins && made.packs === packs) return made.known;
  const known = new Map(ingredientsOf(input).map((ingredient) => [ingredient.id, ingredient]));
  byId.set(key, { tins, packs, known });
  return known;
}
