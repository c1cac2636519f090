import type { Fate } from '@/core/meal/index.ts';

/** What becomes of something in the pot: as a choice, and behind its name, where that is not what becomes of most. */
export const fateWords: Readonly<Record<Fate, { readonly then: string; readonly beside?: string }>> = {
  stays: { then: 'stays in' },
  'comes out': { then: 'comes out again', beside: 'comes out again' },
  'in the bag': { then: 'in the spice bag', beside: 'in the spice bag' },
  puréed: { then: 'is blended in', beside: 'blended' },
  'melts in': { then: 'vanishes in it' },
};
