import type { Size, Vessel } from '../batch/schema.ts';
import { packBlocks } from './packBlocks.ts';
import { packDiscs, type Floor } from './packDiscs.ts';
import { MUSCLE_DENSITY } from './fill.ts';
import { floorCm2 } from './vessel.ts';

/** One lot on its way to the pan. */
export interface ToSear {
  readonly lot: string;
  readonly size: Size;
  readonly grams: number;
  /** Pieces, if they were counted. */
  readonly count: number | undefined;
}

/** One piece in a pan, seen from above, cm from its middle. */
export interface PieceInPan {
  readonly x: number;
  readonly y: number;
  /** Its sides; a round piece has two equal ones. */
  readonly w: number;
  readonly l: number;
}

/** One panful: pieces of one lot, since lots brown at their own pace. */
export interface Panful {
  readonly lot: string;
  readonly pieces: readonly PieceInPan[];
}

export interface SearPlan {
  readonly pans: readonly Panful[];
  readonly minutes: number;
  /** Frying fat for all pans, g. */
  readonly fatG: number;
  /** Lots whose pieces do not fit into the pan at all. */
  readonly tooLarge: readonly string[];
}

interface Piece {
  /** Height, and the two sides that lie in the pan, cm. */
  readonly cm: readonly [number, number, number];
  readonly round: boolean;
  /** How many sides are browned, and minutes a side (common practice, no source). */
  readonly sides: number;
  readonly minutes: number;
}

/** Pieces as the readiness table has them, and how they are browned. */
const pieces: Readonly<Record<Size, Piece>> = {
  cubes: { cm: [2.5, 2.5, 2.5], round: true, sides: 2, minutes: 2.5 },
  chunks: { cm: [6.5, 6.5, 6.5], round: true, sides: 3, minutes: 2.5 },
  ribs: { cm: [4.5, 6, 10], round: false, sides: 4, minutes: 2.5 },
  whole: { cm: [7, 13, 14.5], round: false, sides: 4, minutes: 4 },
};

/** Between pieces, so that they brown and do not steam: 1 to 1.5 cm; half of it to the wall (common practice, no source). */
export const GAP = 1.2;
/** To take a panful out and heat the pan again, min (estimate). */
const BETWEEN = 2;
/** Frying fat, g for each cm² of pan: a tablespoon in a 28 cm pan (common practice, no source). */
const FAT = 0.021;

export const floorOf = (pan: Vessel): Floor =>
  pan.shape === 'round'
    ? { shape: 'round', r: pan.widthCm / 2 }
    : { shape: 'box', w: pan.widthCm / 2, l: (pan.lengthCm ?? pan.widthCm) / 2 };

/** How many pieces a lot is, and their sides: counted pieces share its weight, others are as large as usual. */
function piecesOf({ size, grams, count }: ToSear): { n: number; piece: Piece; times: number } {
  const piece = pieces[size];
  const usual = piece.cm[0] * piece.cm[1] * piece.cm[2] * MUSCLE_DENSITY;
  const n = count ?? Math.max(1, Math.round(grams / usual));
  return { n, piece, times: Math.cbrt(grams / n / usual) };
}

/**
 * Lays a batch out in a pan, panful by panful: pieces of one lot together, with their gap, and the
 * last small panful of a lot evened out over the others. Cubes and chunks lie as discs of the same
 * footprint, ribs and roasts as blocks.
 */
export function searPlan(lots: readonly ToSear[], pan: Vessel): SearPlan {
  const floor = floorOf(pan);
  const pans: Panful[] = [];
  const tooLarge: string[] = [];
  let minutes = 0;
  for (const lot of lots) {
    if (!(lot.grams > 0)) continue;
    const { n, piece, times } = piecesOf(lot);
    const most = laid(floor, piece, times, GAP).length;
    if (most === 0) {
      tooLarge.push(lot.lot);
      continue;
    }
    const count = Math.ceil(n / most);
    const laidOut = new Map<number, readonly PieceInPan[]>();
    for (let i = 0; i < count; i += 1) {
      const here = Math.floor((n + i) / count);
      const inPan = laidOut.get(here) ?? spread(floor, piece, times, here);
      laidOut.set(here, inPan);
      pans.push({ lot: lot.lot, pieces: inPan });
    }
    minutes += count * (piece.sides * piece.minutes + BETWEEN);
  }
  return { pans, minutes, fatG: pans.length * FAT * floorCm2(pan), tooLarge };
}

/** All the pieces that one panful takes with that gap. */
function laid(floor: Floor, { cm, round }: Piece, times: number, gap: number): PieceInPan[] {
  const wall: Floor =
    floor.shape === 'round'
      ? { ...floor, r: floor.r + (gap - GAP) / 2 }
      : { ...floor, w: floor.w + (gap - GAP) / 2, l: floor.l + (gap - GAP) / 2 };
  const [, w, l] = cm.map((side) => side * times) as [number, number, number];
  if (round) {
    // A disc of the same footprint as the square piece.
    const d = Math.sqrt((4 * w * l) / Math.PI);
    return packDiscs(wall, (d + gap) / 2).map(({ x, y }) => ({ x, y, w: d, l: d }));
  }
  return packBlocks(wall, w + gap, l + gap).map(({ x, y, across }) => ({
    x,
    y,
    ...(across ? { w: l, l: w } : { w, l }),
  }));
}

/** So many pieces, with as wide a gap as leaves them all in: fewer lie further apart. */
function spread(floor: Floor, piece: Piece, times: number, n: number): readonly PieceInPan[] {
  let best = laid(floor, piece, times, GAP);
  let [tight, wide] = [GAP, GAP * 5];
  for (let step = 0; step < 7 && best.length > n; step += 1) {
    const gap = (tight + wide) / 2;
    const found = laid(floor, piece, times, gap);
    if (found.length >= n) {
      best = found;
      tight = gap;
    } else wide = gap;
  }
  // What is too many is left out at the edge, so that what stays lies in the heat.
  return best.toSorted((a, b) => Math.hypot(a.x, a.y) - Math.hypot(b.x, b.y)).slice(0, n);
}
