import { valueAt } from '../columns/index.ts';
import { type Learnable, learnables, type Learned } from '../meal/index.ts';
import { HAND, learnSpreads } from '../model/index.ts';
import { type GroupReading, type KitchenKnown, learnGroups } from '../pooled/index.ts';
import type { Evidence } from './evidence.ts';

/** What a kitchen's past batches teach, and how much each piece of evidence counted, 0 to 1. */
export interface Taught {
  readonly learned: Learned;
  readonly weights: Float64Array;
}

const asReading = ({ what: _, of, spread, ...said }: Evidence): GroupReading => ({
  group: of,
  ...said,
  ...(spread !== undefined && { groupSpread: spread }),
});

/** What evidence of one kind teaches: the one rule, whoever asks. */
export const knownOf = (what: Learnable, evidence: readonly Evidence[]): KitchenKnown =>
  learnGroups(evidence.map(asReading), { ...learnSpreads[what], hand: HAND });

/**
 * All that the evidence of past batches teaches, recomputed from it each time: one posterior for each kind, of which a
 * meal's own readings are then one more (see `posteriorOf`).
 * @param batches from how many batches it comes
 */
export function learn(evidence: readonly Evidence[], batches: number): Taught {
  const weights = new Float64Array(evidence.length);
  const figures = learnables.flatMap((what): Learned['figures'] => {
    const places = evidence.flatMap((one, i) => (one.what === what ? [i] : []));
    if (places.length === 0) return [];
    const known = knownOf(
      what,
      places.flatMap((i) => evidence[i] ?? []),
    );
    for (const [k, i] of places.entries()) weights[i] = valueAt(known.weights, k);
    const figure = (of: string, { n, mean, shared, own }: typeof known.unseen) => ({
      what,
      of,
      n,
      mean,
      shared,
      own,
      ...(known.scale !== 1 && { batch: known.scale * learnSpreads[what].own }),
    });
    // What is not told apart by groups has one figure: that of the kitchen.
    const [only] = [...known.groups.values()];
    if (learnSpreads[what].group === 0 && only) return [figure('', only)];
    return [
      ...[...known.groups].filter(([of]) => of !== '').map(([of, group]) => figure(of, group)),
      figure('', known.unseen),
    ];
  });
  return { learned: { batches, figures }, weights };
}
