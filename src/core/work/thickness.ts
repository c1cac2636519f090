import { massOf } from '../ledger/index.ts';
import type { Liquid } from './liquid.ts';

/**
 * How a hot liquid is after five minutes' standing: g a litre of water of what thickens it, and the word for that.
 * From starch + ½ flour + .2 of the dry matter of purées and of vegetables crushed in it + .3 of its gelatin
 * (estimates; what the cook tastes corrects them).
 */
export interface Thickness {
  readonly gPerL: number;
  readonly feels: Thick;
}
export const thicks = ['runs', 'coats the spoon', 'holds a line', 'mounds'] as const;
export type Thick = (typeof thicks)[number];

/** Of a gram, what thickens as starch does (estimates). */
export const THICKENS = { starch: 1, flour: 0.5, dry: 0.2, gelatin: 0.3 } as const;

/** From so many g a litre on it is called so (estimates). */
export const thickFrom: Readonly<Record<Thick, number>> = {
  runs: 0,
  'coats the spoon': 8,
  'holds a line': 20,
  mounds: 40,
};

/** Where a sauce begins to coat a spoon, g a litre: what is liked is learned against it. */
export const COATS = thickFrom['coats the spoon'];

export const thickWord = (gPerL: number): Thick =>
  thicks.findLast((word) => gPerL >= thickFrom[word]) ?? 'runs';

/** The thickness of a liquid as it stands. */
export function thicknessOf({ pool, solids, comesOut, thickG }: Liquid): Thickness {
  const gelatin = Math.max(0, pool.protein - solids.protein - comesOut.protein);
  const gPerL = pool.water > 0 ? (1000 * (thickG + THICKENS.gelatin * gelatin)) / pool.water : 0;
  return { gPerL, feels: massOf(pool) > 0 ? thickWord(gPerL) : 'runs' };
}
