import type { Heat, Vessel } from '../batch/schema.ts';

/** Fill no vessel above this share of its height (80 to 85 %, common practice, no source). */
export const FULL = 0.82;

/** Inner floor of a vessel with upright walls, cm². */
export function floorCm2(vessel: Vessel): number {
  return vessel.shape === 'round'
    ? Math.PI * (vessel.widthCm / 2) ** 2
    : vessel.widthCm * (vessel.lengthCm ?? vessel.widthCm);
}

/** Volume to the brim, ml. */
export const brimMl = (vessel: Vessel): number => floorCm2(vessel) * vessel.heightCm;

/** The vessels that a heat takes, smallest first. */
export function vesselsFor(heat: Heat, vessels: readonly Vessel[]): readonly Vessel[] {
  const fits = vessels.filter(
    (v) => (heat === 'slow cooker') === (v.kind === 'slow cooker') && v.kind !== 'pan',
  );
  return [...fits].sort((a, b) => brimMl(a) - brimMl(b));
}
