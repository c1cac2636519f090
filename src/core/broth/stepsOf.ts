import { type Batch } from '../meal/index.ts';
import { midpoint } from '../quantity/index.ts';
import {
  broughtIn,
  type Ingredient,
  liquidOf,
  MAIN,
  type LiquidStep,
  plannedStep,
  SCUM,
} from '../work/index.ts';

/** An ingredient by its id; undefined where the kitchen has none such. */
export type FindIngredient = (ref: string) => Ingredient | undefined;

/**
 * What is done to a batch's liquids after the lid is on: skimmed on the way, then the cook's list from the moment the
 * meat is tender. Meat that never leaves the pot has its salt at the end. A step on a liquid that was not set apart
 * before is none.
 * @param rawG raw meat, g
 * @param find the ingredients that may be stirred in
 */
export function stepsOf(batch: Batch, rawG: number, find: FindIngredient): readonly LiquidStep[] {
  const { skimOnWay } = batch;
  const scum = skimOnWay?.scum;
  const steps: LiquidStep[] = [];
  if (skimOnWay?.fat)
    steps.push({ id: 'way', of: MAIN, what: 'skim on the way', fatG: midpoint(skimOnWay.fat) });
  if (scum) steps.push({ id: 'scum', of: MAIN, what: 'scum', grams: midpoint(scum) ?? SCUM * rawG });
  const known = new Set<string>([MAIN]);
  let lifted = false;
  for (const step of batch.after) {
    // What is brought in under a name of its own is a liquid beside the pot's.
    const apart = broughtIn(step);
    const of = apart ?? liquidOf(step) ?? MAIN;
    // It is lifted once: what comes after takes no more salt with it.
    if (!(apart !== undefined || known.has(of)) || (step.what === 'lift' && lifted)) continue;
    const planned = plannedStep(step, { of, find });
    if (!planned || ('into' in planned && !known.has(planned.into))) continue;
    if (apart !== undefined) known.add(apart);
    if ('as' in planned) known.add(planned.as);
    if (planned.what === 'lift') lifted = true;
    steps.push(planned);
  }
  if (!lifted) steps.push({ id: 'lift', of: MAIN, what: 'lift' });
  return steps;
}
