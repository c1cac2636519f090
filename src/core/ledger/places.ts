/**
 * Where grams come from and go to: outside, or a place inside where nothing may be left standing. A batch
 * whose cook cannot be reckoned yet (no time for the pot) is unreckoned.
 */
const outside = [
  'shop',
  'cupboard',
  'air',
  'bin',
  'shelf',
  'table',
  'sent',
  'unaccounted',
  'unreckoned',
  'unpulled',
  'eaten',
] as const;
type Inside =
  | 'board'
  | 'aside'
  | 'pan'
  | 'meat'
  | 'liquid'
  | 'bench'
  | 'bowl'
  | 'jug'
  | 'dressed'
  | 'plates'
  | 'fat jar'
  | 'strainer';
export type Place = (typeof outside)[number] | Inside;

export const isOutside = (place: Place): boolean => (outside as readonly Place[]).includes(place);
