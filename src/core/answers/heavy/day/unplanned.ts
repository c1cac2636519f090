import { type Day, type DayFacts, planDay } from '../../../day/index.ts';
import { MINUTE_MS } from '../../../quantity/index.ts';

/** What more of would be tried, where a day does not hold all of its pots. */
export type WayOut =
  | 'another oven'
  | 'two more burners'
  | 'another pair of hands'
  | 'another oven and pair of hands';

/** Pots that have no place in a day, with what was tried and brings more of them in. */
export interface Unplanned {
  /** Their batches. */
  readonly batches: readonly string[];
  /** Of how many. */
  readonly of: number;
  readonly ways: readonly {
    readonly way: WayOut;
    /** Pots that still have no place. */
    readonly left: number;
    /** Epoch ms. */
    readonly serving: number;
  }[];
}

const another = (facts: DayFacts, kind: 'oven' | 'burner', more: number): DayFacts => {
  const one = facts.resources.find((resource) => resource.kind === kind);
  if (!one) return facts;
  const added = { ...one, id: `${one.id} and another`, amount: kind === 'oven' ? one.amount : more };
  return { ...facts, resources: [...facts.resources, added] };
};
const hands = (facts: DayFacts): DayFacts => ({ ...facts, hands: facts.hands + 1 });

const ways: Readonly<Record<WayOut, (facts: DayFacts) => DayFacts>> = {
  'another oven': (facts) => another(facts, 'oven', 1),
  'two more burners': (facts) => another(facts, 'burner', 2),
  'another pair of hands': hands,
  'another oven and pair of hands': (facts) => hands(another(facts, 'oven', 1)),
};

/**
 * The pots that a day has left out, and what would take them in: each way out is tried on a day of its own, and told only where
 * more pots have a place then. Undefined where all have one.
 */
export function unplannedIn(day: Day, facts: DayFacts, now: number): Unplanned | undefined {
  if (day.unplaced.length === 0) return undefined;
  const tried = (Object.keys(ways) as WayOut[]).map((way) => {
    const other = planDay(ways[way](facts), now, 0);
    return { way, left: other.unplaced.length, serving: other.serving };
  });
  const best = Math.min(...tried.map(({ left }) => left));
  return {
    batches: day.unplaced,
    of: facts.batches.length,
    // The least that is asked for first: what needs more and brings no more in is not told.
    ways: tried.filter(
      ({ left, serving }, i) =>
        left < day.unplaced.length &&
        left === best &&
        !tried.slice(0, i).some((other) => other.left <= left && other.serving <= serving + 30 * MINUTE_MS),
    ),
  };
}
