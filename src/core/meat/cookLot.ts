import { flow, massOf, plus, settle, times, type Amount, type Flow, type Owner } from '../ledger/index.ts';
import { yieldAt } from './doneness.ts';
import { cookedShare, KEPT_ASH } from './flesh.ts';
import { compositionOf, isWeighed, type LotDraw, type LotMass, type LotPlan } from './lot.ts';
import { ANY_FLESH, BONE_GIVES, BONE_OUT, positive, RAW_BONE } from './stuff.ts';

/**
 * The lot in the pot: y of its boneless weight stays, juice and air loss together are 1 − y − rendered, and the
 * bone gives up a tenth. A weighed cooked weight sets y within what the balance allows; what it cannot have come
 * from is left to the ledger to call missing or found.
 */
export function cookLot(plan: LotPlan, draw: Readonly<LotDraw>, out: LotMass): void {
  const { weighed, flesh } = plan;
  const late = isWeighed(weighed.foundLate) ? weighed.foundLate : 0;
  out.boneOut = BONE_OUT * out.rawBone;
  out.boneLoss = out.rawBone - out.boneOut;
  out.bone = isWeighed(weighed.bone) ? weighed.bone : out.boneOut;

  const share = cookedShare(flesh, draw.fat, plan.gelatinShare * draw.gelatin, out);
  out.trimmedCooked = trimmedCooked(plan, share.y, out);
  out.keptFat = out.boneless * share.keptFat;
  out.rendered = out.boneless * share.rendered;
  out.renderedFat = out.rendered + BONE_GIVES.fat * out.boneLoss;
  const wanted = isWeighed(weighed.cooked)
    ? (weighed.cooked + late - out.bone) / Math.max(out.boneless, 1e-9)
    : (share.y + plan.lowHeatY) * draw.y * yieldAt(plan.doneness * draw.doneness);
  out.plannedY = (share.y + plan.lowHeatY) * yieldAt(plan.doneness);
  out.y = out.boneless > 0 ? Math.min(share.highest, Math.max(share.lowest, wanted)) : 0;
  out.flesh = out.boneless * out.y;

  // Juice and air loss together are 1 − y − rendered; the lost ash goes with the juice.
  const loss = Math.max(0, out.boneless - out.flesh - out.rendered);
  out.juiceAsh = Math.min((1 - KEPT_ASH) * out.ash * out.boneless, loss);
  out.gelatin = Math.min(out.boneless * share.gelatin, loss - out.juiceAsh);
  const water = loss - out.juiceAsh - out.gelatin;
  out.airLoss = Math.min(plan.airShare * out.raw, water);
  out.juiceWater = water - out.airLoss;
  out.juice =
    out.juiceWater + out.juiceAsh + out.gelatin + (BONE_GIVES.water + BONE_GIVES.protein) * out.boneLoss;

  // What is found later in pot or sieve was not on the bench with the rest.
  out.foundLate = isWeighed(weighed.cooked) ? late : Math.min(late, out.flesh);
  out.bench = isWeighed(weighed.cooked) ? Math.max(0, weighed.cooked - out.bone) : out.flesh - out.foundLate;
  // Bone lying on the bench with the cooked meat: no more of it than was weighed in all.
  out.boneOnBench = isWeighed(weighed.cooked) ? Math.min(weighed.cooked, out.bone) : out.boneOut;
  out.cooked = out.bench + out.boneOnBench;
}

/** What the trimmings would weigh cooked, of what the whole would; what the knife took of the meat itself does not count. */
function trimmedCooked(plan: LotPlan, afterY: number, { trimOfLot, afterTrim, trimBlend }: LotMass): number {
  if (!(trimOfLot > 0) || !(afterTrim > 0)) return 0;
  const whole = (trimOfLot + afterTrim) * plan.wholeY;
  return whole > 0 ? Math.max(0, trimBlend * (1 - (afterTrim * afterY) / whole)) : 0;
}

/** Water in a lot's cooked meat before salt takes some of its place, g. */
export function cookedWater(lot: LotMass): number {
  return Math.max(
    0,
    lot.flesh -
      (lot.protein * lot.boneless - lot.gelatin) -
      lot.keptFat -
      (lot.ash * lot.boneless - lot.juiceAsh),
  );
}

export interface CookedLot {
  /** One gram of cooked boneless meat, and of bone as it came out. */
  readonly flesh: Amount;
  readonly bone: Amount;
}

/**
 * The flows of the pot to and from one lot, as far as the bench.
 * @param saltOfWater salt in a gram of the meat's water at the end of the braise
 */
export function cookFlows(
  mass: LotMass,
  owner: Owner,
  saltOfWater: number,
): { readonly flows: Flow[]; readonly cooked: CookedLot } {
  const after = positive(compositionOf(mass));
  const boneGives = positive({
    water: BONE_GIVES.water * mass.boneLoss,
    fat: BONE_GIVES.fat * mass.boneLoss,
    protein: BONE_GIVES.protein * mass.boneLoss,
  });
  const bone = plus(times(RAW_BONE, mass.rawBone), boneGives, -1);
  const water = Math.max(0, after.water * mass.boneless - mass.juiceWater - mass.airLoss);
  const salt = saltOfWater * water;
  const flesh = positive({
    water: water - salt,
    protein: after.protein * mass.boneless - mass.gelatin,
    fat: mass.keptFat,
    ash: after.ash * mass.boneless - mass.juiceAsh,
    salt,
  });
  const fleshMass = massOf(flesh);
  const perFlesh = fleshMass > 0 ? times(flesh, 1 / fleshMass) : ANY_FLESH;
  const perBone = mass.boneOut > 0 ? times(bone, 1 / mass.boneOut) : RAW_BONE;
  const juice = {
    water: mass.juiceWater + boneGives.water + salt,
    protein: boneGives.protein + mass.gelatin,
    ash: mass.juiceAsh,
  };
  return {
    flows: [
      flow('airLoss', owner, positive({ water: mass.airLoss })),
      flow('saltTakenUp', owner, positive({ salt })),
      flow('juice', owner, positive(juice)),
      flow('renderedFat', owner, positive({ fat: mass.rendered + boneGives.fat })),
      flow('cooked', owner, plus(times(perFlesh, mass.bench), perBone, mass.boneOnBench)),
      flow('foundLate', owner, times(perFlesh, mass.foundLate)),
      ...settle(owner, 'meat', 'bench', 'meat', perFlesh, fleshMass - mass.bench - mass.foundLate),
      ...settle(owner, 'meat', 'bench', 'bone', perBone, mass.boneOut - mass.boneOnBench),
    ],
    cooked: { flesh: perFlesh, bone: perBone },
  };
}
