import { entryAt } from '../../columns/index.ts';
import { mainOf, noLiquidWeighed } from '../../broth/index.ts';
import { massOf } from '../../ledger/index.ts';
import { isWeighed, type LotPlan } from '../../meat/index.ts';
import type { BatchMass } from '../run/run.ts';
import type { BatchPlan } from '../plan/plan.ts';

/** What teaches of what came before it. */
export type ReadingOf = 'cooked' | 'pickings' | 'shred' | 'steam' | 'pot' | 'strained' | 'skim' | 'liquid';

/** Something that was weighed and that the plan would have foretold: what it came to, and what a run says of it. */
export interface Reading {
  /** What was weighed, and of which lots by their places; of the liquid none. */
  readonly of: ReadingOf;
  readonly lots: readonly number[];
  /** The batch by its place among the plans. */
  readonly batch: number;
  readonly value: number;
  /** Relative standard deviation of the reading itself. */
  readonly noise: number;
  readonly foretold: (mass: BatchMass) => number;
  /** It looks at the lots alone: whatever the liquid does, it is the same. */
  readonly ofLots: boolean;
}

/** A kitchen scale: a share, and g (estimates). */
const SCALE = { share: 0.002, grams: 1 };
/** A jug's mark, or a spoon's depth (estimate). */
const JUG = 0.02;

const ofScale = (grams: number) => SCALE.share + SCALE.grams / Math.max(1, grams);

const ofLots = ['cooked', 'pickings', 'shred'] as const;

/**
 * What was weighed in the batches that teaches of what came before it. Raw weights, trimmings, bones and the pour are no
 * such readings: the plan goes on from them. A sum over several lots is one reading.
 */
export function readingsOf(plans: readonly BatchPlan[]): readonly Reading[] {
  return plans.flatMap((plan, batch) => [...lotReadings(plan, batch), ...liquidReadings(plan, batch)]);
}

function lotReadings({ weighings }: BatchPlan, batch: number): Reading[] {
  return weighings.flatMap(({ flow, lots, grams }) => {
    const of = ofLots.find((one) => one === flow);
    if (of === undefined || lots.length === 0 || !(grams > 0)) return [];
    const foretold = ({ lots: masses }: BatchMass) =>
      lots.reduce((sum, i) => sum + entryAt(masses, i)[of], 0);
    return [{ of, lots, batch, value: grams, noise: ofScale(grams), foretold, ofLots: true }];
  });
}

function liquidReadings({ liquid }: BatchPlan, batch: number): Reading[] {
  if (!liquid) return [];
  const { weighed, steps } = liquid;
  const first = (what: 'strain' | 'skim') => steps.findIndex((step) => step.what === what);
  const taken = (what: 'strain' | 'skim') => (mass: BatchMass) => {
    const pool = mass.liquid.taken[first(what)];
    return pool ? massOf(pool) : 0;
  };
  const found: (readonly [ReadingOf, number, number, Reading['foretold']])[] = [
    ['steam', weighed.steam, ofScale(weighed.steam), ({ liquid: { steam } }) => steam],
    ['pot', weighed.pot, ofScale(weighed.pot), ({ liquid: { potG } }) => potG],
    ['strained', weighed.strained, ofScale(weighed.strained), taken('strain')],
    ['skim', weighed.skim, ofScale(weighed.skim), taken('skim')],
    isWeighed(weighed.liquidMl)
      ? ['liquid', weighed.liquidMl, JUG, (mass) => madeMl(mass)]
      : ['liquid', weighed.liquid, ofScale(weighed.liquid), (mass) => mainOf(mass.liquid).madeG],
  ];
  return found
    .filter(([, value]) => isWeighed(value) && value > 0)
    .map(([of, value, noise, foretold]) => ({ of, lots: [], batch, value, noise, foretold, ofLots: false }));
}

/** The main liquid before anything of it was drunk or poured away, ml. */
const madeMl = ({ liquid }: BatchMass): number => {
  const { ml, grams, madeG } = mainOf(liquid);
  return grams > 0 ? (ml * madeG) / grams : ml;
};

/** The plan as it was before those readings: what it would have foretold. */
export const unread = (plan: BatchPlan): BatchPlan => ({
  ...plan,
  lots: plan.lots.map((lot): LotPlan => ({
    ...lot,
    weighed: { ...lot.weighed, cooked: NaN, pickings: NaN, shred: NaN },
  })),
  liquid: plan.liquid && {
    ...plan.liquid,
    // The pour and what has gone since are no readings: the plan goes on from them.
    weighed: {
      ...noLiquidWeighed(),
      pour: plan.liquid.weighed.pour,
      drunk: plan.liquid.weighed.drunk,
      pouredAway: plan.liquid.weighed.pouredAway,
    },
  },
});
