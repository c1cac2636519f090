import type { Batch, Item, Meal } from './schema.ts';

/** A meal to be cooked once more: as it was planned, with nothing of what happened to it. */
export interface MealAgain {
  readonly meal: Meal;
  readonly batches: readonly Batch[];
}

const freshItem = ({ put: _, ...item }: Item): Item => ({
  ...item,
  state: item.state === 'out' ? 'in' : item.state,
});

const freshBatch = (
  { lidOn: _, cools: __, again: ___, closed: ____, leftOut: _____, guessG: ______, items, ...batch }: Batch,
  id: string,
): Batch => ({
  ...batch,
  id,
  ...(items && { items: items.map(freshItem) }),
});

/**
 * The same meal to be cooked again: its dishes, pots and notes, without its serving time, its readings, its ticks and
 * the tasks that were set by hand.
 * @param newId gives an id that nothing has yet
 */
export function cookAgain(meal: Meal, batches: readonly Batch[], newId: () => string): MealAgain {
  const ids = new Map(batches.map(({ id }) => [id, newId()]));
  const renamed = (task: string) => {
    const [of = '', ...rest] = task.split('|');
    return [ids.get(of) ?? of, ...rest].join('|');
  };
  // What copies of it have said otherwise is of that meal alone, as are the days on which somebody shopped.
  const { serving: _, day, sittings, merged: _m, both: _b, ...kept } = meal;
  const idOf = (id: string) => ids.get(id) ?? id;
  const { pins: __, begun: ____, minutes, whose, forward: ___, shops: _s, ...hours } = day ?? {};
  const byTask = <T>(written: Readonly<Record<string, T>>): Record<string, T> =>
    Object.fromEntries(Object.entries(written).map(([task, of]) => [renamed(task), of]));
  return {
    meal: {
      ...kept,
      id: newId(),
      batches: meal.batches.flatMap((id) => ids.get(id) ?? []),
      // It is filled from the same pots, which have new names.
      dishes: meal.dishes.map((dish) => (dish.from ? { ...dish, from: dish.from.map(idOf) } : dish)),
      ...(sittings && { sittings: sittings.map(({ serving: ______, ...one }) => one) }),
      ...(day && {
        day: {
          ...hours,
          ...(minutes && { minutes: byTask(minutes) }),
          ...(whose && { whose: byTask(whose) }),
        },
      }),
    },
    batches: batches.map((batch) => freshBatch(batch, ids.get(batch.id) ?? newId())),
  };
}
