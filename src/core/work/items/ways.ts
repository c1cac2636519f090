/** Pieces of a task of the board, in the order in which they are done. */
export const boardPieces = ['toast', 'grind', 'blister', 'peel'] as const;
type Piece = (typeof boardPieces)[number];

/** Something that is done to an ingredient before the pot, beside what is taken off it. */
export interface WayKind {
  /** The task of the day that it belongs to, and the pieces of that task, each with its minutes (common practice, no source). */
  readonly inDay?: {
    readonly task: 'toast' | 'blister';
    readonly pieces: Readonly<Partial<Record<Piece, number>>>;
  };
  /** It smokes and stings. */
  readonly smokes?: true;
  /** In the fat before the liquid goes in, min (common practice, no source). */
  readonly softens?: number;
  /** No knife is taken to it: it goes through a machine, or comes cut. */
  readonly noKnife?: 'processor' | 'bought so';
}

/** Every one, in the order in which they are offered; minutes are common practice, no source. A new one is a row. */
export const wayKinds = {
  toasted: { inDay: { task: 'toast', pieces: { toast: 5 } }, smokes: true },
  ground: { inDay: { task: 'toast', pieces: { grind: 5 } } },
  bloomed: { softens: 1 },
  blistered: { inDay: { task: 'blister', pieces: { blister: 11, peel: 5 } }, smokes: true },
  processor: { noKnife: 'processor' },
  'ready cut': { noKnife: 'bought so' },
} as const satisfies Readonly<Record<string, WayKind>>;

export type Way = keyof typeof wayKinds;
export const ways = Object.keys(wayKinds) as readonly Way[];
export const wayKind = (way: Way): WayKind => wayKinds[way];
