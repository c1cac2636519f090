import { valueAt } from '../../columns/index.ts';
import type { LiquidDraw } from '../../broth/index.ts';
import type { LotDraw } from '../../meat/index.ts';
import { keepColumn, normals } from '../run/normals.ts';
import type { Learnable, Learned } from '../../meal/index.ts';
import { openPhase } from '../../clock/index.ts';
import { learnSpreads, priorFor } from './spreads.ts';
import type { BatchPlan } from '../plan/plan.ts';

/** Relative spreads of what no log narrows, log-normal with median 1 (estimates). */
const spread = {
  bone: 0.1,
  trim: 0.25,
  /** What a cut renders: its lots share it. */
  fat: 0.4,
  /**
   * What dissolves: hardly known of any meat, less so of a cut, and one lot's own. Were it each lot's alone the middle of many
   * would lie above the sum of their middles, since log-normals that are added are skewed no more.
   */
  gelatin: { kitchen: 0.32, cut: 0.28, own: 0.15 },
};

export const LOT_SPREAD = learnSpreads.y.own;

/** What nobody knows of a meal: one multiplier of a lot or of a batch's liquid, normal about nought in its logarithm. */
export interface Latent {
  /** Its batch and lot, by their places among the plans; a batch's own has no lot. */
  readonly batch: number;
  readonly lot: number | undefined;
  readonly what: keyof LotDraw | keyof LiquidDraw;
  /** Standard deviations: its own, shared by the lots of a cut, shared by the kitchen. */
  readonly own: number;
  readonly ofCut: number;
  readonly ofKitchen: number;
  /** What those of a kind are called by: a cut, or a vessel with its lid. */
  readonly cut: string;
  /** Logarithm of its middle, as the log has taught; 0 before. */
  readonly mean: number;
  /** Its own random numbers. */
  readonly key: string;
}

/** All that nobody knows of the batches; what has no spread is left out. */
export function latentsOf(
  meal: string,
  plans: readonly BatchPlan[],
  learned: Learned | undefined,
): readonly Latent[] {
  const taught = (what: Learnable, of: string, group?: number): Partial<Latent> => {
    const { mean, shared, group: ofCut, batch } = priorFor(learned, what, of, group);
    return { mean, ofCut, ofKitchen: shared, cut: of, own: batch };
  };
  return plans.flatMap((plan, batch) => {
    const ofLots = plan.lots.flatMap((lot, i) => {
      const one = (what: keyof LotDraw, own: number, shared: Partial<Latent> = {}): Latent => ({
        batch,
        lot: i,
        what,
        own,
        ofCut: 0,
        ofKitchen: 0,
        cut: lot.cut,
        mean: 0,
        key: `${meal}|${plan.id}|${lot.id}|${what}`,
        ...shared,
      });
      return [
        one('raw', lot.rawSpread),
        one('bone', lot.boneShare > 0 ? spread.bone : 0),
        one('trim', lot.trim.share > 0 ? spread.trim : 0),
        one('y', 0, taught('y', lot.cut, plan.cuts[i]?.spread ?? 0)),
        one('fat', 0, { ofCut: spread.fat }),
        one('gelatin', spread.gelatin.own, {
          ofCut: spread.gelatin.cut,
          ofKitchen: spread.gelatin.kitchen,
        }),
        one('pickings', 0, taught('pickings', lot.cut)),
      ];
    });
    const one = (what: keyof LiquidDraw, own: number, shared: Partial<Latent> = {}): Latent => ({
      batch,
      lot: undefined,
      what,
      own,
      ofCut: 0,
      ofKitchen: 0,
      cut: '',
      mean: 0,
      key: `${meal}|${plan.id}|${what}`,
      ...shared,
    });
    const ofLiquid = plan.liquid
      ? [
          one('poured', plan.liquid.pouredSpread),
          one('steam', 0, taught('steam', steamsFrom(plan))),
          one('held', 0, taught('held', '')),
          one('skim', 0, taught('skim', '')),
          one('salt', plan.liquid.saltSpread),
        ]
      : [];
    return [...ofLots, ...ofLiquid].filter(({ own, ofCut, ofKitchen }) => own + ofCut + ofKitchen > 0);
  });
}

/** By what steam is learned: the main vessel, and how its lid lies while it cooks. */
export const steamsFrom = ({ vessels, batch }: BatchPlan): string =>
  `${vessels[0]?.vessel.id ?? ''} ${openPhase(batch.cook)?.lid ?? ''}`;

/** Lots of one cut share its error, and all lots of a kitchen the kitchen's. */
export function covarianceOf(a: Latent | undefined, b: Latent | undefined): number {
  if (!a || !b) return 0;
  if (a === b) return a.own ** 2 + a.ofCut ** 2 + a.ofKitchen ** 2;
  if (a.what !== b.what) return 0;
  return a.ofKitchen * b.ofKitchen + (a.cut === b.cut ? a.ofCut * b.ofCut : 0);
}

/** A weight that was typed as a range is normal; everything else is log-normal. */
export const multiplierOf = ({ what, mean }: Latent, value: number): number =>
  what === 'raw' ? 1 + value : Math.exp(mean + value);

/** What a latent multiplies by, in each draw: of the prior it is kept, since an edit of a weight leaves it as it is. */
export function multipliersOf(latent: Latent, values: Float64Array): Float64Array {
  const { mean, what } = latent;
  const out = new Float64Array(values.length);
  if (what === 'raw') for (let d = 0; d < out.length; d += 1) out[d] = 1 + valueAt(values, d);
  else for (let d = 0; d < out.length; d += 1) out[d] = Math.exp(mean + valueAt(values, d));
  return out;
}

/** The same of the prior. */
export const priorMultipliersOf = (meal: string, latent: Latent, n: number): Float64Array => {
  const { own, ofCut, ofKitchen, cut, key, mean } = latent;
  return keepColumn(`x|${n}|${own}|${ofCut}|${ofKitchen}|${mean}|${cut}|${key}`, () =>
    multipliersOf(latent, priorOf(meal, latent, n)),
  );
};

/** Draws of a latent before anything is weighed: keyed, so that an edit moves only what it touches. */
export function priorOf(meal: string, latent: Latent, n: number): Float64Array {
  const { own, ofCut, ofKitchen, what, cut, key } = latent;
  const mine = own > 0 ? normals(key, n) : undefined;
  const cuts = ofCut > 0 ? normals(`${meal}|cut|${cut}${what === 'y' ? '' : `|${what}`}`, n) : undefined;
  const kitchens = ofKitchen > 0 ? normals(`${meal}|kitchen${what === 'y' ? '' : `|${what}`}`, n) : undefined;
  const out = new Float64Array(n);
  for (let d = 0; d < n; d += 1)
    out[d] = own * (mine?.[d] ?? 0) + ofCut * (cuts?.[d] ?? 0) + ofKitchen * (kitchens?.[d] ?? 0);
  return out;
}
