import {
  amountOf,
  carrying,
  flow,
  massOf,
  plus,
  settle,
  times,
  type Amount,
  type Flow,
} from '../ledger/index.ts';
import type { ItemPlan } from '../pot/index.ts';
import type { LiquidMass, LiquidPlan } from './liquid.ts';

/** Liquid out of nowhere: what is found where the balance has none. */
const ANY_LIQUID: Amount = amountOf({ water: 1 });

/**
 * The flows of one item from the shop to the pot: prepared beside it, stood with the meat, poured.
 * @param factor what was poured of what was planned
 * @param lots the lots and their shares of what the meat takes up of a marinade
 */
function itemFlows(
  item: ItemPlan,
  factor: number,
  batch: string,
  lots: readonly { readonly id: string; readonly share: number }[],
): Flow[] {
  const owner = { batch, item: item.id } as const;
  const material = item.role === 'liquid' ? 'pour' : 'item';
  const k = item.role === 'liquid' ? factor : 1;
  const intoPot = times(item.perGram, item.grams * k);
  const { prepared, marinade } = item;
  const returned =
    item.fate === 'puréed' && item.role === 'solid'
      ? [
          flow('liquid', 'aside', 'lifted', 'clock', owner, intoPot),
          flow('aside', 'liquid', 'returned', 'clock', owner, intoPot),
        ]
      : [];
  if (!prepared && !marinade)
    return [flow('cupboard', 'liquid', material, 'pot', owner, intoPot), ...returned];
  const mixed = marinade ? times(item.perGram, marinade.mixedG * k) : intoPot;
  const scale = prepared ? massOf(mixed) / Math.max(1e-12, massOf(prepared.goesIn)) : 1;
  const flows = prepared
    ? [
        flow('cupboard', 'aside', 'bought', 'pot', owner, times(plus(prepared.bought, prepared.tap), scale)),
        flow('aside', 'bin', 'thrown away', 'pot', owner, times(prepared.thrown, scale)),
        flow('aside', 'air', 'boiled down', 'pot', owner, times(prepared.air, scale)),
      ]
    : [flow('cupboard', 'aside', 'bought', 'pot', owner, mixed)];
  if (!marinade) return [...flows, flow('aside', 'liquid', material, 'pot', owner, mixed), ...returned];
  const takenUp = times(mixed, marinade.takenUp);
  const rest = times(mixed, 1 - marinade.takenUp);
  for (const { id, share } of lots) {
    const own = { batch, lot: id, item: item.id } as const;
    const part = times(takenUp, share);
    flows.push(flow('aside', 'meat', 'taken up', 'pot', own, part));
    // What meat takes up it gives back with its juice (estimate): the published yield still holds.
    flows.push(flow('meat', 'liquid', 'given back', 'clock', own, part));
  }
  flows.push(
    marinade.rest === 'in the pot'
      ? flow('aside', 'liquid', material, 'pot', owner, rest)
      : flow('aside', 'bin', 'thrown away', 'pot', owner, rest),
    ...returned,
  );
  return flows;
}

/** The flows of a batch's liquid from the jug to the finished broth or sauce. */
export function liquidFlows(
  plan: LiquidPlan,
  mass: LiquidMass,
  batch: string,
  lots: readonly { readonly id: string; readonly share: number }[],
): { flows: Flow[]; per: Amount } {
  const base = { batch } as const;
  const flows: Flow[] = plan.items.flatMap((item) => itemFlows(item, mass.pourFactor, batch, lots));
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
    flow('cupboard', 'liquid', 'salt', 'pot', base, amountOf({ salt: mass.saltG })),
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
    flow('liquid', 'fat jar', 'skim on the way', 'clock', base, { ...mass.waySkim }),
    flow('liquid', 'bin', 'scum', 'clock', base, { ...mass.scum }),
    flow('liquid', 'bin', 'come out', 'bench', base, { ...mass.lifted }),
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
