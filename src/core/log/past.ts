import type { Batch, Learned, Meal } from '../meal/index.ts';
import { momentOf } from '../clock/index.ts';
import { tenderGroup } from '../model/index.ts';
import type { Logged } from './digest.ts';
import type { Evidence } from './evidence.ts';
import { learn } from './learn.ts';

/** A past batch as the learning wants it. */
export interface PastBatch {
  readonly meal: string;
  readonly batch: string;
  /** Epoch, ms. */
  readonly at: number;
  readonly evidence: readonly Evidence[];
}

/** Batches that teach: closed or weighed, not left out, and of which something was seen; one on the heat does not yet. */
export const pastOf = (digests: readonly Logged[]): readonly PastBatch[] =>
  digests.flatMap(({ meal, batch, at, leftOut, closed, weighed, evidence }) =>
    leftOut || evidence.length === 0 || !(weighed || closed) ? [] : [{ meal, batch, at, evidence }],
  );

/** When the first lid of a meal went on, epoch, ms; undefined while none has. */
export const begunAt = (batches: readonly Pick<Batch, 'lidOn'>[]): number | undefined => {
  const lids = batches.flatMap(({ lidOn }) => lidOn ?? []);
  return lids.length === 0 ? undefined : Math.min(...lids);
};

/** When a meal is or was cooked, as the log orders it: what has no time yet, and is not begun, comes after all that has. */
const cookedAt = ({ serving }: Pick<Meal, 'serving'>, begun: number | undefined): number =>
  (serving && momentOf(serving)) ?? begun ?? Infinity;

/**
 * What a kitchen had learned when a meal was cooked: from the batches before it, never from its own. A meal of the past
 * keeps its plan, whatever is cooked later.
 * @param begun epoch, ms: when its first lid went on
 * @returns undefined where nothing came before
 */
export function learnedBefore(
  past: readonly PastBatch[],
  meal: Pick<Meal, 'id' | 'serving'>,
  begun?: number,
): Learned | undefined {
  const until = cookedAt(meal, begun);
  const before = past.filter((one) => one.meal !== meal.id && one.at < until);
  if (before.length === 0) return undefined;
  return learn(
    before.flatMap(({ evidence }) => evidence),
    before.length,
  ).learned;
}

/** Of some cuts, from how many batches this kitchen knows what they give, or how long they take on this heat; those it has never cooked are not among them. */
export const knownFrom = (
  learned: Learned | undefined,
  batch: Pick<Batch, 'cook'>,
  cuts: readonly string[],
  what: 'y' | 'tender',
): readonly { readonly cut: string; readonly n: number }[] =>
  [...new Set(cuts)].flatMap((cut) => {
    const group = what === 'y' ? cut : tenderGroup(batch, cut);
    const n = learned?.figures.find((one) => one.what === what && one.of === group)?.n ?? 0;
    return n > 0 ? [{ cut, n }] : [];
  });

/** What the tables foretold of its shred, and what it came to, g. */
export const shredOf = ({ cuts }: Logged): { readonly plannedG: number; readonly shredG: number } => ({
  plannedG: cuts.reduce((sum, one) => sum + one.plannedG, 0),
  shredG: cuts.reduce((sum, one) => sum + one.shredG, 0),
});
