import { amountOf, carrying, flow, massOf, settle, times, type Amount, type Flow } from '../ledger/index.ts';
import type { LiquidMass, LiquidPlan } from './liquid.ts';

/** Liquid out of nowhere: what is found where the balance has none. */
const ANY_LIQUID: Amount = amountOf({ water: 1 });

/** The flows of a batch's liquid from the jug to the finished broth or sauce. */
export function liquidFlows(
  plan: LiquidPlan,
  mass: LiquidMass,
  batch: string,
): { flows: Flow[]; per: Amount } {
  const base = { batch } as const;
  const flows: Flow[] = plan.items.map((item) =>
    flow(
      'cupboard',
      'liquid',
      item.role === 'liquid' ? 'pour' : 'item',
      'pot',
      { batch, item: item.id },
      times(item.perGram, item.role === 'liquid' ? item.grams * mass.pourFactor : item.grams),
    ),
  );
  const finished = { ...mass.finished };
  const finishedG = massOf(finished);
  const per = finishedG > 0 ? times(finished, 1 / finishedG) : ANY_LIQUID;
  const skimG = massOf(mass.skim);
  const weighedSkim = Number.isNaN(plan.weighed.skim) ? skimG : plan.weighed.skim;
  const perSkim = skimG > 0 ? times(mass.skim, 1 / skimG) : amountOf({ fat: 1 });
  const strainedG = massOf(mass.strained);
  const weighedStrained =
    plan.strain && !Number.isNaN(plan.weighed.strained) ? plan.weighed.strained : strainedG;
  const perStrained = strainedG > 0 ? times(mass.strained, 1 / strainedG) : ANY_LIQUID;

  flows.push(
    flow('cupboard', 'liquid', 'salt', 'pot', base, amountOf({ salt: plan.saltG })),
    flow('liquid', 'air', 'alcohol', 'clock', base, amountOf({ alcohol: mass.alcoholOff })),
    flow('liquid', 'air', 'steam', 'clock', base, amountOf({ water: mass.steam })),
    flow(
      'unaccounted',
      'liquid',
      'found',
      'clock',
      { batch, item: 'pot' },
      amountOf({ water: mass.potFound }),
    ),
    flow('liquid', 'unaccounted', 'missing', 'clock', { batch, item: 'pot' }, { ...mass.potMissing }),
    flow('liquid', 'bin', 'strained', 'broth', base, times(perStrained, weighedStrained)),
    ...settle(base, 'liquid', 'broth', 'strained', perStrained, strainedG - weighedStrained),
    flow('liquid', 'fat jar', 'skim', 'broth', base, times(perSkim, weighedSkim)),
    ...settle(base, 'liquid', 'broth', 'skim', perSkim, skimG - weighedSkim),
    flow('liquid', 'air', 'reduction', 'broth', base, amountOf({ water: mass.reduction })),
    flow('liquid', 'jug', 'liquid', 'broth', base, times(per, mass.grams)),
    ...settle(base, 'liquid', 'broth', 'liquid', per, finishedG - mass.grams),
  );
  return { flows: carrying(flows), per };
}
