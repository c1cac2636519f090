import type { Avoidable, DishKind } from '../meal/index.ts';

/** What a dish is built on, for one serving, and how it is packed (common practice, no source). */
export interface Carrier {
  readonly name: string;
  readonly section: 'bread' | 'dry goods';
  readonly each: number;
  readonly measure: 'count' | 'mass';
  readonly pack?: number;
  /** What some guests must not have in it (common practice, no source; the label decides). */
  readonly holds: readonly Avoidable[];
}

/** For one serving, and in a pack (common practice, no source). */
export const carriers: Readonly<Partial<Record<DishKind, Carrier>>> = {
  taco: { name: 'small tortillas', section: 'bread', each: 1, measure: 'count', pack: 12, holds: ['gluten'] },
  roll: { name: 'rolls', section: 'bread', each: 1, measure: 'count', pack: 6, holds: ['gluten'] },
  'long roll': {
    name: 'long rolls',
    section: 'bread',
    each: 1,
    measure: 'count',
    pack: 4,
    holds: ['gluten'],
  },
  pasta: {
    name: 'dried pasta',
    section: 'dry goods',
    each: 90,
    measure: 'mass',
    pack: 500,
    holds: ['gluten'],
  },
  'hand pie': {
    name: 'pastry',
    section: 'bread',
    each: 60,
    measure: 'mass',
    pack: 500,
    holds: ['gluten', 'milk'],
  },
  'folded taco': {
    name: 'small tortillas',
    section: 'bread',
    each: 1,
    measure: 'count',
    pack: 12,
    holds: ['gluten', 'milk'],
  },
  'pressed sandwich': {
    name: 'slices of bread',
    section: 'bread',
    each: 2,
    measure: 'count',
    pack: 16,
    holds: ['gluten', 'milk'],
  },
  gratin: {
    name: 'breadcrumbs',
    section: 'bread',
    each: 15,
    measure: 'mass',
    pack: 400,
    holds: ['gluten', 'milk'],
  },
  burrito: {
    name: 'large tortillas',
    section: 'bread',
    each: 1,
    measure: 'count',
    pack: 8,
    holds: ['gluten'],
  },
};
