import { holdLiquid } from '../held.ts';
import type { StepRun } from '../kind.ts';

/** Scum of a pot that was brought to the boil, of the raw meat (estimate). */
export const SCUM = 0.004;
/** What of the scum is protein; the rest is the liquid in it (estimate). */
const PROTEIN = 0.15;

export interface Scum {
  readonly grams: number;
}

/** Scum off a pot that comes to the boil. */
export const scum = {
  flow: 'scum',
  run: ({ grams }: Scum, { liquid, taken }: StepRun): void => {
    const { pool, solids, comesOut } = liquid;
    const loose = Math.max(0, pool.protein - solids.protein - comesOut.protein);
    taken.protein = Math.min(loose, PROTEIN * grams);
    holdLiquid(grams - taken.protein, taken, pool);
  },
} as const;
