import type { Vessel } from '../../meal/index.ts';
import { otherMlTo } from './fill.ts';

/** A vessel before the lid as a spoon finds it. */
export interface BeforeLid {
  readonly vessel: Vessel;
  readonly meatCm: number;
  readonly meatMl: number;
  /** Liquid and solids that were to stand beside the meat, ml. */
  readonly otherMl: number;
}

/**
 * What a spoon stood in a pot says before the lid: what is beside the meat, and so what was poured
 * where the rest went in as planned, ml.
 * @param depthCm how far the spoon is wet
 * @param plannedMl what was to be poured
 */
export function bySpoon(
  { vessel, meatCm, meatMl, otherMl }: BeforeLid,
  depthCm: number,
  plannedMl: number,
): { readonly besideMl: number; readonly pouredMl: number } {
  const besideMl = otherMlTo(vessel, meatCm, meatMl, depthCm);
  return { besideMl, pouredMl: Math.max(0, plannedMl + besideMl - otherMl) };
}
