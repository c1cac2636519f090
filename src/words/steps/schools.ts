import type { School } from '@/core/meal/index.ts';

/** How a school works once the meat is tender, and when to. */
export const schoolWords: Readonly<Record<School, { readonly name: string; readonly why: string }>> = {
  broth: { name: 'strained and skimmed', why: 'Strained it is a broth.' },
  sauce: {
    name: 'sauce with its vegetables, meat back in',
    why: 'Pasta and fillings keep everything in the pot: the vegetables are the sauce, skimmed lightly.',
  },
  dip: { name: 'a dip with its fat', why: 'A dip needs its fat.' },
  'in the pot': { name: 'shredded in the pot', why: 'It never leaves its pot.' },
  overnight: { name: 'chilled overnight', why: 'Chilled, the fat lifts off in one piece.' },
};
