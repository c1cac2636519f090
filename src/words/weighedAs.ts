import type { Weighable } from '@/core/meal/index.ts';

/** What a weighing is of, in a line. */
export const weighedAs: Readonly<Record<Weighable, string>> = {
  raw: 'raw meat',
  board: 'trimmed meat',
  trim: 'trimmings',
  marinated: 'meat out of its marinade',
  cooked: 'cooked meat',
  bone: 'bones',
  pickings: 'picked out',
  unpulled: 'not pulled',
  shred: 'shred',
  again: 'later shred',
  foundLate: 'found late',
  eaten: 'eaten',
  thrown: 'thrown away',
  dressed: 'dressed meat',
  pour: 'poured in',
  steam: 'steam',
  strained: 'solids',
  skim: 'fat',
  liquid: 'broth',
  drunk: 'drunk',
  pouredAway: 'poured away',
};
