import {
  amountOf,
  carrying,
  flow,
  massOf,
  nothing,
  plus,
  settle,
  times,
  unaccountedFlow,
  type Amount,
  type Flow,
  type FlowId,
} from '../ledger/index.ts';
import { isWeighed } from '../meat/index.ts';
import type { ItemPlan } from '../pot/index.ts';
import { weighedOf } from './cookLiquid.ts';
import { flowOfStep, type Liquid, MAIN, fateKind } from '../work/index.ts';
import type { LiquidMass, LiquidPlan } from './liquid.ts';

/** Liquid out of nowhere: what is found where the balance has none. */
const ANY_LIQUID: Amount = amountOf({ water: 1 });
const ANY_FAT: Amount = amountOf({ fat: 1 });

type Sharing = readonly { readonly id: string; readonly share: number }[];

/**
 * The flows of one item from the shop to the pot: prepared beside it, stood with the meat, poured.
 * @param factor what was poured of what was planned
 * @param lots the lots and their shares of what the meat takes up of a marinade
 */
function itemFlows(item: ItemPlan, factor: number, batch: string, lots: Sharing): Flow[] {
  const owner = { batch, item: item.id } as const;
  // With the thing that was soaked stands all that it took; what it stood in comes from there.
  if (item.soaked !== undefined)
    return [flow('soakingIn', { batch, item: item.soaked }, times(item.perGram, item.grams))];
  const liquid = item.poured;
  const k = liquid ? factor : 1;
  const intoPot = times(item.perGram, item.grams * k);
  const { prepared, marinade } = item;
  const returned =
    fateKind(item.fate).hands === 'blends' && !liquid
      ? [flow('lifted', owner, intoPot), flow('returned', owner, intoPot)]
      : [];
  if (!prepared && !marinade) return [flow(liquid ? 'pour' : 'item', owner, intoPot), ...returned];
  const fromAside = liquid ? 'preparedPour' : 'preparedItem';
  const mixed = marinade ? times(item.perGram, marinade.mixedG * k) : intoPot;
  const goesIn = prepared ? massOf(prepared.goesIn) - (marinade ? 0 : massOf(prepared.soaking)) : 0;
  const scale = prepared ? massOf(mixed) / Math.max(1e-12, goesIn) : 1;
  const bought = prepared ? times(plus(prepared.bought, prepared.tap), scale) : mixed;
  const peel = prepared ? times(prepared.thrown, scale) : nothing;
  const flows = [
    flow('bought', owner, bought),
    ...(prepared ? [flow('boiledDown', owner, times(prepared.air, scale))] : []),
  ];
  if (!marinade)
    return [...flows, flow('thrownAway', owner, peel), flow(fromAside, owner, mixed), ...returned];
  const takenUp = times(mixed, marinade.takenUp);
  const rest = times(mixed, 1 - marinade.takenUp);
  const boiled = marinade.rest === 'in the pot';
  for (const { id, share } of lots) {
    const own = { batch, lot: id, item: item.id } as const;
    const part = times(takenUp, share);
    flows.push(flow('takenUp', own, part));
    // What meat takes up it gives back with its juice (estimate): the published yield still holds.
    flows.push(flow('givenBack', own, part));
  }
  return [
    ...flows,
    // Peel and a marinade that is thrown away are one flow.
    flow('thrownAway', owner, boiled ? peel : plus(peel, rest)),
    ...(boiled ? [flow(fromAside, owner, rest)] : []),
    ...returned,
  ];
}

/** The main liquid has no name of its own in the ledger. */
const nameOf = (liquid: string) => (liquid === MAIN ? '' : liquid);

/** The flows of a step: what it took, or what was weighed of it and what that leaves over. */
function stepFlows(plan: LiquidPlan, mass: LiquidMass, batch: string): Flow[] {
  return plan.steps.flatMap((step, i) => {
    const id = flowOfStep(step);
    const taken = mass.taken[i];
    if (!id || !taken) return [];
    const owner = {
      batch,
      step: step.id,
      ...(step.of !== MAIN && { liquid: step.of }),
      ...('as' in step && { into: nameOf(step.as) }),
      ...('into' in step && { into: nameOf(step.into) }),
    };
    const weighed = weighedOf(plan, step);
    if (!isWeighed(weighed)) return [flow(id, owner, { ...taken })];
    const grams = massOf(taken);
    const per = grams > 0 ? times(taken, 1 / grams) : id === 'skim' ? ANY_FAT : ANY_LIQUID;
    return [
      flow(id, owner, times(per, weighed)),
      ...settle(owner, 'liquid', 'broth', id, per, grams - weighed),
    ];
  });
}

/** A finished liquid of a batch, on its way to the plates. */
export interface FinishedLiquid {
  readonly liquid: string | undefined;
  readonly grams: number;
  readonly ml: number;
  readonly per: Amount;
}

function jugFlows(
  liquid: Liquid,
  { weighed }: LiquidPlan,
  batch: string,
): { flows: Flow[]; finished: FinishedLiquid } {
  const { id, pool, madeG, grams, ml } = liquid;
  const owner = { batch, liquid: id === MAIN ? undefined : id };
  const poolG = massOf(pool);
  const per = poolG > 0 ? times(pool, 1 / poolG) : ANY_LIQUID;
  const gone = id === MAIN ? (['drunk', 'pouredAway'] as const).filter((one) => isWeighed(weighed[one])) : [];
  const goneG = gone.reduce((sum, one) => sum + weighed[one], 0);
  return {
    flows: [
      flow('liquid', owner, times(per, madeG)),
      ...settle(owner, 'liquid', 'broth', 'liquid', per, poolG - madeG),
      ...gone.map((one) => flow(one, owner, times(per, weighed[one]))),
      ...settle(owner, 'jug', 'broth', 'liquid', per, madeG - goneG - grams),
    ],
    finished: { liquid: owner.liquid, grams, ml, per },
  };
}

/** The flows of a batch's liquids from the jug to the finished broth or sauce. */
export function liquidFlows(
  plan: LiquidPlan,
  mass: LiquidMass,
  batch: string,
  lots: Sharing,
): { flows: Flow[]; finished: readonly FinishedLiquid[] } {
  const base = { batch } as const;
  const pot = { batch, item: 'pot' } as const;
  const water = (id: FlowId, grams: number) => flow(id, base, amountOf({ water: grams }));
  const jugs = mass.liquids.map((liquid) => jugFlows(liquid, plan, batch));
  const flows = [
    ...plan.items.flatMap((item) => itemFlows(item, mass.pourFactor, batch, lots)),
    flow('salt', base, amountOf({ salt: mass.saltG })),
    flow('alcohol', base, amountOf({ alcohol: mass.alcoholOff })),
    water('steam', mass.steam),
    unaccountedFlow('found', 'liquid', 'clock', pot, amountOf({ water: mass.potFound })),
    unaccountedFlow('missing', 'liquid', 'clock', pot, { ...mass.potMissing }),
    ...stepFlows(plan, mass, batch),
    ...jugs.flatMap((jug) => jug.flows),
  ];
  return { flows: carrying(flows), finished: jugs.map(({ finished }) => finished) };
}
