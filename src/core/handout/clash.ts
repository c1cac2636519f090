import { type Entry, type Measured, thingOf } from '../meal/index.ts';
import { openMeal, type OpenedMeal } from '../model/index.ts';
import { midpoint } from '../quantity/index.ts';
import { reckonAtOnce, type Reckoning } from '../reckoning/index.ts';

/** One thing that two devices have weighed, and not as the same. */
export interface Clash {
  readonly batch: string;
  readonly measures: Entry['measures'];
  /** The last word of each device, the earlier first. */
  readonly entries: readonly Entry[];
}

/** A reading as it is written, without what tells it from others. */
export type NewEntry = Omit<Entry, 'id' | 'at' | 'source' | 'by' | keyof Measured> & Measured;

/** Two scales that say so much the same are the same, relative (estimate). */
const ALIKE = 0.005;

const deviceOf = ({ by }: Entry): string => by?.device ?? '';

const alike = (a: Entry, b: Entry): boolean => {
  const [x, y] = [midpoint(a.value ?? undefined), midpoint(b.value ?? undefined)];
  return (
    a.measure === b.measure && x !== undefined && y !== undefined && Math.abs(x - y) <= ALIKE * Math.max(x, y)
  );
};

/** What two devices say of one thing, where neither has taken the other’s reading back or put its own in its place: no clock decides. */
export function clashesOf(entries: readonly Entry[]): readonly Clash[] {
  const replaced = new Set(entries.map(({ replaces }) => replaces));
  const things = new Map<string, Map<string, Entry>>();
  for (const entry of entries.toSorted((a, b) => a.at - b.at)) {
    const { measures, value } = entry;
    // That something is done has no figure; what was done twice is done.
    if (measures.what === 'done' || replaced.has(entry.id) || value === null) continue;
    const key = `${entry.batch}|${thingOf(entry)}`;
    const by = things.get(key) ?? new Map<string, Entry>();
    things.set(key, by.set(deviceOf(entry), entry));
  }
  return [...things.values()].flatMap((by): Clash[] => {
    const said = [...by.values()].toSorted((a, b) => a.at - b.at);
    const [first] = said;
    if (!first || said.every((one) => alike(one, first))) return [];
    return [{ batch: first.batch, measures: first.measures, entries: said }];
  });
}

/** One of the readings of a clash, as the ledger judges it alone. */
export interface Judged {
  readonly entry: Entry;
  /** What does not balance in its pot with it, and why that may be. */
  readonly unaccounted: Reckoning['unaccounted'];
  /** It lies beyond what all else foretells. */
  readonly questioned: Reckoning['questioned'];
  /** g that do not balance, in all. */
  readonly offG: number;
}

/** Lays each reading of a clash against all that went in, without the others: the one that leaves least open first. */
export function judged(meal: OpenedMeal, { batch, entries }: Clash): readonly Judged[] {
  const of = new Set(entries.map(({ id }) => id));
  return entries
    .map((entry): Judged => {
      const alone = meal.input.entries.filter(({ id }) => id === entry.id || !of.has(id));
      const reckoning = reckonAtOnce(openMeal({ ...meal.input, entries: alone }));
      const unaccounted = reckoning.unaccounted.filter(({ flow }) => flow.batch === batch);
      return {
        entry,
        unaccounted,
        questioned: reckoning.questioned.filter((one) => one.batch === batch),
        offG: unaccounted.reduce((sum, { grams }) => sum + grams, 0),
      };
    })
    .toSorted((a, b) => a.offG - b.offG || a.entry.at - b.entry.at);
}

const takeBack = ({ id, batch, measures, measure }: Entry): NewEntry =>
  // What was measured and as what come from one entry.
  ({ batch, measures, measure, value: null, replaces: id }) as NewEntry;

/** What is written where one reading is kept: the others are taken back, and can be brought in again. */
export const keeping = ({ entries }: Clash, kept: Entry): readonly NewEntry[] =>
  entries.filter(({ id }) => id !== kept.id).map(takeBack);

/** What is written where it is left open: a range over all of them takes the place of each. */
export function leftOpen({ batch, entries }: Clash): readonly NewEntry[] {
  const [first, ...others] = entries;
  if (!first) return [];
  const values = entries.flatMap(({ value }) => value ?? []);
  const ends = values.flatMap(({ lo, hi }) => (lo === undefined || hi === undefined ? [] : [lo, hi]));
  const sorted = values.toSorted((a, b) => (a.lo ?? 0) - (b.lo ?? 0));
  const text = [sorted[0]?.text, sorted.at(-1)?.text].join(' to ');
  const { measures, measure, id } = first;
  const open = { batch, measures, measure, replaces: id } as NewEntry;
  return [
    { ...open, value: { text, lo: Math.min(...ends), hi: Math.max(...ends) } },
    ...others.map(takeBack),
  ];
}
