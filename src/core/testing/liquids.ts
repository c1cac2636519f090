import { amountOf } from '../ledger/index.ts';
import type { ItemPlan } from '../pot/index.ts';

/** Something of the pot, grams of this composition, that the tests of the liquid pour, boil and strain. */
export const item = (
  id: string,
  role: ItemPlan['role'],
  grams: number,
  per: Parameters<typeof amountOf>[0],
  fate: ItemPlan['fate'] = 'stays',
): ItemPlan => ({
  id,
  ref: id,
  name: id,
  role,
  poured: role === 'liquid',
  grams,
  density: 1,
  perGram: amountOf(per),
  solved: false,
  fate,
  at: 0,
  out: undefined,
  prepared: undefined,
  marinade: undefined,
  spread: 0,
  ofBones: false,
  thickens: 0,
});
