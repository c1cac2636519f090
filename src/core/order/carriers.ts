import type { DishKind } from '../batch/index.ts';

/** What a dish is built on, for one serving, and how it is packed (common practice, no source). */
export interface Carrier {
  readonly name: string;
  readonly section: 'bread' | 'dry goods';
  readonly each: number;
  readonly measure: 'count' | 'mass';
  readonly pack?: number;
}

/** For one serving, and in a pack (common practice, no source). */
export const carriers: Readonly<Partial<Record<DishKind, Carrier>>> = {
  taco: { name: 'small tortillas', section: 'bread', each: 1, measure: 'count', pack: 12 },
  roll: { name: 'rolls', section: 'bread', each: 1, measure: 'count', pack: 6 },
  'long roll': { name: 'long rolls', section: 'bread', each: 1, measure: 'count', pack: 4 },
  pasta: { name: 'dried pasta', section: 'dry goods', each: 90, measure: 'mass', pack: 500 },
  'hand pie': { name: 'pastry', section: 'bread', each: 60, measure: 'mass', pack: 500 },
  burrito: { name: 'large tortillas', section: 'bread', each: 1, measure: 'count', pack: 8 },
};
