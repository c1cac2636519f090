import { setLess, type Pool } from '../ledger/index.ts';

/** Strained solids keep this much of the weight that went in, held liquid included (.5 to .75, estimate). */
const SOLIDS_KEEP = 0.6;

/** Water that solids hold when they are lifted out, g, beside what is dry in them. */
export function heldWater(solidsG: number, held: number, dry: number): number {
  return Math.max(0, Math.min(0.95, SOLIDS_KEEP * held) * solidsG - dry);
}

/**
 * Takes something out of a pool with the liquid that it holds: water with the salt and the alcohol
 * that are in it.
 */
export function holdLiquid(wanted: number, taken: Pool, pool: Pool): void {
  const liquid = pool.water + pool.salt + pool.alcohol;
  const share = liquid > 0 ? Math.min(1, Math.max(0, wanted) / liquid) : 0;
  taken.water = pool.water * share;
  taken.salt = pool.salt * share;
  taken.alcohol = pool.alcohol * share;
  setLess(pool, pool, taken);
}
