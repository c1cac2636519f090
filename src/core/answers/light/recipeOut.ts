import type { Reckoning } from '../../reckoning/index.ts';
import type { Batch, Prep } from '../../meal/index.ts';
import { itemsOf } from '../../pot/index.ts';

import { ingredientsById, type OpenedMeal } from '../../model/index.ts';

/** A batch as a recipe tells it: what goes in, g, how it is done, and what it gives. */
export interface RecipeOut {
  readonly meal: string;
  readonly batch: Batch;
  readonly lots: readonly { readonly name: string; readonly grams: number }[];
  readonly items: readonly {
    readonly name: string;
    readonly grams: number;
    /** As it was written, where it was. */
    readonly typed: string | undefined;
    readonly prep: Prep | undefined;
  }[];
  readonly saltG: number;
  /** From the hot pot to tender; undefined where nobody knows. */
  readonly minutes: number | undefined;
  readonly shredG: number;
}

/**
 * A batch as a recipe.
 * @throws RangeError if the meal has no such batch
 */
export function recipeOut(
  { input }: Pick<OpenedMeal, 'input'>,
  reckoning: Reckoning,
  batchId: string,
): RecipeOut {
  const batch = input.batches.find(({ id }) => id === batchId);
  const at = reckoning.batches.find(({ id }) => id === batchId);
  if (!batch || !at) throw new RangeError(`There is no batch “${batchId}”.`);
  const ingredients = ingredientsById(input);
  const planned = at.pot?.items ?? [];
  return {
    meal: input.meal.name,
    batch,
    lots: at.lots.map(({ name, rawG }) => ({ name, grams: rawG })),
    items: itemsOf(batch).flatMap(({ id, ref, amount, prep }) => {
      const grams = planned.find((item) => item.id === id)?.grams;
      const name = ingredients.get(ref)?.name;
      if (grams === undefined || name === undefined) return [];
      return [{ name, grams, typed: amount?.lo === undefined ? undefined : amount.text, prep }];
    }),
    saltG: at.salt?.nowG ?? 0,
    minutes: at.ready.min === null ? undefined : Math.round(at.ready.min.mid),
    shredG: at.meat.shredG.mid,
  };
}
