import { kitchen } from '../meal/kitchenSchema.ts';
import { usualKitchen, type OwnIngredient } from '../meal/index.ts';

/** Why a file would not take an ingredient of the kitchen's own; undefined if it does. */
export const ownIngredientProblem = (ingredient: OwnIngredient): string | undefined =>
  kitchen.safeParse({ ...usualKitchen, ingredients: [ingredient] }).error?.message;
