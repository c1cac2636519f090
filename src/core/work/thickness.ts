import { massOf } from '../ledger/index.ts';
import type { Liquid } from './liquid.ts';

/**
 * How a hot liquid is after five minutes' standing: g a litre of water of what thickens it, and the word for that.
 * From starch + ½ flour + .2 of the dry matter of purées and of vegetables crushed in it + .3 of the gelatin of meat and bone, which
 * hot is never more than coats (estimates; what the cook tastes corrects them).
 */
export interface Thickness {
  readonly gPerL: number;
  readonly feels: Thick;
  /** Of it what gelatin would give if it were not hot; absent: none. */
  readonly ofGelatin?: number;
}
export const thicks = ['runs', 'coats the spoon', 'holds a line', 'mounds'] as const;
export type Thick = (typeof thicks)[number];

/** Of a gram, what thickens as starch does (estimates). */
export const THICKENS = { starch: 1, flour: 0.5, dry: 0.2, gelatin: 0.3 } as const;
/** While it is hot gelatin thickens no more than so much starch would, g a litre (estimate). */
export const HOT_GELATIN_MOST = 15;

/** From so many g of starch a litre on it is called so (common practice, no source: light, medium and thick). */
export const thickFrom: Readonly<Record<Thick, number>> = {
  runs: 0,
  'coats the spoon': 15,
  'holds a line': 25,
  mounds: 45,
};

/** Where a sauce begins to coat a spoon, g a litre: what is liked is learned against it. */
export const COATS = thickFrom['coats the spoon'];

export const thickWord = (gPerL: number): Thick =>
  thicks.findLast((word) => gPerL >= thickFrom[word]) ?? 'runs';

/** Protein that is dissolved in it, g: not that of the solids that lie in it. */
export const dissolvedProtein = ({ pool, solids, comesOut }: Liquid): number =>
  Math.max(0, pool.protein - solids.protein - comesOut.protein);

/** The thickness of a liquid as it stands. */
export function thicknessOf(liquid: Liquid): Thickness {
  const { pool, thickG, gelatinShare } = liquid;
  const perLitre = (grams: number) => (pool.water > 0 ? (1000 * grams) / pool.water : 0);
  const gelatin = THICKENS.gelatin * perLitre(gelatinShare * dissolvedProtein(liquid));
  const gPerL = perLitre(thickG) + Math.min(HOT_GELATIN_MOST, gelatin);
  return { gPerL, feels: massOf(pool) > 0 ? thickWord(gPerL) : 'runs', ofGelatin: gelatin };
}
