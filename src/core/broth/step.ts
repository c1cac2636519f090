import type { DrawnFrom } from '../batch/index.ts';
import type { Amount, FlowId } from '../ledger/index.ts';

/** The liquid that the pot holds when its lid comes off. */
export const MAIN = 'pot';

/** What every step has: its own id, since each kind may be repeated, and the liquid that it works on. */
interface OnLiquid {
  readonly id: string;
  readonly of: string;
}

/** One thing that is done to a liquid after the lid is on, in the order in which the batch holds them. */
export type LiquidStep = OnLiquid &
  (
    | { readonly what: 'skim on the way'; readonly fatG: number | undefined; readonly fatShare: number }
    | { readonly what: 'scum'; readonly grams: number }
    /** The braise is over: the meat keeps its part of the salt. */
    | { readonly what: 'lift the meat' }
    | { readonly what: 'take out' }
    | { readonly what: 'strain' }
    /** Share of the floating fat that it takes. */
    | { readonly what: 'skim'; readonly share: number }
    /** What is left in it is crushed: it thickens, and no sieve holds it back any more. */
    | { readonly what: 'mash' }
    | { readonly what: 'boil down'; readonly toMl: number }
    /** Stirred in: starch, salt, stock, a sauce brought in; g, and what of it thickens as starch does. */
    | { readonly what: 'stir in'; readonly amount: Amount; readonly thickG: number }
    /** A part of it becomes a liquid of its own: so many ml, or else a share. */
    | {
        readonly what: 'set apart';
        readonly as: string;
        readonly share: number;
        readonly ml: number | undefined;
        /** From where in the pot: the fat swims on top. */
        readonly from: DrawnFrom;
      }
    /** What a filling is stretched with goes in raw, and takes so much of it up, g. */
    | { readonly what: 'soak up'; readonly item: string; readonly grams: number }
    /** All of it joins another. */
    | { readonly what: 'put back'; readonly into: string }
  );

/** The flow that carries what a step took; lifting the meat takes nothing that is not the lots' own. */
export const flowOfStep: { readonly [K in LiquidStep['what']]: FlowId | undefined } = {
  'skim on the way': 'skimOnWay',
  scum: 'scum',
  'lift the meat': undefined,
  'take out': 'comeOut',
  strain: 'strained',
  skim: 'skim',
  mash: undefined,
  'stir in': 'stirredIn',
  'soak up': 'soakedUp',
  'boil down': 'reduction',
  'set apart': 'setApart',
  'put back': 'putBack',
};
