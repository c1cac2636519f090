import { type Stage, stages } from '@/core/meal/index.ts';

/** How tall the row of each station is, beside the others. */
const tall: Readonly<Record<Stage, number>> = {
  order: 112,
  meat: 84,
  pot: 84,
  clock: 84,
  bench: 84,
  broth: 84,
  plates: 92,
  keep: 80,
};
const all = stages.reduce((sum, stage) => sum + tall[stage], 0);

/** The rows as a grid. */
export const ROWS = stages.map((stage) => `minmax(0, ${tall[stage]}fr)`).join(' ');

/** How far down a part of a station’s row is, of so tall a drawing, px. */
export function atRow(stage: Stage, part: number, height: number): number {
  const before = stages.slice(0, stages.indexOf(stage)).reduce((sum, one) => sum + tall[one], 0);
  return ((before + part * tall[stage]) / all) * height;
}
