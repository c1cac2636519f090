import {
  type Amount,
  amountOf,
  massOf,
  type Pool,
  setLess,
  setPlus,
  setTimes,
  times,
} from '../../ledger/index.ts';
import { midpoint, type Quantity } from '../../quantity/index.ts';
import { oneOf } from '../fields.ts';
import type { Ingredient, StepRun } from '../kind.ts';
import type { Liquid } from '../liquid.ts';
import { dissolvedProtein } from '../thickness.ts';

/** The liquid that a step is done to. */
export const onLiquid = {
  of: 'name',
  says: 'the liquid it is done to, by the name it was set apart under; absent: the pot’s',
} as const;

/** How much goes in. */
export const amount = {
  of: 'measured',
  says: 'g or ml: what is added, or what is set apart; absent: none, or half',
} as const;
export const measure = oneOf(['mass', 'volume']);

/** Of a quantity in g or ml, g; undefined where none is written. */
export function gramsOf(
  written: { readonly amount?: Quantity | undefined; readonly measure?: 'mass' | 'volume' | undefined },
  { density }: Pick<Ingredient, 'density'>,
): number | undefined {
  const middle = midpoint(written.amount);
  return middle === undefined ? undefined : written.measure === 'volume' ? middle * density : middle;
}

/** Salt as an ingredient. */
export const SALT: Ingredient = { perGram: amountOf({ salt: 1 }), density: 1 };

/** Stirred into a liquid: so much of each component, g, and what of it thickens as starch does. */
export interface StirredIn {
  readonly amount: Amount;
  readonly thickG: number;
}

/** @param thickens of a gram, what thickens as starch does */
export const stirred = ({ perGram }: Ingredient, grams: number, thickens = 0): StirredIn => ({
  amount: times(perGram, grams),
  thickG: grams * thickens,
});

/** Protein that is no gelatin comes to what is dissolved. */
export function dilute(liquid: Liquid, proteinG: number): void {
  const before = dissolvedProtein(liquid);
  if (before + proteinG > 0) liquid.gelatinShare *= before / (before + proteinG);
}

/** What is stirred in is a part of the liquid. */
export function stirIn({ amount: put, thickG }: StirredIn, { liquid, taken }: StepRun): void {
  setTimes(taken, put, 1);
  dilute(liquid, put.protein);
  setPlus(liquid.pool, liquid.pool, put, 1);
  liquid.thickG += thickG;
}

/** A share of a liquid with what lies in it into another. @param taken what of the liquid itself goes: more or less fat than its share */
export function move(from: Liquid, to: Liquid, share: number, taken: Pool): void {
  if (from === to) return;
  const none = massOf(to.pool) === 0;
  const moved = share * dissolvedProtein(from);
  const all = dissolvedProtein(to) + moved;
  if (all > 0) to.gelatinShare += ((from.gelatinShare - to.gelatinShare) * moved) / all;
  setPlus(to.pool, to.pool, taken, 1);
  setLess(from.pool, from.pool, taken);
  for (const part of ['solids', 'comesOut'] as const) {
    setPlus(to[part], to[part], from[part], share);
    setTimes(from[part], from[part], 1 - share);
  }
  // What is strained and what is not make a sauce.
  to.strained = none ? from.strained : to.strained && from.strained;
  for (const part of ['solidsG', 'comesOutG', 'thickG'] as const) {
    to[part] += share * from[part];
    from[part] -= share * from[part];
  }
}
