import { type Batch, isStrained, skimWay } from '../../meal/index.ts';
import { massOf } from '../../ledger/index.ts';
import type { OpenedMeal } from '../../model/index.ts';
import type { BatchReckoning, LiquidReckoning } from '../../reckoning/index.ts';
import { FAT, MAIN, SAUCE } from '../../work/index.ts';

/** A part of what is in a jug: to a dish, soaked back into what is dipped, or what is left. */
export interface JugPart {
  readonly to: { readonly dish: string } | 'soaks back' | 'the shelf';
  readonly ml: number;
}

/** What stands in a jug, ml: the liquid, the fat above it that is to be taken off, the solids at its bottom. */
export interface Jug {
  readonly ml: number;
  readonly fatMl: number;
  readonly solidsMl: number;
  readonly parts: readonly JugPart[];
}

/** Less than this of it is not worth a line. */
const WORTH = 0.01;

/**
 * The jug of one of a batch's liquids, and where all of it goes: the flows of the ledger, so that what is claimed of it is never
 * more than it holds. Only the pot's own has fat to come off, and solids.
 */
export function jugOf(
  { nominal, plan }: Pick<OpenedMeal, 'nominal' | 'plan'>,
  { id: of, liquid }: Pick<BatchReckoning, 'id' | 'liquid'>,
  batch: Pick<Batch, 'after'>,
  { id, ml: { mid: ml } }: Pick<LiquidReckoning, 'id' | 'ml'>,
): Jug {
  const grams = new Map<string, number>();
  for (const one of nominal.flows) {
    if (one.batch !== of || (one.liquid ?? MAIN) !== id) continue;
    const to = one.id === 'servedLiquid' ? `to ${one.dish ?? ''}` : GOES[one.id];
    if (to !== undefined) grams.set(to, (grams.get(to) ?? 0) + massOf(one.amount));
  }
  const all = [...grams.values()].reduce((sum, g) => sum + g, 0);
  const part = (to: string) => (all > 0 ? (ml * (grams.get(to) ?? 0)) / all : 0);
  const parts: readonly JugPart[] = [
    ...plan.tickets.map(({ id: dish, name }): JugPart => ({ to: { dish: name }, ml: part(`to ${dish}`) })),
    { to: 'soaks back', ml: part('soaks back') },
    { to: 'the shelf', ml: part('the shelf') },
  ];
  const isMain = id === MAIN;
  return {
    ml,
    // Nine tenths of what is skimmed is fat.
    fatMl: isMain && liquid.skimG && skimWay(batch) !== 'leave' ? liquid.skimG.mid / FAT : 0,
    solidsMl: !isMain || isStrained(batch) ? 0 : (liquid.solidsG?.mid ?? 0) / SAUCE,
    parts: parts.filter((one) => one.ml > WORTH * ml),
  };
}

/** Where a liquid goes that no dish is ladled. */
const GOES: Readonly<Partial<Record<string, 'soaks back' | 'the shelf'>>> = {
  servedHeld: 'soaks back',
  keptLiquid: 'the shelf',
};
