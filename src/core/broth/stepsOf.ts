import { type AfterStep, afterOf, type Batch } from '../batch/index.ts';
import { type Amount, amountOf, times } from '../ledger/index.ts';
import { midpoint } from '../quantity/index.ts';
import { skimShare } from './skim.ts';
import { takesUp } from './takesUp.ts';
import { MAIN, type LiquidStep } from './step.ts';
import { THICKENS } from './thickness.ts';

/** Of the floating fat, what a spoon takes off while it cooks (estimate). */
const WAY_FAT = 0.4;
/** Scum of a pot that was brought to the boil, of the raw meat (estimate). */
const SCUM = 0.004;
/** What is set apart where nobody has said how much: half. */
const HALF = 0.5;

/** What is known of an ingredient that is stirred in: what a gram is made of, and g/ml. */
export interface StirredIn {
  readonly perGram: Amount;
  readonly density: number;
}

/** An ingredient by its id; undefined where the kitchen has none such. */
export type FindStirredIn = (ref: string) => StirredIn | undefined;

/**
 * What is done to a batch's liquids after the lid is on: skimmed on the way, then the cook's list from the moment the
 * meat is tender. Meat that never leaves the pot has its salt at the end. A step on a liquid that was not set apart
 * before is none.
 * @param rawG raw meat, g
 * @param find the ingredients that may be stirred in
 */
export function stepsOf(batch: Batch, rawG: number, find: FindStirredIn): readonly LiquidStep[] {
  const { skimOnWay } = batch;
  const scum = skimOnWay?.scum;
  const steps: (LiquidStep | false | undefined)[] = [
    skimOnWay?.fat && {
      id: 'way',
      of: MAIN,
      what: 'skim on the way',
      fatG: midpoint(skimOnWay.fat),
      fatShare: WAY_FAT,
    },
    scum && { id: 'scum', of: MAIN, what: 'scum', grams: midpoint(scum) ?? SCUM * rawG },
  ];
  const known = new Set<string>([MAIN]);
  let lifted = false;
  for (const step of afterOf(batch)) {
    // What is brought in under a name of its own is a liquid beside the pot's.
    const broughtIn = step.what === 'add' && step.as !== undefined && midpoint(step.amount) !== undefined;
    const of = (broughtIn ? step.as : step.liquid) ?? MAIN;
    if (broughtIn) known.add(of);
    if (!known.has(of)) continue;
    if (step.what === 'lift') {
      if (!lifted) steps.push({ id: step.id, of: MAIN, what: 'lift the meat' });
      lifted = true;
      continue;
    }
    const made = liquidStep(step, of, find);
    if (made?.what === 'put back' && !known.has(made.into)) continue;
    if (made?.what === 'set apart') known.add(made.as);
    steps.push(made);
  }
  if (!lifted) steps.push({ id: 'lift', of: MAIN, what: 'lift the meat' });
  return steps.filter((step) => typeof step === 'object');
}

function liquidStep(step: AfterStep, of: string, find: FindStirredIn): LiquidStep | undefined {
  const { id, what } = step;
  const amount = midpoint(step.amount);
  switch (what) {
    case 'take out':
    case 'strain':
    case 'mash':
      return { id, of, what };
    case 'skim':
      return { id, of, what, share: skimShare[step.way ?? 'hot'] };
    case 'boil down': {
      const toMl = midpoint(step.to);
      return toMl === undefined ? undefined : { id, of, what, toMl };
    }
    case 'set apart':
      return step.as === undefined || step.as === MAIN || step.as === of
        ? undefined
        : { id, of, what, as: step.as, share: HALF, ml: amount, from: step.from ?? 'stirred' };
    case 'put back':
      return of === MAIN ? undefined : { id, of, what, into: step.as ?? MAIN };
    case 'stretch':
      return amount === undefined ? undefined : soakUp(step, of, amount, find);
    case 'thicken':
    case 'add':
    case 'salt':
      return amount === undefined ? undefined : stirIn(step, of, amount, find);
    default:
      return undefined;
  }
}

const SALT: StirredIn = { perGram: amountOf({ salt: 1 }), density: 1 };
/** Starch and flour by the ids of the table. */
const THICKENERS = { starch: 'cornstarch', flour: 'flour' } as const;

function stirIn(step: AfterStep, of: string, amount: number, find: FindStirredIn): LiquidStep | undefined {
  const { id, what, with: thickener = 'starch', ref = '', measure } = step;
  const found = what === 'salt' ? SALT : find(what === 'thicken' ? THICKENERS[thickener] : ref);
  if (!found) return undefined;
  const grams = measure === 'volume' ? amount * found.density : amount;
  return {
    id,
    of,
    what: 'stir in',
    amount: times(found.perGram, grams),
    thickG: what === 'thicken' ? grams * THICKENS[thickener] : 0,
  };
}

function soakUp(
  { id, ref = '', measure, cooked = 'cooked' }: AfterStep,
  of: string,
  amount: number,
  find: FindStirredIn,
): LiquidStep | undefined {
  const found = find(ref);
  if (!found || cooked === 'cooked') return undefined;
  const grams = measure === 'volume' ? amount * found.density : amount;
  return { id, of, what: 'soak up', item: id, grams: grams * takesUp(found.perGram, cooked) };
}
