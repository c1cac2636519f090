/** A kind of what is done to the meat at intervals while it braises. */
export interface RoundKind {
  /** How often where nobody has said, min (common practice, no source). */
  readonly every: number;
  /** It is done in the open smoke too: it wants no liquid around the meat. */
  readonly inSmoke?: true;
}

/** Every one, in the order in which they are offered; how often is common practice, no source. A new one is a row: the compiler asks for its words. */
export const roundKinds = {
  turn: { every: 45, inSmoke: true },
  stir: { every: 45 },
  baste: { every: 45, inSmoke: true },
  pierce: { every: 45, inSmoke: true },
  skim: { every: 45 },
} as const satisfies Readonly<Record<string, RoundKind>>;

export type Round = keyof typeof roundKinds;
export const rounds = Object.keys(roundKinds) as readonly Round[];
export const roundKind = (what: Round): RoundKind => roundKinds[what];
