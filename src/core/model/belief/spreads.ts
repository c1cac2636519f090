import { type Batch, type Learnable, type Learned } from '../../meal/index.ts';
import { openPhase } from '../../clock/index.ts';

/**
 * Relative spreads of what a kitchen can learn, log-normal with median 1: what all its batches share, what those of one
 * group share (a cut, a vessel with its lid, a cut by its heat, a task), and one batch's own. Estimates; those of y as the model of
 * yields says, where the group's is the cut's own (`KnownCut.spread`).
 */
export const learnSpreads: Readonly<
  Record<Learnable, { readonly kitchen: number; readonly group: number; readonly own: number }>
> = {
  y: { kitchen: 0.05, group: 0.07, own: 0.06 },
  pickings: { kitchen: 0.3, group: 0.26, own: 0.21 },
  steam: { kitchen: 0.22, group: 0.17, own: 0.16 },
  held: { kitchen: 0.14, group: 0, own: 0.14 },
  skim: { kitchen: 0.07, group: 0, own: 0.07 },
  tender: { kitchen: 0.06, group: 0.08, own: 0.11 },
  reduce: { kitchen: 0.22, group: 0, own: 0.2 },
  cooling: { kitchen: 0.12, group: 0.15, own: 0.15 },
  pull: { kitchen: 0.25, group: 0, own: 0.25 },
  skimming: { kitchen: 0.3, group: 0, own: 0.3 },
  task: { kitchen: 0.2, group: 0.25, own: 0.3 },
  soak: { kitchen: 0.22, group: 0, own: 0.2722 },
  scoop: { kitchen: 0.06, group: 0.06, own: 0.05 },
  salt: { kitchen: 0.2, group: 0, own: 0.12 },
  thickness: { kitchen: 0.5, group: 0, own: 0.25 },
};

/** What a cook's portions are off by where a hand keeps them, the same each time, log-normal with median 1 (estimate). */
export const HAND = 0.12;

/** What is known of one group before a meal: its middle, and how much all of the kitchen and the group move together. */
export interface Prior {
  readonly mean: number;
  readonly shared: number;
  readonly group: number;
  /** The single batch's own about it. */
  readonly batch: number;
  /** From so many batches. */
  readonly n: number;
}

/** By what the time to tender is learned: its heat, and the cut. */
export const tenderGroup = ({ cook }: Pick<Batch, 'cook'>, cut: string): string =>
  `${openPhase(cook)?.heat ?? ''} ${cut}`;

/** A prior and the batch's own spread about it, as one: of the logarithm of a factor. */
export function nextOf(
  learned: Learned | undefined,
  what: Learnable,
  of: string,
  group?: number,
): { readonly n: number; readonly mean: number; readonly sd: number } {
  const { n, mean, shared, group: open, batch } = priorFor(learned, what, of, group);
  return { n, mean, sd: Math.hypot(shared, open, batch) };
}

/**
 * The prior of a group: as the log has taught, or as it is before there is one.
 * @param group its spread where nothing was learned of it
 */
export function priorFor(
  learned: Learned | undefined,
  what: Learnable,
  of: string,
  group = learnSpreads[what].group,
): Prior {
  const usual = learnSpreads[what];
  const own = learned?.figures.find((one) => one.what === what && one.of === of);
  if (own)
    return { mean: own.mean, shared: own.shared, group: own.own, batch: own.batch ?? usual.own, n: own.n };
  const unseen = of === '' ? undefined : learned?.figures.find((one) => one.what === what && one.of === '');
  if (unseen)
    return { mean: unseen.mean, shared: unseen.shared, group, batch: unseen.batch ?? usual.own, n: 0 };
  return { mean: 0, shared: usual.kitchen, group, batch: usual.own, n: 0 };
}
