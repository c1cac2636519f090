import type { Level, Size, Vessel } from '../../meal/index.ts';
import { heightOf, volumeTo } from '../vessel/shape.ts';

/** Fill no vessel above this share of its height (80 to 85 %, common practice, no source). */
export const FULL = 0.82;
/** A slow cooker's wall heats what lies against it: less than half full it scorches and dries (common practice, no source). */
export const SLOW_COOKER_LEAST = 0.5;
/** g/ml (estimates): raw muscle 1.05 to 1.07, bone 1.3 to 1.5. */
export const MUSCLE_DENSITY = 1.06;
export const BONE_DENSITY = 1.4;
/** Space between loose chunks, 35 to 40 % (estimate). */
const VOIDS = 0.375;

/** How high one piece stands, cm, by size (estimates: the sizes of the readiness table). */
export const pieceHeight: Readonly<Record<Size, number>> = { cubes: 2.5, chunks: 6.5, ribs: 6, whole: 8 };
/** Where the liquid's line is to stand, of the height of the meat (estimates for the words). */
const lineShare: Readonly<Record<Level, number>> = {
  cover: 1.05,
  'tops showing': 0.75,
  'half way': 0.5,
  'own juice': 0,
};

/** What a line is called, by how high it stands about the meat: half way between two words it is the higher one. */
export function levelAt(lineCm: number, meatCm: number): Level {
  const share = meatCm > 0 ? lineCm / meatCm : 0;
  if (share >= (lineShare.cover + lineShare['tops showing']) / 2) return 'cover';
  if (share >= (lineShare['tops showing'] + lineShare['half way']) / 2) return 'tops showing';
  return share > 0.05 ? 'half way' : 'own juice';
}

export interface Fill {
  /** How high the meat stands, and the line that is wanted, cm. */
  readonly meatCm: number;
  readonly lineCm: number;
  /** Liquid and solids that bring the line there, ml; nothing is poured on its own juice. */
  readonly toLineMl: number;
}

/**
 * How the meat lies in a vessel and what brings the liquid to its line. Loose pieces pile up with
 * their voids; one layer is as high as a piece, however wide the pot. Below the line the liquid
 * fills what the meat does not, and the meat is spread evenly through its pile.
 * @param meatMl volume of meat and bone without voids
 */
export function fillOf(vessel: Vessel, meatMl: number, size: Size, level: Level): Fill {
  if (!(meatMl > 0)) return { meatCm: 0, lineCm: 0, toLineMl: 0 };
  const piled = heightOf(vessel, meatMl / (1 - VOIDS));
  const meatCm = Math.max(piled, pieceHeight[size]);
  const lineCm = lineShare[level] * meatCm;
  const under = volumeTo(vessel, lineCm);
  const meatUnder = meatMl * Math.min(1, under / volumeTo(vessel, meatCm));
  return { meatCm, lineCm, toLineMl: Math.max(0, under - meatUnder) };
}

/**
 * How high the liquid stands, cm, with all that is in it: between the pieces first, then over them.
 * The turn of `fillOf`: what brings the line to a height stands at that height.
 * @param otherMl liquid and solids beside the meat, ml
 */
export function levelCm(
  vessel: Vessel,
  { meatCm }: Pick<Fill, 'meatCm'>,
  meatMl: number,
  otherMl: number,
): number {
  const pile = volumeTo(vessel, meatCm);
  const between = Math.max(0, pile - meatMl);
  if (otherMl >= between || pile <= 0) return heightOf(vessel, meatMl + otherMl);
  return heightOf(vessel, otherMl / (between / pile));
}

/** Liquid and solids beside the meat up to a depth, ml: a spoon stood in the pot, wet so far. */
export function otherMlTo(vessel: Vessel, meatCm: number, meatMl: number, depthCm: number): number {
  const under = volumeTo(vessel, depthCm);
  const pile = volumeTo(vessel, meatCm);
  return Math.max(0, under - meatMl * (pile > 0 ? Math.min(1, under / pile) : 0));
}
