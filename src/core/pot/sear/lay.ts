import type { Vessel } from '../../meal/index.ts';
import { widthAt } from '../vessel/shape.ts';
import { packBlocks } from './packBlocks.ts';
import { packDiscs, type Floor } from './packDiscs.ts';

/** One piece in a pan, seen from above, cm from its middle. */
export interface PieceInPan {
  readonly x: number;
  readonly y: number;
  /** Its sides; a round piece has two equal ones. */
  readonly w: number;
  readonly l: number;
}

/** What a piece covers of the pan: a disc or a block. */
export interface Footprint {
  readonly w: number;
  readonly l: number;
  readonly round: boolean;
}

/** Between pieces, so that they brown and do not steam: 1 to 1.5 cm; half of it to the wall (common practice, no source). */
export const GAP = 1.2;

export const floorOf = (pan: Vessel): Floor => {
  const width = widthAt(pan, 0);
  return pan.shape === 'round'
    ? { shape: 'round', r: width / 2 }
    : { shape: 'box', w: width / 2, l: (width * (pan.lengthCm ?? pan.widthCm)) / pan.widthCm / 2 };
};

/** All the pieces of one footprint that a panful takes with that gap. */
export function lay(floor: Floor, { w, l, round }: Footprint, gap: number): PieceInPan[] {
  const wall: Floor =
    floor.shape === 'round'
      ? { ...floor, r: floor.r + (gap - GAP) / 2 }
      : { ...floor, w: floor.w + (gap - GAP) / 2, l: floor.l + (gap - GAP) / 2 };
  if (round) {
    // A disc of the same footprint as the square piece.
    const d = discOf(w, l);
    return packDiscs(wall, (d + gap) / 2).map(({ x, y }) => ({ x, y, w: d, l: d }));
  }
  return packBlocks(wall, w + gap, l + gap).map(({ x, y, across }) => ({
    x,
    y,
    ...(across ? { w: l, l: w } : { w, l }),
  }));
}

export const discOf = (w: number, l: number) => Math.sqrt((4 * w * l) / Math.PI);

/** So many pieces, with as wide a gap as leaves them all in: fewer lie further apart. */
export function laySpread(floor: Floor, footprint: Footprint, n: number): readonly PieceInPan[] {
  let best = lay(floor, footprint, GAP);
  let [tight, wide] = [GAP, GAP * 5];
  for (let step = 0; step < 7 && best.length > n; step += 1) {
    const gap = (tight + wide) / 2;
    const found = lay(floor, footprint, gap);
    if (found.length >= n) {
      best = found;
      tight = gap;
    } else wide = gap;
  }
  // What is too many is left out at the edge, so that what stays lies in the heat.
  return best.toSorted((a, b) => Math.hypot(a.x, a.y) - Math.hypot(b.x, b.y)).slice(0, n);
}

const known = new Map<string, number>();

/** How many of a footprint a pan takes; asked again of the same, the answer is known. */
export function mostIn(floor: Floor, footprint: Footprint): number {
  const key = JSON.stringify([floor, footprint]);
  const found = known.get(key);
  if (found !== undefined) return found;
  // A cook tries a few pans and sizes, not thousands.
  if (known.size > 500) known.clear();
  const most = lay(floor, footprint, GAP).length;
  known.set(key, most);
  return most;
}
