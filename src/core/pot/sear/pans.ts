import type { Vessel } from '../../meal/index.ts';
import { discOf, floorOf, laySpread, type PieceInPan } from './lay.ts';
import { type AsWritten, panfuls } from './panfuls.ts';
import type { ToSear } from './pieces.ts';

/** One panful, seen from above. */
export interface Panful {
  readonly pieces: readonly (PieceInPan & { readonly lot: string })[];
}

export interface SearPlan {
  readonly pans: readonly Panful[];
  readonly minutes: number;
  /** Frying fat for all pans, g. */
  readonly fatG: number;
  /** Lots whose pieces do not fit into the pan at all. */
  readonly tooLarge: readonly string[];
}

/**
 * Lays a batch out in a pan, panful by panful, to scale. Cubes and chunks lie as discs of the same
 * footprint, ribs and roasts as blocks; a piece in the room of a larger one lies in its middle.
 * @param mix pieces of different lots may lie in one pan
 */
export function searPlan(
  lots: readonly ToSear[],
  pan: Vessel,
  mix = false,
  written: AsWritten = {},
): SearPlan {
  const floor = floorOf(pan);
  const { turns, minutes, fatG, tooLarge } = panfuls(lots, pan, mix, written);
  const laidOut = new Map<string, readonly PieceInPan[]>();
  const pans = turns.map(({ groups, cell }): Panful => {
    const pieces = groups.flatMap(({ piece, n }) => Array.from({ length: n }, () => piece));
    const key = JSON.stringify([cell, pieces.length]);
    const places = laidOut.get(key) ?? laySpread(floor, cell, pieces.length);
    laidOut.set(key, places);
    return {
      pieces: places.map((place, i) => {
        const piece = pieces[i] ?? pieces[0];
        return { ...place, ...sidesIn(place, cell, piece?.footprint ?? cell), lot: piece?.lot ?? '' };
      }),
    };
  });
  return { pans, minutes, fatG, tooLarge };
}

/** A piece's own sides in the room it got, turned as the room is. */
function sidesIn(
  place: PieceInPan,
  cell: { readonly w: number; readonly l: number; readonly round: boolean },
  piece: { readonly w: number; readonly l: number; readonly round: boolean },
): { w: number; l: number } {
  if (cell.round || piece.round) {
    const d = Math.min(discOf(piece.w, piece.l), place.w, place.l);
    return { w: d, l: d };
  }
  return place.w === cell.w ? { w: piece.w, l: piece.l } : { w: piece.l, l: piece.w };
}
