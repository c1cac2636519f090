import type { Cooling, CoolWay, Vessel } from '../../meal/index.ts';
import type { Cools } from './cool.ts';

/** A tray of 30 × 23 cm, where no vessel is named (common practice, no source). */
export const TRAY = { widthCm: 23, lengthCm: 30, heightCm: 7 } as const;
/** Shred with its juice packs so in a tray, g/ml (estimate); a liquid and meat in sauce weigh about as much as water. */
const PACKED = { liquid: 1.01, both: 1.03, shred: 0.85 } as const;
/** No deeper than this for cooling (common practice, with the local code). */
export const SHALLOW_CM = 5;

/** The food in each of so many pans alike: how deep it lies, and what it touches. */
export function inPans(
  what: Cooling['what'],
  grams: number,
  pans: number,
  way: CoolWay,
  vessel: Pick<Vessel, 'shape' | 'widthCm' | 'lengthCm'> | undefined,
): Omit<Cools, 'fromC'> {
  const wide = vessel?.widthCm ?? TRAY.widthCm;
  const round = vessel?.shape === 'round';
  const long = round ? wide : vessel ? (vessel.lengthCm ?? wide) : TRAY.lengthCm;
  const bottomCm2 = round ? (Math.PI * wide ** 2) / 4 : wide * long;
  const depthCm = Math.max(0.2, grams / PACKED[what] / Math.max(1, pans) / bottomCm2);
  const around = round ? Math.PI * wide : 2 * (wide + long);
  return {
    what,
    depthCm,
    widthCm: wide,
    ...(!round && { lengthCm: long }),
    bottomCm2,
    wallCm2: around * depthCm,
    way,
  };
}

/** How many trays hold it no deeper than so many cm. */
export const pansFor = (what: Cooling['what'], grams: number, cm: number): number =>
  Math.max(1, Math.ceil(grams / PACKED[what] / (TRAY.widthCm * TRAY.lengthCm) / cm));
