import table from './pantry.json' with { type: 'json' };
import type { Ingredient } from './types.ts';

/** The large table of ingredients: loaded when somebody looks for one. */
export const pantry = table.ingredients as readonly Ingredient[];
