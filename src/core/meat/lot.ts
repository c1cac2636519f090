import type { LotFlow, LotReading } from '../ledger/index.ts';
import type { Composition } from '@/reference/types.ts';
import type { Flesh } from './flesh.ts';
import type { PickPlan } from './picking.ts';
import type { TrimPlan } from './trim.ts';

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
  /** Cooked of boneless if it were not trimmed. */
  readonly wholeY: number;
  readonly pick: PickPlan;
  /** Fat of the cooked lean, of a gram: what picking to lean only leaves in the shred. */
  readonly leanFat: number;
  /** How much of that the tool finds; 1 with forks. */
  readonly picks: number;
  /** It is chopped: what is not tender yet goes into the bowl too. */
  readonly chops: boolean;
  /** It leaves the bench on its bone. */
  readonly onBone: boolean;
  /** Protein that dissolves into the liquid, of the raw boneless weight. */
  readonly gelatinShare: number;
  /** Water that the lot loses to the air before the pot, of its raw weight. */
  readonly airShare: number;
  /** What low heat leaves in it beyond the published rows, of the boneless weight. */
  readonly lowHeatY: number;
  /** How far it is on its way to tender (1) when it is lifted; NaN: until it is. */
  readonly doneness: number;
  readonly weighed: LotWeighed;
}

export type LotWeighed = Record<LotReading, number>;

export const nothingWeighed = (): LotWeighed => ({
  raw: NaN,
  board: NaN,
  trim: NaN,
  cooked: NaN,
  bone: NaN,
  pickings: NaN,
  unpulled: NaN,
  shred: NaN,
  again: NaN,
  foundLate: NaN,
  eaten: NaN,
  thrown: NaN,
});

/** Within a kernel: whether a column's figure was weighed. */
export const isWeighed = (grams: number): boolean => !Number.isNaN(grams);

/** A weighed figure as all beyond the kernels have it, g; undefined where nobody weighed it. */
export function weighedIn<K extends string>(
  weighed: Readonly<Record<K, number>> | undefined,
  what: K,
): number | undefined {
  const grams = weighed?.[what];
  return grams === undefined || Number.isNaN(grams) ? undefined : grams;
}

/** One draw's multipliers on the plan; 1 everywhere is the nominal run. */
export interface LotDraw {
  raw: number;
  bone: number;
  trim: number;
  y: number;
  /** Of what is rendered, and of the gelatin. */
  fat: number;
  gelatin: number;
  pickings: number;
  doneness: number;
}

export const nominalLot: Readonly<LotDraw> = {
  raw: 1,
  bone: 1,
  trim: 1,
  y: 1,
  fat: 1,
  gelatin: 1,
  pickings: 1,
  doneness: 1,
};

/** What the steps of a lot hand to one another, g and shares, beside the flows themselves. */
interface LotState {
  rawBone: number;
  /** Of the trimming, what the lot can have given; a weighed trim above it was found. */
  trimOfLot: number;
  /** Of the trimming, the share that is the trim's own stuff; the rest is meat. */
  trimBlend: number;
  /** Boneless weight that the balance leaves after trimming, and what goes into the pot. */
  afterTrim: number;
  boneless: number;
  /** What the trimmings would weigh cooked, of what the whole would: it is not there to be picked. */
  trimmedCooked: number;
  /** Composition of what is left after trimming, fractions. */
  protein: number;
  fat: number;
  ash: number;
  /** Cooked of boneless, and what it was without a weighed cooked weight. */
  y: number;
  plannedY: number;
  /** Cooked boneless as the balance has it. */
  flesh: number;
  keptFat: number;
  /** Fat that left the flesh; its flow carries the bone's as well. */
  rendered: number;
  /** Protein that left it. */
  gelatin: number;
  /** Water and ash that the flesh gives to the liquid. */
  juiceWater: number;
  juiceAsh: number;
  boneOut: number;
  boneLoss: number;
  /** Cooked boneless and bone that lay on the bench: weighed where they were weighed. */
  bench: number;
  boneOnBench: number;
  /** What there is of it for the plates: the shred and what was found late, less what was eaten or thrown away. */
  bowl: number;
}

/** What became of a lot, g: one figure for each of its flows, filled anew by each draw, so that thousands make no garbage. */
export type LotMass = Record<LotFlow, number> & LotState;

/** Written out rather than made from the table, since engines keep such a record as flat as an array. */
export const emptyLotMass = (): LotMass => ({
  raw: 0,
  trim: 0,
  intoPot: 0,
  airLoss: 0,
  saltTakenUp: 0,
  juice: 0,
  renderedFat: 0,
  cooked: 0,
  bone: 0,
  pickings: 0,
  boneServed: 0,
  unpulled: 0,
  shred: 0,
  again: 0,
  foundLate: 0,
  eaten: 0,
  thrown: 0,
  rawBone: 0,
  trimOfLot: 0,
  trimBlend: 0,
  trimmedCooked: 0,
  afterTrim: 0,
  boneless: 0,
  protein: 0,
  fat: 0,
  ash: 0,
  y: 0,
  plannedY: 0,
  flesh: 0,
  keptFat: 0,
  rendered: 0,
  gelatin: 0,
  juiceWater: 0,
  juiceAsh: 0,
  boneOut: 0,
  boneLoss: 0,
  bench: 0,
  boneOnBench: 0,
  bowl: 0,
});

/** What a weighing of the reading would show: a stock is what its flow leaves behind. */
export const readingOf = (reading: LotReading, mass: LotMass): number =>
  mass[reading === 'board' ? 'intoPot' : reading];

/** Raw flesh with its water by difference, as the flows have it. */
export function compositionOf({ protein, fat, ash }: Pick<Flesh, 'protein' | 'fat' | 'ash'>): Composition {
  return { water: 1 - protein - fat - ash, protein, fat, ash };
}
