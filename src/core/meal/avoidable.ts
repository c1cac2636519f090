/**
 * What a guest may not have: checked against what goes into the pots. From gluten on, the fourteen
 * allergens of Regulation (EU) 1169/2011, annex II, which hold the nine of US law (from memory).
 */
export const avoidable = [
  'pork',
  'beef',
  'alcohol',
  'heat',
  'gluten',
  'milk',
  'egg',
  'fish',
  'crustaceans',
  'molluscs',
  'nuts',
  'peanuts',
  'sesame',
  'soy',
  'celery',
  'mustard',
  'lupin',
  'sulphites',
] as const;

export type Avoidable = (typeof avoidable)[number];
