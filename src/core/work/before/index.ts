/** A kind of step between the board and the pan: all that the core knows of it. */
export interface BeforeKind {
  /** Its task in the day. */
  readonly task: 'brine' | 'marinate' | 'stand';
  /** How long it takes where nobody has said, min (common practice, no source). */
  readonly minutes: number;
  /** It lies so long in the fridge, in what it was put into, and is dried when it comes out; else it stands by itself. */
  readonly cures?: { readonly into: 'rub' | 'into the marinade'; readonly then: 'salted' | 'marinates' };
  /** It comes to the pan less cold. */
  readonly warms?: true;
  /** It lies in what was put into the marinade. */
  readonly inMarinade?: true;
}

/**
 * Every step that may be done with the meat before its pan, in the order in which they are offered and done. Minutes are common
 * practice, no source. A new one is a row: the compiler asks for its words.
 */
export const beforeKinds = {
  'dry brine': { task: 'brine', minutes: 12 * 60, cures: { into: 'rub', then: 'salted' } },
  marinade: {
    task: 'marinate',
    minutes: 12 * 60,
    cures: { into: 'into the marinade', then: 'marinates' },
    inMarinade: true,
  },
  'stand out': { task: 'stand', minutes: 30, warms: true },
} as const satisfies Readonly<Record<string, BeforeKind>>;

export type BeforeWhat = keyof typeof beforeKinds;
export const beforeWhats = Object.keys(beforeKinds) as readonly BeforeWhat[];

/** What hangs on no kind by its name: the same questions of each. */
export const beforeKind = (what: BeforeWhat): BeforeKind => beforeKinds[what];
