import type { Vessel } from '../../meal/index.ts';
import { volumeTo, widthAt } from '../vessel/shape.ts';

/** One piece in the vessel cut down its middle, cm: x from the middle, y from the floor. */
export interface PieceInSection {
  readonly x: number;
  readonly y: number;
  readonly w: number;
  readonly h: number;
  /** Radius of its bone; 0 without. */
  readonly boneCm: number;
}

/** How much of its row's height a piece takes: the rest is liquid over it (estimate). */
const OF_ROW = 0.92;

/** So many pieces or fewer are drawn as they are. */
const FEW = 12;

/**
 * The meat as it lies in a vessel cut down its middle. Of the area under the top of the pile the
 * pieces cover what the meat is of the volume there, so that what is drawn is what went in.
 * @param pieceCm how wide a piece is
 * @param bones share of the pieces that hold a bone, and the bone's share of such a piece; count: how many lie there
 */
export function sectionOf(
  vessel: Vessel,
  meatMl: number,
  meatCm: number,
  pieceCm: number,
  bones: { readonly pieces: number; readonly ofPiece: number; readonly count?: number | undefined },
): readonly PieceInSection[] {
  if (!(meatMl > 0) || !(meatCm > 0)) return [];
  const covered = Math.min(OF_ROW, meatMl / volumeTo(vessel, meatCm));
  // Few that are known are drawn one by one; of many a cut shows as many as lie in it.
  const all = bones.count !== undefined && bones.count <= FEW ? bones.count : undefined;
  const rows = Math.min(all ?? Infinity, Math.max(1, Math.round(meatCm / pieceCm)));
  const rowCm = meatCm / rows;
  const pieces: PieceInSection[] = [];
  for (let row = 0; row < rows; row += 1) {
    const width = widthAt(vessel, (row + 0.5) * rowCm);
    const n =
      all === undefined
        ? Math.max(1, Math.round((width * covered) / OF_ROW / pieceCm))
        : Math.floor((all * (row + 1)) / rows) - Math.floor((all * row) / rows);
    const step = width / n;
    const w = (step * covered) / OF_ROW;
    const h = rowCm * OF_ROW;
    for (let i = 0; i < n; i += 1) {
      const before = pieces.length * bones.pieces;
      const boned = Math.floor(before + bones.pieces + 1e-9) > Math.floor(before + 1e-9);
      // Every other row leans to the side, within the gap that is there.
      const lean = ((row % 2 === 0 ? -1 : 1) * (step - w)) / 4;
      pieces.push({
        x: -width / 2 + (i + 0.5) * step - w / 2 + lean,
        y: row * rowCm,
        w,
        h,
        boneCm: boned ? Math.sqrt((bones.ofPiece * w * h) / Math.PI) : 0,
      });
    }
  }
  return pieces;
}
