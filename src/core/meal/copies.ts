import { type Held, valuesOf } from './both.ts';
import { type Findings, joining } from './joining.ts';
import type { Batch, Entry, Meal } from './schema.ts';

/** A meal as one of its copies has it. */
export interface Copy {
  readonly meal: Meal;
  readonly batches: readonly Batch[];
  readonly entries: readonly Entry[];
  /** Ids of what was taken away or undone, of what lay in something behind its id and a slash. */
  readonly gone?: readonly string[] | undefined;
}

/** A meal and its pots as they once were: what copies of it were taken from. */
export type Version = Pick<Copy, 'meal' | 'batches'>;

const rootOf = ({ meal, batches }: Version) => ({ meal, pots: batches });

/** The meal with what it holds several values of, in the order of their places. */
function withHeld({ both: _, ...meal }: Meal, held: readonly Held[]): Meal {
  if (held.length === 0) return meal;
  const inOrder = held.toSorted((a, b) => (a.at.join('\n') < b.at.join('\n') ? -1 : 1));
  return { ...meal, both: inOrder.map(({ at, values }) => ({ at: [...at], values: [...values] })) };
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
  /** What only one has changed since both were taken from one version: it holds. */
  readonly changed: { readonly here: readonly Apart[]; readonly there: readonly Apart[] };
  /** Fields that hold more than one value once they are together: somebody chooses. */
  readonly both: number;
  /** Both in one: all that either has, without what either has taken away; undefined where they cannot be put together. */
  readonly together: Copy | undefined;
}

/**
 * Holds two copies of a meal against each other, by the ids that all in it was born with, and puts them together where they do not
 * touch: what only one has is in both, unless the other has taken it away. What both have must be the same, but for what has
 * happened to it: where they say otherwise, what only one has changed since a version that both were taken from holds, and else the
 * field holds both. No clock decides.
 */
export function compared(here: Copy, there: Copy, base?: Version): Compared {
  const gone = new Set([...(here.gone ?? []), ...(there.gone ?? [])]);
  const findings: Findings = {
    otherwise: new Set(),
    stuck: new Set(),
    taken: new Set(),
    changed: { here: new Set(), there: new Set() },
    both: [],
  };
  const { otherwise, stuck, taken, changed, both } = findings;
  const joined = joining(
    {
      gone,
      here: valuesOf(here.meal.both),
      there: valuesOf(there.meal.both),
      base: base && { root: rootOf(base), held: valuesOf(base.meal.both) },
    },
    findings,
  )(
    { ...rootOf(here), entries: here.entries },
    { ...rootOf(there), entries: there.entries },
    // Each stands for a list of that very kind, and both copies were read as such.
  ) as unknown as { meal: Meal; pots: Batch[]; entries: Entry[] };
  // A pot that was taken away in one copy and weighed in the other stays: which of the two holds is for the cook.
  const pots = new Set(joined.pots.map(({ id }) => id));
  for (const { batch } of joined.entries) if (!pots.has(batch)) stuck.add(batch);
  if (pots.size === 0) stuck.add('');
  const only = (of: (copy: Copy) => readonly { readonly id: string }[]): Only => {
    const missing = (one: Copy, other: Copy) => {
      const its = new Set(of(other).map(({ id }) => id));
      return of(one).filter(({ id }) => !gone.has(id) && !its.has(id)).length;
    };
    return { here: missing(here, there), there: missing(there, here) };
  };
  const apart = apartIn(here, new Set([...otherwise, ...stuck]));
  const alone = (paths: ReadonlySet<string>) =>
    apartIn(here, new Set([...paths].filter((path) => !otherwise.has(path))));
  return {
    readings: only(({ entries }) => entries),
    things: only(({ meal, batches }) => [...meal.dishes, ...batches]),
    taken: taken.size,
    apart,
    changed: { here: alone(changed.here), there: alone(changed.there) },
    both: both.length,
    together:
      stuck.size > 0
        ? undefined
        : {
            meal: withHeld(joined.meal, both),
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
