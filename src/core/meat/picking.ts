import type { Picking } from '../meal/index.ts';

/** Picked out though "all that is tender" is kept: half way between 0 and .03 (common practice, no source). */
const LEAST = 0.015;
/** "Membrane and big lumps out" stands this far from the least to lean only (estimate). */
const MEMBRANE = 0.4;

/** How a lot is picked over. */
export interface PickPlan {
  /** What lean only would pick of meat that was not trimmed, of its cooked boneless weight: 1 − lean share (published). */
  readonly leanOnly: number;
  /** How far this picking goes, from the least (0) to lean only (1). */
  readonly goes: number;
}

const goes: Readonly<Record<Picking, number>> = { 'all tender': 0, membrane: MEMBRANE, 'lean only': 1 };

export const pickPlan = (picking: Picking, leanShare: number): PickPlan => ({
  leanOnly: Math.max(LEAST, 1 - leanShare),
  goes: goes[picking],
});

/** All of it is picked out again: bones that went in for their flavour. */
export const pickAll: PickPlan = { leanOnly: 1, goes: Infinity };
export const picksAll = ({ goes: far }: PickPlan): boolean => far === Infinity;

/**
 * Share of the cooked boneless weight that is picked out. What was trimmed off raw is not there to be picked: of
 * what lean only would pick, that much less is left.
 * @param trimmed what the trimmings would weigh cooked, of what the whole would
 */
export function pickedShare({ leanOnly, goes: far }: PickPlan, trimmed = 0): number {
  if (far === Infinity) return 1;
  const left = Math.max(LEAST, (leanOnly - trimmed) / Math.max(1e-9, 1 - trimmed));
  return LEAST + far * (left - LEAST);
}

/** No picking is fatter: what holds it together is picked with it (estimate). */
const FATTEST = 0.9;

/**
 * Fat of a gram of what is picked out: so much that picking to lean only would leave the fat of the published lean in the shred.
 * Where less is picked, it is the same stuff.
 * @param fat of a gram of the cooked meat before it is picked
 * @param leanFat of a gram of its lean
 */
export function pickingsFat(plan: PickPlan, fat: number, leanFat: number, trimmed = 0): number {
  if (picksAll(plan)) return fat;
  const share = pickedShare({ ...plan, goes: 1 }, trimmed);
  return Math.max(fat, Math.min(FATTEST, (fat - leanFat * (1 - share)) / share));
}
