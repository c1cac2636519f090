import { saidOf } from '../meal/index.ts';
import { isNotKnown } from '../pot/index.ts';
import type { Ingredient } from '@/reference/types.ts';

/** What hands and mouths take without a scale, g (estimates; weigh one for your own). */
export const takenByHand = { bite: 15, handful: 60 } as const;
export type ByHand = keyof typeof takenByHand;

/**
 * What harms dogs and cats (from memory, and common practice): the onion kind and chilli, and what grows or is made beside
 * them that harms too.
 */
const HARMS =
  /onion|leek|garlic|shallot|chive|scallion|ramps?\b|chil+[ei]|\bpepper, (red|cayenne)|raisin|grape|currant|macadamia|chocolate|cocoa|xylitol|avocado|jalape|serrano|poblano|habanero|bonnet|sriracha|gochujang|harissa|adobo|chipotle|paprika/i;
/** What is boiled from onion, or may be: stock, broth, gravy, soups, sauces and rubs; so is whatever stood on a shelf. */
const MADE_WITH_IT = /stock|broth|bouillon|gravy|soup|sauce|\brub\b|curry|seasoning|sofrito|salsa/i;

/** What speaks against giving it to the pets: bones, something that harms them by its name, or what nobody knows. */
export type NotForPets =
  | { readonly why: 'bones' }
  | { readonly why: 'harms' | 'may hold onion'; readonly name: string };

/**
 * What speaks against giving what is picked out to the pets: cooked bones never, and nothing that lay with the onion kind,
 * nor with what may hold it.
 * @param ingredients what went into the pot
 */
export function notForPets(
  what: 'bone' | 'pickings' | 'strained',
  ingredients: readonly Pick<Ingredient, 'name' | 'row' | 'section' | 'unsure' | 'holds' | 'source'>[],
): NotForPets | undefined {
  if (what === 'bone') return { why: 'bones' };
  const harms = ingredients.find((one) => HARMS.test(saidOf(one)));
  if (harms) return { why: 'harms', name: harms.name };
  const may = ingredients.find(
    (one) => MADE_WITH_IT.test(saidOf(one)) || one.section === 'from the shelf' || isNotKnown(one),
  );
  return may && { why: 'may hold onion', name: may.name };
}
