import { mainOf, saltShareOf, stepsG } from '../../broth/index.ts';
import { BROTH } from '../../work/index.ts';
import type { BatchMass } from './run.ts';
import type { BatchPlan } from '../plan/plan.ts';

/** How a figure is read off a run, of its plan where it hangs on the steps. */
type Figure = (mass: BatchMass, plan: BatchPlan) => number;

/** Figures of a batch's meat, in the order of the work: g, and shares. */
export const meatFigures = {
  rawG: ({ sums }) => sums.raw,
  trimG: ({ sums }) => sums.trim,
  /** As it was bought, and as it comes out. */
  boneG: ({ sums }) => sums.rawBone,
  boneOutG: ({ sums }) => sums.boneOut,
  cookedG: ({ sums }) => sums.bench,
  /** With its bones, as it lies on the bench. */
  onBenchG: ({ sums }) => sums.bench + sums.boneOut,
  cookedYield: ({ sums }) => ratio(sums.bench, sums.raw - sums.trim - sums.rawBone),
  pickingsG: ({ sums }) => sums.pickings,
  unpulledG: ({ sums }) => sums.unpulled,
  shredG: ({ sums }) => sums.shred,
  shredYield: ({ sums }) => ratio(sums.shred, sums.raw),
} as const satisfies Readonly<Record<string, Figure>>;

const ratio = (part: number, whole: number) => (whole > 0 ? part / whole : 0);

const onSteps = (strand: 'steam' | 'skim'): Figure => {
  return ({ liquid }) => stepsG(liquid, strand);
};

/** Figures of its liquid: ml, g, and per cent. */
export const liquidFigures = {
  pouredMl: ({ liquid }) => liquid.pouredMl,
  juiceMl: ({ fromMeat }) => (fromMeat.juiceWater + fromMeat.juiceAsh + fromMeat.protein) / BROTH,
  fatG: ({ fromMeat }) => fromMeat.fat,
  gelatinG: ({ fromMeat }) => fromMeat.protein,
  steamMl: (mass, plan) => mass.liquid.steam + onSteps('steam')(mass, plan),
  solidsG: ({ liquid }) => liquid.solids,
  skimG: onSteps('skim'),
  liquidMl: ({ liquid }) => mainOf(liquid).ml,
  saltPct: ({ liquid }) => 100 * saltShareOf(mainOf(liquid)),
} as const satisfies Readonly<Record<string, Figure>>;

export type MeatFigure = keyof typeof meatFigures;
export type LiquidFigure = keyof typeof liquidFigures;
/** Every figure of a batch that has a column of draws; minutes come from the clock, not from the run. */
export type BatchFigure = MeatFigure | LiquidFigure | 'readyMin';

const figures = Object.entries({ ...meatFigures, ...liquidFigures }) as readonly [
  Exclude<BatchFigure, 'readyMin'>,
  Figure,
][];

/** The columns of a batch, one a figure, and what fills a place of all of them. */
export interface BatchColumns {
  readonly columns: Readonly<Record<BatchFigure, Float64Array>>;
  readonly write: (mass: BatchMass, plan: BatchPlan, readyMin: number, d: number) => void;
}

/** Empty columns as long as there are draws. */
export function batchColumns(n: number): BatchColumns {
  const filled = figures.map(([name, figure]) => ({ name, figure, column: new Float64Array(n) }));
  const readyMin = new Float64Array(n);
  return {
    columns: Object.fromEntries([
      ...filled.map(({ name, column }) => [name, column] as const),
      ['readyMin', readyMin],
    ]) as Record<BatchFigure, Float64Array>,
    write: (mass, plan, minutes, d) => {
      for (const { figure, column } of filled) column[d] = figure(mass, plan);
      readyMin[d] = minutes;
    },
  };
}
