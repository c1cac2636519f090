import type { Entry, HandBack, Handout, Note } from '../meal/index.ts';

/** What is written on a phone, in the order in which it was. */
export interface Written {
  readonly entries: readonly Entry[];
  readonly notes: readonly Note[];
}

/** What goes back of a part. */
export const backOf = (
  { id, meal, who }: Handout,
  { entries, notes }: Written,
  device: string,
  now: number,
): HandBack => ({
  format: 'slow-spoon hand-back',
  version: 1,
  handout: id,
  meal,
  who,
  device,
  made: now,
  entries: [...entries],
  notes: [...notes],
});

/** What comes in of it. */
export interface Taken {
  readonly entries: readonly Entry[];
  /** How many were here already. */
  readonly known: number;
  /** Of pots that are no longer here: told, and left in the file. */
  readonly strange: readonly Entry[];
  /** By how much the other clock is behind this one, ms, where that is more than a minute or two; 0 where it is not, or nobody knows. */
  readonly behindMs: number;
}

/** Nearer than this two clocks are alike, ms: it takes as long to show and catch the codes. */
const ALIKE = 2 * 60_000;

/**
 * What a hand-back brings that is not here yet. Caught as it was shown, the two clocks are seen at one moment: where they differ a reading
 * gets the time of this clock, and keeps its own beside it. From a file nobody knows when it was written.
 * @param caughtAt epoch ms by this clock, where it was caught
 */
export function takenFrom(
  { entries, made }: HandBack,
  here: { readonly batches: readonly { readonly id: string }[]; readonly entries: readonly Entry[] },
  caughtAt?: number,
): Taken {
  const known = new Set(here.entries.map(({ id }) => id));
  const pots = new Set(here.batches.map(({ id }) => id));
  const off = caughtAt === undefined ? 0 : caughtAt - made;
  const behindMs = Math.abs(off) > ALIKE ? off : 0;
  const fresh = entries.filter(({ id }) => !known.has(id));
  const inTime = (entry: Entry): Entry =>
    behindMs === 0 || !entry.by
      ? entry
      : { ...entry, at: entry.at + behindMs, by: { ...entry.by, clock: entry.at } };
  return {
    entries: fresh.filter(({ batch }) => pots.has(batch)).map(inTime),
    known: entries.length - fresh.length,
    strange: fresh.filter(({ batch }) => !pots.has(batch)),
    behindMs,
  };
}

/** The notes of a meal with those that came back, each behind its name and time; one that is there already is not written twice. */
export function withNotes(before: string | undefined, said: readonly string[]): string {
  const lines = (before ?? '').split('\n').filter((line) => line !== '');
  return [...lines, ...said.filter((line) => !lines.includes(line))].join('\n');
}
