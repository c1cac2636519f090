import {
  type Batch,
  type Dish,
  type Entry,
  type Kitchen,
  type Meal,
  OWN_SITTING,
  type Sitting,
  sittingOf,
  sittingsOf,
} from '../meal/index.ts';

/** A meal with its pots and readings. */
export interface Whole {
  readonly meal: Meal;
  readonly batches: readonly Batch[];
  readonly entries: readonly Entry[];
}

/**
 * Two meals as one event: every pot, dish and reading of both, the other's sitting beside the first one's. Each dish is filled
 * from the pots that it was filled from, until somebody lets it draw on those of the other too. What one of them alone says stands;
 * what both say of the day (hours, chance) is the first one's.
 * @param newId gives an id that nothing has yet: of the other's sitting, and of what has the same id in both
 */
export function joined(first: Whole, other: Whole, newId: () => string): Whole {
  const sitting = newId();
  const taken = new Set(first.meal.dishes.map(({ id }) => id));
  const ids = new Map(other.meal.dishes.map(({ id }) => [id, taken.has(id) ? newId() : id]));
  const dishId = (id: string) => ids.get(id) ?? id;
  const firstDishes = first.meal.dishes.map((dish) => from(dish, first.meal.batches));
  const otherDishes = other.meal.dishes.map((dish): Dish => ({
    ...from(dish, other.meal.batches),
    id: dishId(dish.id),
    sitting: sittingOf(dish, other.meal) === OWN_SITTING ? sitting : (dish.sitting ?? sitting),
  }));
  const [own, ...further] = sittingsOf(other.meal);
  const brought: readonly Sitting[] = own ? [{ ...own, id: sitting }, ...further] : further;
  const { meal } = first;
  return {
    meal: {
      ...meal,
      sitting: meal.sitting ?? meal.name,
      sittings: [...(meal.sittings ?? []), ...brought],
      dishes: [...firstDishes, ...otherDishes],
      batches: [...meal.batches, ...other.meal.batches],
      ...avoiding(meal, other.meal),
      ...notes(meal, other.meal),
      ...parcels(meal, other.meal, dishId),
      ...day(meal.day, other.meal.day),
    },
    batches: [...first.batches, ...other.batches],
    entries: [...first.entries, ...other.entries.map((entry) => withDish(entry, dishId))].sort(
      (a, b) => a.at - b.at,
    ),
  };
}

const from = (dish: Dish, batches: readonly string[]): Dish =>
  dish.from && dish.from.length > 0 ? dish : { ...dish, from: [...batches] };

/** What somebody must not have at either; the larger number of two that were told. */
function avoiding(a: Meal, b: Meal): Pick<Meal, 'avoid' | 'avoidFor'> {
  const avoid = [...new Set([...(a.avoid ?? []), ...(b.avoid ?? [])])];
  const counts = { ...b.avoidFor, ...a.avoidFor };
  for (const one of avoid) {
    const most = Math.max(a.avoidFor?.[one] ?? 0, b.avoidFor?.[one] ?? 0);
    if (most > 0) counts[one] = most;
  }
  return {
    ...(avoid.length > 0 && { avoid }),
    ...(Object.keys(counts).length > 0 && { avoidFor: counts }),
  };
}

const notes = (a: Meal, b: Meal): Pick<Meal, 'notes'> => {
  const both = [a.notes, b.notes].filter((one) => one !== undefined && one !== '');
  return both.length > 0 ? { notes: both.join('\n') } : {};
};

function parcels(a: Meal, b: Meal, dishId: (id: string) => string): Pick<Meal, 'parcels'> {
  const brought = (b.parcels ?? []).map((parcel) => ({
    ...parcel,
    dishes: parcel.dishes.map((one) => ({ ...one, dish: dishId(one.dish) })),
  }));
  const all = [...(a.parcels ?? []), ...brought];
  return all.length > 0 ? { parcels: all } : {};
}

function day(a: Meal['day'], b: Meal['day']): Pick<Meal, 'day'> {
  if (!a || !b) return a || b ? { day: a ?? b } : {};
  const own = new Set(a.tasks?.map(({ id }) => id));
  const hands = Math.max(a.hands ?? 1, b.hands ?? 1);
  const cooks = [...new Set([...(a.cooks ?? []), ...(b.cooks ?? [])])];
  const tasks = [...(a.tasks ?? []), ...(b.tasks ?? []).filter(({ id }) => !own.has(id))];
  return {
    day: {
      ...b,
      ...a,
      ...((a.hands ?? b.hands) !== undefined && { hands }),
      ...(cooks.length > 0 && { cooks }),
      ...(tasks.length > 0 && { tasks }),
      ...((a.minutes ?? b.minutes) && { minutes: { ...b.minutes, ...a.minutes } }),
      ...((a.pins ?? b.pins) && { pins: { ...b.pins, ...a.pins } }),
      ...((a.whose ?? b.whose) && { whose: { ...b.whose, ...a.whose } }),
      ...((a.begun ?? b.begun) && { begun: { ...b.begun, ...a.begun } }),
    },
  };
}

function withDish(entry: Entry, dishId: (id: string) => string): Entry {
  const { measures } = entry;
  // The kind of reading stays what it is; its dish alone is called otherwise.
  return 'dish' in measures
    ? ({ ...entry, measures: { ...measures, dish: dishId(measures.dish) } } as Entry)
    : entry;
}

/** The lists of a kitchen by whose ids a pot names things. */
const LISTS = ['vessels', 'scoops', 'cuts', 'ingredients', 'hands'] as const;

/** A kitchen with what only another has, so that the pots cooked with it find their vessels and cuts; the same where it has all. */
export function kitchenWith(kitchen: Kitchen, other: Kitchen): Kitchen {
  const more = LISTS.flatMap((list) => {
    const there: readonly { readonly id: string }[] = kitchen[list] ?? [];
    const ids = new Set(there.map(({ id }) => id));
    const brought = (other[list] ?? []).filter(({ id }) => !ids.has(id));
    return brought.length > 0 ? [[list, [...there, ...brought]] as const] : [];
  });
  return more.length > 0 ? { ...kitchen, ...Object.fromEntries(more) } : kitchen;
}
