import type { Batch, Meal } from '../meal/index.ts';
import {
  type Amount,
  carrying,
  emptyPool,
  flow,
  type Flow,
  massOf,
  nothing,
  type Pool,
  setLess,
  setPlus,
  times,
} from '../ledger/index.ts';

/** What the meal says of its plates beside shred and liquid. */
export interface Beside {
  /** Skimmed fat that a serving is fried in, g, by dish; absent: none. */
  readonly fatG: ReadonlyMap<string, number>;
  readonly parcels: NonNullable<Meal['parcels']>;
}

/** A dish, the servings that are to leave the kitchen, and those that can. */
interface Servings {
  readonly dish: string;
  readonly ordered: number;
  readonly filled: number;
}

/** Less than this on a plate is no side, g (estimate). */
const WORTH_A_PLATE = 5;

/**
 * Fat of the jar that the dishes are fried in, each as much as it wants or its part of what there is; and what was strained out and
 * is served whole, the same on every plate. What is left of them is kept, and thrown out.
 * @param made all that was made of the pots
 */
export function besideFlows(
  batches: readonly Batch[],
  dishes: readonly Servings[],
  { fatG }: Beside,
  made: readonly Flow[],
): Flow[] {
  const jars = allTo(made, 'fat jar');
  const strainers = allTo(made, 'strainer');
  const wants = dishes.map(({ dish, ordered }) => (fatG.get(dish) ?? 0) * ordered);
  const wanted = wants.reduce((sum, g) => sum + g, 0);
  const there = [...jars.values()].reduce((sum, jar) => sum + massOf(jar), 0);
  const fried = there > 0 ? Math.min(1, wanted / there) : 0;
  const servings = dishes.reduce((sum, { ordered }) => sum + ordered, 0);
  return carrying(
    batches.flatMap(({ id: batch, goes }) => {
      const [jar, strained] = [jars.get(batch) ?? nothing, strainers.get(batch) ?? nothing];
      const onPlates =
        goes?.strained === 'plates' && servings > 0 && massOf(strained) >= WORTH_A_PLATE * servings;
      const toEach = (id: 'fried' | 'side', all: Amount, part: (t: number) => number) =>
        dishes.map(({ dish }, t) => flow(id, { batch, dish }, times(all, part(t))));
      return [
        ...(fried > 0 ? toEach('fried', jar, (t) => (fried * (wants[t] ?? 0)) / wanted) : []),
        flow('keptFat', { batch }, times(jar, 1 - fried)),
        ...(onPlates
          ? toEach('side', strained, (t) => (dishes[t]?.ordered ?? 0) / servings)
          : [flow('strainedOff', { batch }, strained)]),
      ];
    }),
  );
}

/** All that came to a place and stayed, by batch. */
function allTo(made: readonly Flow[], place: 'fat jar' | 'strainer'): ReadonlyMap<string, Amount> {
  const all = new Map<string, Pool>();
  for (const { batch, from, to, amount } of made) {
    if (to !== place && from !== place) continue;
    const sum = all.get(batch) ?? emptyPool();
    all.set(batch, sum);
    if (to === place) setPlus(sum, sum, amount, 1);
    else setLess(sum, sum, amount);
  }
  return all;
}

/** Where the plates of each dish go: so many to each other place as are meant for it, in their order, the rest to the table. */
export function plateEnds(
  dishes: readonly Servings[],
  { parcels }: Beside,
  onPlates: readonly Flow[],
): Flow[] {
  const all = new Map<string, { readonly batch: string; readonly dish: string; readonly amount: Pool }>();
  for (const { batch, dish, to, amount } of onPlates) {
    if (to !== 'plates' || dish === undefined) continue;
    const key = `${batch}|${dish}`;
    const found = all.get(key) ?? { batch, dish, amount: emptyPool() };
    setPlus(found.amount, found.amount, amount, 1);
    all.set(key, found);
  }
  return carrying(
    [...all.values()].flatMap(({ batch, dish, amount }) => {
      const filled = dishes.find((one) => one.dish === dish)?.filled ?? 0;
      let here = filled;
      const away = parcels.flatMap(({ id: parcel, dishes: to }) => {
        const count = Math.min(here, to.find((one) => one.dish === dish)?.count ?? 0);
        here -= count;
        return count > 0 ? [flow('sentOut', { batch, dish, parcel }, times(amount, count / filled))] : [];
      });
      return [...away, flow('onTable', { batch, dish }, times(amount, filled > 0 ? here / filled : 1))];
    }),
  );
}
