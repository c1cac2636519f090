import { flow, plus, settle, times, type Flow, type Owner } from '../ledger/index.ts';
import { compositionOf, isWeighed, type LotDraw, type LotMass, type LotPlan } from './lot.ts';
import { BONE_OUT, positive, RAW_BONE } from './stuff.ts';
import { trimBlend } from './trim.ts';

/**
 * The lot on the board: its weight, the bone in it, and what the knife takes off. b is of the purchased weight, t
 * of the boneless weight; a weighed figure replaces the planned one from there on.
 */
export function trimLot(plan: LotPlan, draw: Readonly<LotDraw>, out: LotMass): void {
  const { weighed } = plan;
  out.raw = isWeighed(weighed.raw) ? weighed.raw : plan.rawG * Math.max(0.05, draw.raw);

  const room = isWeighed(weighed.board) ? Math.min(out.raw, weighed.board) : out.raw;
  out.rawBone = isWeighed(weighed.bone)
    ? Math.min(room, weighed.bone / BONE_OUT)
    : Math.min(room, out.raw * (plan.boneShare < 1 ? Math.min(0.95, plan.boneShare * draw.bone) : 1));

  const beforeTrim = out.raw - out.rawBone;
  out.trim = trimmed(plan, draw, beforeTrim, out.raw);
  out.trimOfLot = Math.min(out.trim, beforeTrim);
  out.afterTrim = beforeTrim - out.trimOfLot;
  out.boneless = isWeighed(weighed.board) ? weighed.board - out.rawBone : out.afterTrim;
  out.intoPot = out.boneless + out.rawBone;
  composeAfterTrim(plan, beforeTrim, out);
}

function trimmed(plan: LotPlan, draw: Readonly<LotDraw>, beforeTrim: number, raw: number): number {
  const { weighed } = plan;
  if (isWeighed(weighed.trim)) return weighed.trim;
  if (isWeighed(weighed.board)) return Math.max(0, raw - weighed.board);
  return beforeTrim * Math.min(0.9, plan.trim.share * draw.trim);
}

/** What the flesh is made of once the trimmings are off it. */
function composeAfterTrim({ flesh, trim }: LotPlan, beforeTrim: number, out: LotMass): void {
  out.protein = flesh.protein;
  out.fat = flesh.fat;
  out.ash = flesh.ash;
  out.trimBlend = 0;
  if (!(out.trimOfLot > 0) || !(out.afterTrim > 0)) return;
  const share = out.trimOfLot / beforeTrim;
  out.trimBlend = trimBlend(share, trim.stuff, compositionOf(flesh));
  const after = (part: 'protein' | 'fat' | 'ash') => {
    const taken = out.trimBlend * trim.stuff[part] + (1 - out.trimBlend) * flesh[part];
    return Math.max(0, (flesh[part] - share * taken) / (1 - share));
  };
  out.protein = after('protein');
  out.fat = after('fat');
  out.ash = after('ash');
}

/** The flows of the board: from the shop to the bin and the pot. */
export function trimFlows(plan: LotPlan, mass: LotMass, owner: Owner): Flow[] {
  const raw = positive(compositionOf(plan.flesh));
  const after = positive(compositionOf(mass));
  const trimStuff = plus(times(positive(plan.trim.stuff), mass.trimBlend), raw, 1 - mass.trimBlend);
  const rawBone = times(RAW_BONE, mass.rawBone);
  return [
    flow('raw', owner, plus(times(raw, mass.raw - mass.rawBone), rawBone)),
    flow('trim', owner, times(trimStuff, mass.trim)),
    ...settle(owner, 'board', 'meat', 'trim', trimStuff, mass.trimOfLot - mass.trim),
    ...settle(owner, 'board', 'meat', 'meat', after, mass.afterTrim - mass.boneless),
    flow('intoPot', owner, plus(times(after, mass.boneless), rawBone)),
  ];
}
