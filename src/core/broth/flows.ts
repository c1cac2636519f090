import { amountOf, massOf, times, type Amount, type Flow } from '../ledger/index.ts';
import { settle } from '../ledger/index.ts';
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
  const flows: Flow[] = plan.items.map((item) => ({
    ...base,
    from: 'cupboard',
    to: 'liquid',
    material: item.role === 'liquid' ? 'pour' : 'item',
    stage: 'pot',
    item: item.id,
    amount: times(item.perGram, item.role === 'liquid' ? item.grams * mass.pourFactor : item.grams),
  }));
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
    {
      ...base,
      from: 'cupboard',
      to: 'liquid',
      material: 'salt',
      stage: 'pot',
      amount: amountOf({ salt: plan.saltG }),
    },
    {
      ...base,
      from: 'liquid',
      to: 'air',
      material: 'alcohol',
      stage: 'clock',
      amount: amountOf({ alcohol: mass.alcoholOff }),
    },
    {
      ...base,
      from: 'liquid',
      to: 'air',
      material: 'steam',
      stage: 'clock',
      amount: amountOf({ water: mass.steam }),
    },
    {
      ...base,
      from: 'unaccounted',
      to: 'liquid',
      material: 'found',
      stage: 'clock',
      item: 'pot',
      amount: amountOf({ water: mass.potFound }),
    },
    {
      ...base,
      from: 'liquid',
      to: 'unaccounted',
      material: 'missing',
      stage: 'clock',
      item: 'pot',
      amount: { ...mass.potMissing },
    },
    {
      ...base,
      from: 'liquid',
      to: 'bin',
      material: 'strained',
      stage: 'broth',
      amount: times(perStrained, weighedStrained),
    },
    ...settle(base, 'liquid', 'broth', 'strained', perStrained, strainedG - weighedStrained),
    {
      ...base,
      from: 'liquid',
      to: 'fat jar',
      material: 'skim',
      stage: 'broth',
      amount: times(perSkim, weighedSkim),
    },
    ...settle(base, 'liquid', 'broth', 'skim', perSkim, skimG - weighedSkim),
    {
      ...base,
      from: 'liquid',
      to: 'air',
      material: 'reduction',
      stage: 'broth',
      amount: amountOf({ water: mass.reduction }),
    },
    {
      ...base,
      from: 'liquid',
      to: 'jug',
      material: 'liquid',
      stage: 'broth',
      amount: times(per, mass.grams),
    },
    ...settle(base, 'liquid', 'broth', 'liquid', per, finishedG - mass.grams),
  );
  return { flows: flows.filter((flow) => massOf(flow.amount) > 0), per };
}
