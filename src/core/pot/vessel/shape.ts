import { bounds } from '../../quantity/index.ts';
import type { Kitchen, Vessel } from '../../meal/index.ts';

/**
 * The inside of a vessel: an upright or sloping cylinder or box. All its sections are alike, so a
 * section's area is its width squared times a constant.
 */
interface Inside {
  /** Width at the bottom and at the brim, cm, and how high the brim is. */
  readonly bottom: number;
  readonly top: number;
  readonly height: number;
  /** Area of a section of width 1. */
  readonly unit: number;
}

function shapeOf(vessel: Vessel): Inside {
  const { shape, widthCm: top, heightCm: height, bottomCm: bottom = top } = vessel;
  const unit = shape === 'round' ? Math.PI / 4 : (vessel.lengthCm ?? top) / top;
  return { bottom, top, height, unit };
}

/** Frustum: the integral of its sections, V = c·h·(a² + a·b + b²)/3 (published, any table of solids). */
const volumeOf = ({ bottom, top, height, unit }: Inside) =>
  (unit * height * (bottom * bottom + bottom * top + top * top)) / 3;

/** The inside, as wide as a measured volume says where it was measured full of water. */
function insideOf(vessel: Vessel): Inside {
  const inside = shapeOf(vessel);
  if (vessel.brimMl === undefined) return inside;
  const times = Math.sqrt(vessel.brimMl / volumeOf(inside));
  return { ...inside, bottom: inside.bottom * times, top: inside.top * times };
}

/** Inner floor, cm². */
export const floorCm2 = (vessel: Vessel): number => surfaceCm2(vessel, 0);

/** Inner width of a vessel at a height, cm; above the brim as at the brim. */
export function widthAt(vessel: Vessel, cm: number): number {
  const { bottom, top, height } = insideOf(vessel);
  return bottom + (top - bottom) * Math.min(1, Math.max(0, cm / height));
}

/** Area of what stands at a height, cm²: the surface that steams. */
export function surfaceCm2(vessel: Vessel, cm: number): number {
  return insideOf(vessel).unit * widthAt(vessel, cm) ** 2;
}

/** Outside of a vessel with its lid, as thin as it is, m²: what the air of an oven heats. */
export function outerM2(vessel: Vessel): number {
  const { bottom, top, height, unit } = insideOf(vessel);
  const around = vessel.shape === 'round' ? Math.PI : 2 * (1 + unit);
  const cm2 = unit * (bottom ** 2 + top ** 2) + around * ((bottom + top) / 2) * height;
  return cm2 / 10_000;
}

/** What a vessel holds up to a height, ml; above the brim as if its walls went straight up. */
export function volumeTo(vessel: Vessel, cm: number): number {
  const inside = insideOf(vessel);
  const under = Math.min(cm, inside.height);
  const over = Math.max(0, cm - inside.height);
  return (
    volumeOf({ ...inside, top: widthAt(vessel, under), height: under }) + over * inside.unit * inside.top ** 2
  );
}

/** Volume to the brim, ml. */
export const brimMl = (vessel: Vessel): number => volumeTo(vessel, vessel.heightCm);

/** What the largest vessel of a kitchen holds, ml: nobody is told to pour more. */
export const largestMl = ({ vessels }: Pick<Kitchen, 'vessels'>): number =>
  vessels.reduce((most, vessel) => Math.max(most, brimMl(vessel)), 0);

/** How high so much stands, cm: `volumeTo` the other way round, without trial. */
export function heightOf(vessel: Vessel, ml: number): number {
  if (!(ml > 0)) return 0;
  const { bottom, top, height, unit } = insideOf(vessel);
  const brim = brimMl(vessel);
  if (ml >= brim) return height + (ml - brim) / (unit * top * top);
  const slope = (top - bottom) / height;
  if (Math.abs(slope) < 1e-9) return ml / (unit * bottom * bottom);
  // From V = c·(w³ − bottom³) / (3·slope).
  return (Math.cbrt(bottom ** 3 + (3 * slope * ml) / unit) - bottom) / slope;
}

/** How far anything inside can reach lying down, cm: across, or from corner to corner. */
export function longestInside(vessel: Vessel): number {
  const { bottom, unit } = insideOf(vessel);
  return vessel.shape === 'round' ? bottom : bottom * Math.hypot(1, unit);
}

/** Whether all its inner lengths are within what a vessel may have. */
export const isWithinBounds = ({
  widthCm,
  lengthCm = widthCm,
  heightCm,
  bottomCm = widthCm,
}: Vessel): boolean =>
  [widthCm, lengthCm, heightCm, bottomCm].every(
    (cm) => cm >= bounds.length.least && cm <= bounds.length.most,
  );

/** A vessel that holds so much, ml: its width stays as it is, and it is as deep as that takes. */
export function withVolume({ brimMl: _, ...vessel }: Vessel, ml: number): Vessel {
  // At a given width the volume goes with the height.
  return { ...vessel, heightCm: ml / brimMl({ ...vessel, heightCm: 1 }) };
}

/** g/ml of water from the tap, 15 °C (published, any steam table). */
const WATER = 0.999;

/** What a vessel holds, ml, that was weighed empty and full of water to the brim, g; and the other way round. */
export const brimOfWater = (fullG: number, emptyG: number): number => (fullG - emptyG) / WATER;
export const fullOfWater = (ml: number, emptyG: number): number => emptyG + ml * WATER;
