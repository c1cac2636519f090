import type { Level, Size, Vessel } from '../batch/schema.ts';
import { floorCm2 } from './vessel.ts';

/** g/ml (estimates): raw muscle 1.05 to 1.07, bone 1.3 to 1.5. */
export const MUSCLE_DENSITY = 1.06;
export const BONE_DENSITY = 1.4;
/** Space between loose chunks, 35 to 40 % (estimate). */
const VOIDS = 0.375;

/** How high one piece stands, cm, by size (estimates: the sizes of the readiness table). */
const pieceHeight: Readonly<Record<Size, number>> = { cubes: 2.5, chunks: 6.5, ribs: 6, whole: 8 };
/** Where the liquid's line is to stand, of the height of the meat (estimates for the words). */
const lineShare: Readonly<Record<Level, number>> = {
  cover: 1.05,
  'tops showing': 0.75,
  'half way': 0.5,
  'own juice': 0,
};

export interface Fill {
  /** How high the meat stands, and the line, cm. */
  readonly meatCm: number;
  readonly lineCm: number;
  /** Liquid and solids that bring the line there, ml; nothing is poured on its own juice. */
  readonly toLineMl: number;
}

/**
 * How the meat lies in a vessel and what brings the liquid to its line. Loose pieces pile up with
 * their voids; one layer is as high as a piece, however wide the pot. Below the line the liquid
 * fills what the meat does not.
 * @param meatMl volume of meat and bone without voids
 */
export function fillOf(vessel: Vessel, meatMl: number, size: Size, level: Level): Fill {
  const floor = floorCm2(vessel);
  if (!(meatMl > 0)) return { meatCm: 0, lineCm: 0, toLineMl: 0 };
  const piled = meatMl / (1 - VOIDS) / floor;
  const meatCm = Math.max(piled, pieceHeight[size]);
  const lineCm = lineShare[level] * meatCm;
  const under = meatMl * Math.min(1, lineShare[level]);
  return { meatCm, lineCm, toLineMl: Math.max(0, floor * lineCm - under) };
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
  const floor = floorCm2(vessel);
  const between = Math.max(0, floor * meatCm - meatMl);
  if (otherMl >= between) return meatCm + (otherMl - between) / floor;
  return (otherMl / between) * meatCm;
}
