import cutTable from './cuts.json' with { type: 'json' };
import ingredientTable from './ingredients.json' with { type: 'json' };
import type { Cut, Ingredient, Reference } from './types.ts';

/** The tables that ship with the program. */
export const reference: Reference = {
  version: cutTable.version,
  cuts: cutTable.cuts as readonly Cut[],
  separableFat: cutTable.separableFat,
  ingredients: ingredientTable.ingredients as readonly Ingredient[],
};
