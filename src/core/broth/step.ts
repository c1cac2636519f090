import type { Batch } from '../batch/index.ts';
import type { FlowId } from '../ledger/index.ts';
import { midpoint } from '../quantity/index.ts';
import { skimShare } from './skim.ts';

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
    | { readonly what: 'boil down'; readonly toMl: number }
    /** A share of it becomes a liquid of its own. */
    | { readonly what: 'set apart'; readonly as: string; readonly share: number }
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
  'boil down': 'reduction',
  'set apart': 'setApart',
  'put back': 'putBack',
};

/** Of the floating fat, what a spoon takes off while it cooks (estimate). */
const WAY_FAT = 0.4;
/** Scum of a pot that was brought to the boil, of the raw meat (estimate). */
const SCUM = 0.004;

/** The steps as a batch's choices have them: skimmed on the way, lifted, strained or not, skimmed, boiled down. */
export function usualSteps(
  { skimOnWay, strain, skim, reduceTo }: Batch,
  rawG: number,
): readonly LiquidStep[] {
  const toMl = midpoint(reduceTo);
  const scum = skimOnWay?.scum;
  const steps: readonly (LiquidStep | false | undefined)[] = [
    skimOnWay?.fat && {
      id: 'way',
      of: MAIN,
      what: 'skim on the way',
      fatG: midpoint(skimOnWay.fat),
      fatShare: WAY_FAT,
    },
    scum && { id: 'scum', of: MAIN, what: 'scum', grams: midpoint(scum) ?? SCUM * rawG },
    { id: 'lift', of: MAIN, what: 'lift the meat' },
    { id: 'out', of: MAIN, what: 'take out' },
    strain && { id: 'strain', of: MAIN, what: 'strain' },
    { id: 'skim', of: MAIN, what: 'skim', share: skimShare[skim] },
    toMl !== undefined && { id: 'down', of: MAIN, what: 'boil down', toMl },
  ];
  return steps.filter((step) => typeof step === 'object');
}
