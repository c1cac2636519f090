import { type Entry, type Kitchen, type Measured, thingOf } from '../meal/index.ts';
import type { OpenedMeal } from '../model/index.ts';
import { midpoint } from '../quantity/index.ts';
import { byJudgement, type Judgement, judgementOf } from './judge.ts';

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

type Tared = Pick<Kitchen['vessels'][number], 'id' | 'tareG'>;

/** What was measured, without what it lay in. */
const netOf = ({ value, vessel }: Entry, vessels: readonly Tared[]): number =>
  (midpoint(value ?? undefined) ?? NaN) - (vessels.find(({ id }) => id === vessel)?.tareG ?? 0);

const alike = (a: Entry, b: Entry, vessels: readonly Tared[]): boolean => {
  const [x, y] = [netOf(a, vessels), netOf(b, vessels)];
  return a.measure === b.measure && Math.abs(x - y) <= ALIKE * Math.max(x, y);
};

/** What two devices say of one thing, where neither has taken the other’s reading back or put its own in its place: no clock decides. */
export function clashesOf(entries: readonly Entry[], vessels: readonly Tared[]): readonly Clash[] {
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
    if (!first || said.every((one) => alike(one, first, vessels))) return [];
    return [{ batch: first.batch, measures: first.measures, entries: said }];
  });
}

/** One of the readings of a clash, as the ledger judges it alone. */
export interface Judged extends Judgement {
  readonly entry: Entry;
}

/** Lays each reading of a clash against all that went in, without the others: the one that leaves least open first. */
export function judged({ input }: OpenedMeal, { batch, entries }: Clash): readonly Judged[] {
  const of = new Set(entries.map(({ id }) => id));
  return entries
    .map((entry): Judged => {
      const alone = input.entries.filter(({ id }) => id === entry.id || !of.has(id));
      return { entry, ...judgementOf({ ...input, entries: alone }, batch) };
    })
    .toSorted((a, b) => byJudgement(a, b) || a.entry.at - b.entry.at);
}

/** An entry’s figure with all that was measured about it, in the place of another. */
function inPlaceOf(
  { replaces: _, id: __, at: ___, source: ____, by: _____, ...said }: Entry,
  other: Entry,
): NewEntry {
  return { ...said, replaces: other.id };
}

/** What is written where one reading is kept: it takes the place of each of the others. */
export const keeping = ({ entries }: Clash, kept: Entry): readonly NewEntry[] =>
  entries.filter(({ id }) => id !== kept.id).map((other) => inPlaceOf(kept, other));

/** What is written where it is left open: a range over all of them takes the place of each. */
export function leftOpen({ entries }: Clash, vessels: readonly Tared[]): readonly NewEntry[] {
  const sorted = entries.toSorted((a, b) => netOf(a, vessels) - netOf(b, vessels));
  const [least, most] = [sorted[0], sorted.at(-1)];
  if (!least?.value || !most?.value) return [];
  const [lo, hi] = [netOf(least, vessels), netOf(most, vessels)];
  const value = { text: `${least.value.text} to ${most.value.text}`, lo, hi };
  // What each lay in has come off.
  const { vessel: _, ...open } = least;
  return entries.map((other) => inPlaceOf({ ...open, value }, other));
}
