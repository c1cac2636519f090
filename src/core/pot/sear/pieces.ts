import type { Size } from '../../meal/index.ts';
import { MUSCLE_DENSITY } from '../fill/fill.ts';

/** One lot on its way to the pan. */
export interface ToSear {
  readonly lot: string;
  readonly size: Size;
  readonly grams: number;
  /** Pieces, if they were counted. */
  readonly count: number | undefined;
}

/** Pieces of a size as the readiness table has them, and how they are browned. */
export interface Piece {
  /** Height, and the two sides that lie in the pan, cm. */
  readonly cm: readonly [number, number, number];
  readonly round: boolean;
  /** How many sides are browned, and minutes a side (common practice, no source). */
  readonly sides: number;
  readonly minutes: number;
}

/** Sizes of the readiness table, and how they are browned (common practice, no source). */
export const pieceOf: Readonly<Record<Size, Piece>> = {
  cubes: { cm: [2.5, 2.5, 2.5], round: true, sides: 2, minutes: 2.5 },
  chunks: { cm: [6.5, 6.5, 6.5], round: true, sides: 3, minutes: 2.5 },
  ribs: { cm: [4.5, 6, 10], round: false, sides: 4, minutes: 2.5 },
  whole: { cm: [6.5, 13.5, 15], round: false, sides: 4, minutes: 4 },
};

/**
 * How many pieces a lot is, and how much longer their sides are than the table's: counted pieces
 * share its weight, others are as large as usual.
 */
export function piecesOf({ size, grams, count }: ToSear): { n: number; piece: Piece; times: number } {
  const piece = pieceOf[size];
  const usual = piece.cm[0] * piece.cm[1] * piece.cm[2] * MUSCLE_DENSITY;
  const n = count ?? Math.max(1, Math.round(grams / usual));
  return { n, piece, times: Math.cbrt(grams / n / usual) };
}

/** The sides of the pieces of a lot, cm. */
export function sidesOf(lot: ToSear): readonly [number, number, number] {
  const { piece, times } = piecesOf(lot);
  const [a, b, c] = piece.cm;
  return [a * times, b * times, c * times];
}

/** The longest side of the pieces of a lot, cm. */
export const longestOf = (lot: ToSear): number => Math.max(...sidesOf(lot));
