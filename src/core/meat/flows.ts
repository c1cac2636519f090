import {
  amountOf,
  components,
  massOf,
  nothing,
  plus,
  times,
  type Amount,
  type Pool,
} from '../ledger/index.ts';
import type { Flow } from '../ledger/index.ts';
import { settle } from '../ledger/index.ts';
import { BONE_GIVES, boneOnBench, compositionOf, type LotMass, type LotPlan } from './lot.ts';

/** Raw bone, per gram (estimate): what it gives to the liquid comes out of this. */
const RAW_BONE: Amount = amountOf({ water: 0.4, protein: 0.2, fat: 0.12, ash: 0.28 });
/** Flesh out of nowhere: what is found where the balance has none (estimate). */
const ANY_FLESH: Amount = amountOf({ water: 0.55, protein: 0.3, fat: 0.14, ash: 0.01 });

/** An amount from parts that rounding may have brought a hair below nought. */
const positive = (parts: Partial<Amount>): Amount => {
  const amount: Pool = { ...nothing, ...parts };
  for (const component of components) if (amount[component] < 0) amount[component] = 0;
  return amount;
};

export interface CookedLot {
  /** One gram of cooked boneless meat, and the bone as it came out. */
  readonly flesh: Amount;
  readonly bone: Amount;
}

/**
 * The flows of one lot from the shop to the bench.
 * @param saltOfWater salt in a gram of the meat's water at the end of the braise
 */
export function lotFlows(
  plan: LotPlan,
  mass: LotMass,
  batch: string,
  saltOfWater: number,
): { readonly flows: Flow[]; readonly cooked: CookedLot } {
  const lot = plan.id;
  const base = { batch, lot } as const;
  const raw = positive(compositionOf(plan.flesh));
  const after = positive(compositionOf(mass));
  const beforeTrim = mass.raw - mass.rawBone;
  const trimStuff = plus(times(positive(plan.trim.stuff), mass.trimBlend), raw, 1 - mass.trimBlend);
  const rawBone = times(RAW_BONE, mass.rawBone);
  const intoPot = plus(times(after, mass.boneless), rawBone);

  const boneGives = positive({
    water: BONE_GIVES.water * mass.boneLoss,
    fat: BONE_GIVES.fat * mass.boneLoss,
    protein: BONE_GIVES.protein * mass.boneLoss,
  });
  const bone = plus(rawBone, boneGives, -1);
  const water = Math.max(0, after.water * mass.boneless - mass.juiceWater - mass.air);
  const salt = saltOfWater * water;
  const flesh = positive({
    water: water - salt,
    protein: after.protein * mass.boneless,
    fat: mass.keptFat,
    ash: after.ash * mass.boneless - mass.juiceAsh,
    salt,
  });
  const fleshMass = massOf(flesh);
  const perFlesh = fleshMass > 0 ? times(flesh, 1 / fleshMass) : ANY_FLESH;
  const perBone = mass.boneOut > 0 ? times(bone, 1 / mass.boneOut) : RAW_BONE;

  const weighed = !Number.isNaN(plan.weighed.cooked);
  const boneCarried = weighed ? Math.min(plan.weighed.cooked, boneOnBench(plan, mass)) : mass.boneOut;
  const cooked = plus(times(perFlesh, mass.bench), perBone, boneCarried);

  const flows: Flow[] = [
    {
      ...base,
      from: 'shop',
      to: 'board',
      material: 'raw',
      stage: 'meat',
      amount: plus(times(raw, beforeTrim), rawBone),
    },
    {
      ...base,
      from: 'board',
      to: 'bin',
      material: 'trim',
      stage: 'meat',
      amount: times(trimStuff, mass.trim),
    },
    ...settle(base, 'board', 'meat', 'trim', trimStuff, mass.trimOfLot - mass.trim),
    ...settle(base, 'board', 'meat', 'meat', after, mass.afterTrim - mass.boneless),
    { ...base, from: 'board', to: 'meat', material: 'into the pot', stage: 'pot', amount: intoPot },
    {
      ...base,
      from: 'meat',
      to: 'air',
      material: 'air loss',
      stage: 'pot',
      amount: positive({ water: mass.air }),
    },
    {
      ...base,
      from: 'liquid',
      to: 'meat',
      material: 'salt taken up',
      stage: 'clock',
      amount: positive({ salt }),
    },
    {
      ...base,
      from: 'meat',
      to: 'liquid',
      material: 'juice',
      stage: 'meat',
      amount: positive({
        water: mass.juiceWater + boneGives.water + salt,
        protein: boneGives.protein,
        ash: mass.juiceAsh,
      }),
    },
    {
      ...base,
      from: 'meat',
      to: 'liquid',
      material: 'rendered fat',
      stage: 'meat',
      amount: positive({ fat: mass.rendered + boneGives.fat }),
    },
    { ...base, from: 'meat', to: 'bench', material: 'cooked', stage: 'bench', amount: cooked },
    ...settle(base, 'meat', 'bench', 'meat', perFlesh, fleshMass - mass.bench),
    ...settle(base, 'meat', 'bench', 'bone', perBone, mass.boneOut - boneCarried),
  ];
  return {
    flows: flows.filter((flow) => massOf(flow.amount) > 0),
    cooked: { flesh: perFlesh, bone: perBone },
  };
}
