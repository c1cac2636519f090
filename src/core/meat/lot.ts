import type { Composition } from '@/reference/types.ts';
import { cookedShare, KEPT_ASH, type Flesh } from './flesh.ts';
import { trimBlend, type TrimPlan } from './trim.ts';

/** Bones come out at this share of their raw weight (± .05, estimate); the rest goes to the liquid. */
export const BONE_OUT = 0.9;
/** What bones give to the liquid, of what they lose (estimates): water, fat, gelatin. */
export const BONE_GIVES = { water: 0.6, fat: 0.3, protein: 0.1 } as const;

/** What a lot is before it is cooked. Masses g; shares 0 to 1; a weighed figure is NaN until it is weighed. */
export interface LotPlan {
  readonly id: string;
  readonly cut: string;
  readonly rawG: number;
  /** Relative standard deviation of the weight, where a range was typed. */
  readonly rawSpread: number;
  readonly boneShare: number;
  readonly trim: TrimPlan;
  readonly flesh: Flesh;
  readonly pickShare: number;
  /** Water that the lot loses to the air before the pot, of its raw weight. */
  readonly airShare: number;
  readonly weighed: LotWeighed;
}

export interface LotWeighed {
  raw: number;
  board: number;
  trim: number;
  cooked: number;
  bone: number;
  pickings: number;
  shred: number;
}

export const nothingWeighed = (): LotWeighed => ({
  raw: NaN,
  board: NaN,
  trim: NaN,
  cooked: NaN,
  bone: NaN,
  pickings: NaN,
  shred: NaN,
});

/** One draw's multipliers on the plan; 1 everywhere is the centre. */
export interface LotDraw {
  raw: number;
  bone: number;
  trim: number;
  y: number;
  pickings: number;
}

export const centreOfLot: Readonly<LotDraw> = { raw: 1, bone: 1, trim: 1, y: 1, pickings: 1 };

/** What became of a lot, g. Filled anew by each draw, so that 5,000 draws make no garbage. */
export interface LotMass {
  raw: number;
  rawBone: number;
  trim: number;
  /** Of the trimming, what the lot can have given; a weighed trim above it was found. */
  trimOfLot: number;
  /** Of the trimming, the share that is the trim's own stuff; the rest is meat. */
  trimBlend: number;
  /** Boneless weight that the balance leaves after trimming, and what goes into the pot. */
  afterTrim: number;
  boneless: number;
  /** Composition of what is left after trimming, fractions. */
  protein: number;
  fat: number;
  ash: number;
  /** Cooked of boneless, and what it was without a weighed cooked weight. */
  y: number;
  plannedY: number;
  /** Cooked boneless as the balance has it. */
  cooked: number;
  keptFat: number;
  rendered: number;
  air: number;
  /** Water and ash that the meat gives to the liquid. */
  juiceWater: number;
  juiceAsh: number;
  boneOut: number;
  boneLoss: number;
  /** Cooked boneless that lay on the bench: weighed where it was weighed. */
  bench: number;
  pickings: number;
  shred: number;
}

export const emptyLotMass = (): LotMass => ({
  raw: 0,
  rawBone: 0,
  trim: 0,
  trimOfLot: 0,
  trimBlend: 0,
  afterTrim: 0,
  boneless: 0,
  protein: 0,
  fat: 0,
  ash: 0,
  y: 0,
  plannedY: 0,
  cooked: 0,
  keptFat: 0,
  rendered: 0,
  air: 0,
  juiceWater: 0,
  juiceAsh: 0,
  boneOut: 0,
  boneLoss: 0,
  bench: 0,
  pickings: 0,
  shred: 0,
});

const isWeighed = (grams: number) => !Number.isNaN(grams);

/**
 * Carries one lot from the shop to shred: shred = W·(1−b)·(1−t)·y·(1−s), with b of the purchased
 * weight, t of the boneless weight and s of the cooked boneless weight. A weighed figure replaces
 * the planned one from there on; what a weighed figure cannot have come from is left to the ledger
 * to call missing or found.
 */
export function cookLot(plan: LotPlan, draw: Readonly<LotDraw>, out: LotMass): void {
  const { weighed, flesh } = plan;
  out.raw = isWeighed(weighed.raw) ? weighed.raw : plan.rawG * Math.max(0.05, draw.raw);

  const room = isWeighed(weighed.board) ? Math.min(out.raw, weighed.board) : out.raw;
  out.rawBone = isWeighed(weighed.bone)
    ? Math.min(room, weighed.bone / BONE_OUT)
    : Math.min(room, out.raw * (plan.boneShare < 1 ? Math.min(0.95, plan.boneShare * draw.bone) : 1));
  out.boneOut = BONE_OUT * out.rawBone;
  out.boneLoss = out.rawBone - out.boneOut;

  const beforeTrim = out.raw - out.rawBone;
  out.trim = trimmed(plan, draw, beforeTrim, out.raw);
  out.trimOfLot = Math.min(out.trim, beforeTrim);
  out.afterTrim = beforeTrim - out.trimOfLot;
  out.boneless = isWeighed(weighed.board) ? weighed.board - out.rawBone : out.afterTrim;
  composeAfterTrim(plan, beforeTrim, out);

  const share = cookedShare({ ...flesh, protein: out.protein, fat: out.fat, ash: out.ash });
  out.keptFat = out.boneless * share.keptFat;
  out.rendered = out.boneless * share.rendered;
  const wanted = isWeighed(weighed.cooked)
    ? (weighed.cooked - boneOnBench(plan, out)) / Math.max(out.boneless, 1e-9)
    : share.y * draw.y;
  out.plannedY = share.y;
  out.y = out.boneless > 0 ? Math.min(share.highest, Math.max(share.lowest, wanted)) : 0;
  out.cooked = out.boneless * out.y;

  // Juice and air loss together are 1 − y − rendered; the lost ash goes with the juice.
  const loss = Math.max(0, out.boneless - out.cooked - out.rendered);
  out.juiceAsh = Math.min((1 - KEPT_ASH) * out.ash * out.boneless, loss);
  const water = loss - out.juiceAsh;
  out.air = Math.min(plan.airShare * out.raw, water);
  out.juiceWater = water - out.air;

  out.bench = isWeighed(weighed.cooked) ? Math.max(0, weighed.cooked - boneOnBench(plan, out)) : out.cooked;
  out.pickings = isWeighed(weighed.pickings)
    ? weighed.pickings
    : out.bench * (plan.pickShare < 1 ? Math.min(0.95, plan.pickShare * draw.pickings) : 1);
  out.shred = isWeighed(weighed.shred) ? weighed.shred : Math.max(0, out.bench - out.pickings);
}

/** Bone lying on the bench with the cooked meat: the weighed bones where they were weighed. */
export function boneOnBench({ weighed }: LotPlan, out: LotMass): number {
  return isWeighed(weighed.bone) ? weighed.bone : out.boneOut;
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

/** Raw flesh with its water by difference, as the flows have it. */
export function compositionOf({ protein, fat, ash }: Pick<Flesh, 'protein' | 'fat' | 'ash'>): Composition {
  return { water: 1 - protein - fat - ash, protein, fat, ash };
}
