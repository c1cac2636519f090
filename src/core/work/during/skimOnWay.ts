import type { StepRun } from '../kind.ts';
import { holdLiquid } from '../held.ts';
import { CLINGING } from '../steps/skim.ts';

/** Of the floating fat, what a spoon takes off while it cooks (estimate). */
const WAY_FAT = 0.4;

export interface SkimOnWay {
  /** As it was weighed, g; undefined: the usual share. */
  readonly fatG: number | undefined;
}

/** Fat spooned off while it cooks, with the liquid that clings to it. */
export const skimOnWay = {
  flow: 'skimOnWay',
  run: ({ fatG }: SkimOnWay, { liquid, taken }: StepRun): void => {
    const { pool, solids, comesOut } = liquid;
    const floating = Math.max(0, pool.fat - solids.fat - comesOut.fat);
    taken.fat = Math.min(floating, fatG ?? WAY_FAT * floating);
    holdLiquid((taken.fat * CLINGING) / (1 - CLINGING), taken, pool);
  },
} as const;
