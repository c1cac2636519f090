/** What hands and mouths take without a scale, g (estimates; weigh one for your own). */
export const takenByHand = { bite: 15, handful: 60 } as const;
export type ByHand = keyof typeof takenByHand;

/** Animals get nothing that was cooked with these (common practice; they harm dogs and cats). */
const HARMS_PETS = new Set([
  'onion',
  'onion-half',
  'leek',
  'garlic',
  'chilli-dried',
  'stock-low-salt',
  'broth-canned',
]);

/**
 * What speaks against giving what is picked out to the pets: cooked bones never, and nothing soaked with onion.
 * @param refs what went into the pot
 */
export const notForPets = (
  what: 'bone' | 'pickings' | 'strained',
  refs: readonly string[],
): 'bones' | 'onion' | undefined =>
  what === 'bone' ? 'bones' : refs.some((ref) => HARMS_PETS.has(ref)) ? 'onion' : undefined;
