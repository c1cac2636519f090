import { NAME_MOST } from '../../meal/index.ts';
import type { Ingredient } from '@/reference/types.ts';

/** The source of an ingredient that the cook named and no table has. */
export const WITHOUT_FIGURES = 'own, without figures';

/** An ingredient nobody has figures for: taken as water it fills the pot, and its packet says what it holds. */
export const withoutFigures = (id: string, name: string): Ingredient => ({
  id,
  name: name.slice(0, NAME_MOST),
  role: 'solid',
  per: { water: 1, protein: 0, fat: 0, salt: 0, ash: 0, alcohol: 0, other: 0 },
  section: 'own',
  source: WITHOUT_FIGURES,
});
