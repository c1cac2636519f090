import type { Keepable, ShelfPlace } from '@/core/meal/index.ts';

export const placeWords: Readonly<Record<ShelfPlace, string>> = {
  fridge: 'fridge',
  freezer: 'freezer',
  cupboard: 'cupboard',
};

export const keptWords: Readonly<Record<Keepable, string>> = {
  'meat in sauce': 'meat in its sauce',
  shred: 'shredded meat',
  broth: 'broth',
  sauce: 'sauce',
  fat: 'fat',
  other: 'something else',
};
