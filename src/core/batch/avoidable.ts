/** What a guest may not have: checked against what goes into the pots. */
export const avoidable = [
  'pork',
  'beef',
  'alcohol',
  'heat',
  'gluten',
  'milk',
  'fish',
  'soy',
  'celery',
  'mustard',
  'sulphites',
] as const;

export type Avoidable = (typeof avoidable)[number];
