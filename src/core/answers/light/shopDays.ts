import { dateOf } from '../../clock/index.ts';
import { cookedIn, OWN_PLACE } from '../../meal/index.ts';
import type { OpenedMeal } from '../../model/index.ts';
import type { DayPlan } from '../heavy/day/day.ts';
import { type Needed, shoppingList } from './shoppingList.ts';

/** One day on which somebody shops for a kitchen, and what for. */
export interface ShopDay {
  /** "2026-12-05". */
  readonly date: string;
  /** The further kitchen to which it goes; "": the kitchen itself, where it is served. */
  readonly at: string;
  /** The first moment at which something of it is wanted, epoch ms. */
  readonly wanted: number;
  readonly list: readonly Needed[];
}

/**
 * When each pot and each dish of a meal is first put a hand to, by the plan of its days, epoch ms.
 */
function firstWanted(
  { input: { meal } }: OpenedMeal,
  { lines, serving }: Pick<DayPlan, 'lines' | 'serving'>,
) {
  const first = new Map<string, number>();
  for (const { ref, from } of lines) {
    const id = 'batch' in ref ? ref.batch : 'dish' in ref ? ref.dish : undefined;
    if (id !== undefined) first.set(id, Math.min(from, first.get(id) ?? Infinity));
  }
  // What the plan has no line of is wanted when all is served.
  for (const id of [...meal.batches, ...meal.dishes.map((dish) => dish.id)])
    if (!first.has(id)) first.set(id, serving);
  return first;
}

/** Where each pot is cooked; dishes are filled in the kitchen itself. */
const placesOf = ({ input: { kitchen }, planned }: OpenedMeal): ReadonlyMap<string, string> =>
  new Map(
    planned.map(({ id, batch, vessels }) => [id, cookedIn(batch, vessels[0]?.vessel, kitchen)] as const),
  );

/**
 * What is to be bought on which day for which kitchen: what is first wanted on a day is bought on it, or on the last day before it on which somebody shops; what is wanted
 * before the first such day is bought on that all the same, and its moment tells that it is late. Whole packs are of each day and kitchen by itself.
 */
export function shopDays(
  meal: OpenedMeal,
  day: Pick<DayPlan, 'lines' | 'serving' | 'zone'>,
): readonly ShopDay[] {
  const wanted = firstWanted(meal, day);
  const shops = (meal.input.meal.day?.shops ?? []).toSorted();
  const dayFor = (at: number): string => {
    const date = dateOf(at, day.zone);
    return shops.findLast((one) => one <= date) ?? shops[0] ?? date;
  };
  const places = placesOf(meal);
  const days = new Map<string, { readonly date: string; readonly at: string; readonly ids: Set<string> }>();
  for (const [id, moment] of wanted) {
    const [date, at] = [dayFor(moment), places.get(id) ?? OWN_PLACE];
    const key = `${date} ${at}`;
    const before = days.get(key) ?? { date, at, ids: new Set() };
    days.set(key, { ...before, ids: before.ids.add(id) });
  }
  return [...days.values()]
    .map(({ date, at, ids }): ShopDay => ({
      date,
      at,
      wanted: Math.min(...[...ids].map((id) => wanted.get(id) ?? Infinity)),
      list: shoppingList([meal], ids),
    }))
    .filter(({ list }) => list.length > 0)
    .toSorted((a, b) => (a.date === b.date ? a.wanted - b.wanted : a.date < b.date ? -1 : 1));
}
