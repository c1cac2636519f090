import { sameKept } from './sameKept.ts';
import type { Batch, Entry, Meal } from './schema.ts';

/** A meal as one of its copies has it. */
export interface Copy {
  readonly meal: Meal;
  readonly batches: readonly Batch[];
  readonly entries: readonly Entry[];
  /** Ids of what was taken away or undone, of what lay in something behind its id and a slash. */
  readonly gone?: readonly string[] | undefined;
}

/** Where two copies say something else of one thing: of a pot, a dish, or the meal itself. */
export interface Apart {
  readonly what: 'pot' | 'dish' | 'meal';
  readonly id: string;
}

/** What one copy has and the other has not, nor has taken away. */
export interface Only {
  readonly here: number;
  readonly there: number;
}

/** Two copies of a meal, held against each other. */
export interface Compared {
  readonly readings: Only;
  /** Dishes and pots. */
  readonly things: Only;
  /** What is here and was taken away there: it goes where they come together. */
  readonly taken: number;
  /** Each once, in the order of this copy. */
  readonly apart: readonly Apart[];
  /** Both in one: all that either has, without what either has taken away; undefined where they are apart. */
  readonly together: Copy | undefined;
}

/** Kept once it has happened: a copy that has it tells the other, which has only not heard of it. */
const HAPPENS: ReadonlySet<string> = new Set(['lidOn', 'closed', 'put', 'cools', 'guessG']);
/** Lists whose order is the work: what both have added to one has no order. */
const ORDERED: ReadonlySet<string> = new Set(['cook', 'after', 'layers']);
/** Lists whose order nobody has chosen. */
const LOOSE: ReadonlySet<string> = new Set(['entries', 'pots']);
/** Lists of ids or of keys. */
const OF_WORDS: ReadonlySet<string> = new Set(['batches', 'dismissed']);

type Loose = Readonly<Record<string, unknown>>;
const isObject = (value: unknown): value is Loose =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** The id of one in a list; undefined where it has none. */
const idIn = (list: string, one: unknown): string | undefined => {
  if (typeof one === 'string') return OF_WORDS.has(list) ? one : undefined;
  return isObject(one) && typeof one['id'] === 'string' ? one['id'] : undefined;
};

/**
 * Holds two copies of a meal against each other, by the ids that all in it was born with, and puts them together where they do not
 * touch: what only one has is in both, unless the other has taken it away. What both have must be the same, but for what has
 * happened to it; no clock decides.
 */
export function compared(here: Copy, there: Copy): Compared {
  const gone = new Set([...(here.gone ?? []), ...(there.gone ?? [])]);
  const [found, taken] = [new Set<string>(), new Set<string>()];
  const joined = joining(gone, found, taken)(
    { meal: here.meal, pots: here.batches, entries: here.entries },
    { meal: there.meal, pots: there.batches, entries: there.entries },
    '',
    // Each stands for a list of that very kind, and both copies were read as such.
  ) as { meal: Meal; pots: Batch[]; entries: Entry[] };
  // A pot that was taken away in one copy and weighed in the other stays: which of the two holds is for the cook.
  const pots = new Set(joined.pots.map(({ id }) => id));
  for (const { batch } of joined.entries) if (!pots.has(batch)) found.add(batch);
  if (pots.size === 0) found.add('');
  const only = (of: (copy: Copy) => readonly { readonly id: string }[]): Only => {
    const missing = (one: Copy, other: Copy) => {
      const its = new Set(of(other).map(({ id }) => id));
      return of(one).filter(({ id }) => !gone.has(id) && !its.has(id)).length;
    };
    return { here: missing(here, there), there: missing(there, here) };
  };
  const apart = apartIn(here, found);
  return {
    readings: only(({ entries }) => entries),
    things: only(({ meal, batches }) => [...meal.dishes, ...batches]),
    taken: taken.size,
    apart,
    together:
      apart.length > 0
        ? undefined
        : {
            meal: joined.meal,
            batches: joined.pots,
            entries: joined.entries.toSorted(inTime),
            gone: [...gone].toSorted(),
          },
  };
}

/** Of two readings in one moment the order is that of their ids, whichever copy they come from. */
const inTime = (a: Entry, b: Entry): number => a.at - b.at || (a.id < b.id ? -1 : 1);

/** The pots, dishes and the meal of which something was found to be said otherwise. */
function apartIn({ meal, batches }: Copy, found: ReadonlySet<string>): readonly Apart[] {
  const said = new Set([...found].map((path) => path.split('/')[0] ?? ''));
  const of = (what: 'pot' | 'dish', all: readonly { readonly id: string }[]) =>
    all.flatMap(({ id }): Apart[] => (said.delete(id) ? [{ what, id }] : []));
  const things = [...of('dish', meal.dishes), ...of('pot', batches)];
  return said.size > 0 ? [...things, { what: 'meal', id: meal.id }] : things;
}

/** Joins objects by their keys and lists by the ids in them. By their paths what is said otherwise is put to `found`, what goes to `taken`. */
function joining(gone: ReadonlySet<string>, found: Set<string>, taken: Set<string>) {
  const otherwise = (path: string, one: unknown): unknown => {
    found.add(path);
    return one;
  };
  const keys = (a: Loose, b: Loose, path: string): Loose =>
    Object.fromEntries(
      [...new Set([...Object.keys(a), ...Object.keys(b)])]
        .map((key) => [key, value(key, a[key], b[key], path)] as const)
        .filter(([, one]) => one !== undefined),
    );
  const value = (key: string, a: unknown, b: unknown, path: string): unknown => {
    if (sameKept(a, b) && !Array.isArray(a)) return a;
    const isThings = (one: unknown): one is readonly unknown[] =>
      Array.isArray(one) && one.every((each) => idIn(key, each) !== undefined);
    const [mine, its] = [a ?? (isThings(b) ? [] : a), b ?? (isThings(a) ? [] : b)];
    if (isThings(mine) && isThings(its)) return list(key, mine, its, path);
    if (sameKept(a, b)) return a;
    if (a === undefined || b === undefined) return HAPPENS.has(key) ? (a ?? b) : otherwise(path, a ?? b);
    return isObject(a) && isObject(b) ? keys(a, b, path) : otherwise(path, a);
  };
  const list = (key: string, a: readonly unknown[], b: readonly unknown[], path: string): unknown => {
    const within = path === '' ? '' : `${path}/`;
    const stands = (one: unknown) => !gone.has(within + (idIn(key, one) ?? ''));
    const byId = (all: readonly unknown[]) =>
      new Map(all.filter(stands).map((one) => [idIn(key, one) ?? '', one] as const));
    const [mine, its] = [byId(a), byId(b)];
    for (const one of a) if (!stands(one)) taken.add(within + (idIn(key, one) ?? ''));
    const both = [...mine.keys()].filter((id) => its.has(id));
    const theirs = [...its.keys()].filter((id) => mine.has(id));
    if (!LOOSE.has(key) && !sameKept(both, theirs)) return otherwise(path, a);
    const [more, less] = its.size > both.length && mine.size === both.length ? [its, mine] : [mine, its];
    if (less.size > both.length && ORDERED.has(key)) return otherwise(path, a);
    const ids = [...more.keys(), ...[...less.keys()].filter((id) => !more.has(id))];
    return ids.map((id) => {
      const [one, other] = [mine.get(id), its.get(id)];
      if (!isObject(one) || !isObject(other)) return one ?? other;
      return keys(one, other, within + id);
    });
  };
  return keys;
}
