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
import { BONE_GIVES, boneOnBench, compositionOf, type LotMass, type LotPlan } from './lot.ts';

/** Raw bone, per gram (estimate): what it gives to the liquid comes out of this. */
const RAW_BONE: Amount = amountOf({ water: 0.4, protein: 0.2, fat: 0.12, ash: 0.28 });
/** Flesh out of nowhere: what is found where the balance has none (estimate). */
const ANY_FLESH: Amount = amountOf({ water: 0.55, protein: 0.3, fat: 0.14, ash: 0.01 });

/** An amount from parts that rounding may have brought a hair below nought. */
const positive = (parts: Partial<Amount>): Amount =>
  amountOf({
    water: Math.max(0, parts.water ?? 0),
    protein: Math.max(0, parts.protein ?? 0),
    fat: Math.max(0, parts.fat ?? 0),
    ash: Math.max(0, parts.ash ?? 0),
    salt: Math.max(0, parts.salt ?? 0),
  });

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
    flow('shop', 'board', 'raw', 'meat', base, plus(times(raw, beforeTrim), rawBone)),
    flow('board', 'bin', 'trim', 'meat', base, times(trimStuff, mass.trim)),
    ...settle(base, 'board', 'meat', 'trim', trimStuff, mass.trimOfLot - mass.trim),
    ...settle(base, 'board', 'meat', 'meat', after, mass.afterTrim - mass.boneless),
    flow('board', 'meat', 'into the pot', 'pot', base, intoPot),
    flow('meat', 'air', 'air loss', 'pot', base, positive({ water: mass.air })),
    flow('liquid', 'meat', 'salt taken up', 'clock', base, positive({ salt })),
    flow(
      'meat',
      'liquid',
      'juice',
      'meat',
      base,
      positive({
        water: mass.juiceWater + boneGives.water + salt,
        protein: boneGives.protein,
        ash: mass.juiceAsh,
      }),
    ),
    flow('meat', 'liquid', 'rendered fat', 'meat', base, positive({ fat: mass.rendered + boneGives.fat })),
    flow('meat', 'bench', 'cooked', 'bench', base, cooked),
    ...settle(base, 'meat', 'bench', 'meat', perFlesh, fleshMass - mass.bench),
    ...settle(base, 'meat', 'bench', 'bone', perBone, mass.boneOut - boneCarried),
  ];
  return {
    flows: carrying(flows),
    cooked: { flesh: perFlesh, bone: perBone },
  };
}
