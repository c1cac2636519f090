import type { Meal } from '../meal/index.ts';
import { openMeal, type OpenedMeal } from '../model/index.ts';
import { type Both, emptyOf, eventOf, shortOf } from './figures.ts';

/** A way to put a shortage right: the dish draws on a further pot, or so many plates of it are not promised. */
export type EventWay =
  | { readonly what: 'draw on'; readonly dish: string; readonly pot: string }
  | { readonly what: 'fewer'; readonly dish: string; readonly count: number };

export interface TriedWay {
  readonly way: EventWay;
  /** What the whole event lacks once it is taken. */
  readonly lacks: Both;
  /** Plates of the whole event that stay empty then. */
  readonly empty: number;
  /** What other sittings lack then that they did not lack before. */
  readonly elsewhere: Both;
}

/** The meal with a way taken. */
export function withWay(meal: Meal, way: EventWay): Meal {
  return {
    ...meal,
    dishes: meal.dishes.map(({ guests, ...dish }) => {
      if (dish.id !== way.dish) return guests ? { ...dish, guests } : dish;
      if (way.what === 'draw on')
        return { ...dish, ...(guests && { guests }), from: [...(dish.from ?? meal.batches), way.pot] };
      const n = way.count;
      return { ...dish, count: { text: String(n), lo: n, hi: n }, counted: true as const };
    }),
  };
}

const all = (lacks: readonly Both[]): Both => ({
  g: lacks.reduce((sum, { g }) => sum + g, 0),
  ml: lacks.reduce((sum, { ml }) => sum + ml, 0),
});

/** So much of the shortage a way must take to be told. */
const WORTH = 0.1;

/**
 * The ways out of what a sitting lacks, each tried on a copy of the meal: what every sitting lacks then is the ledger's. Only
 * what helps is told, what leaves least first.
 */
export function eventWays(meal: OpenedMeal, sitting: string): readonly TriedWay[] {
  const before = eventOf(meal);
  const short = shortOf(before).find(({ id }) => id === sitting);
  if (!short) return [];
  const { input } = meal;
  const ways = short.dishes.flatMap((dish): readonly EventWay[] => {
    if (dish.lacks.g + dish.lacks.ml === 0) return [];
    const own = input.meal.dishes.find(({ id }) => id === dish.id);
    const helps = before.pots.filter(
      ({ id, over }) =>
        own?.from !== undefined &&
        !own.from.includes(id) &&
        ((dish.lacks.g > 0 && over.g > 0) || (dish.lacks.ml > 0 && over.ml > 0)),
    );
    const count = Math.floor(dish.filled);
    return [
      ...helps.map(({ id: pot }): EventWay => ({ what: 'draw on', dish: dish.id, pot })),
      ...(count > 0 && count < dish.count ? [{ what: 'fewer' as const, dish: dish.id, count }] : []),
    ];
  });
  const lackedBefore = all(before.sittings.map(({ lacks }) => lacks));
  return ways
    .map((way): TriedWay => {
      const after = eventOf(openMeal({ ...input, meal: withWay(input.meal, way) }));
      const others = after.sittings.filter(({ id }) => id !== sitting);
      return {
        way,
        lacks: all(after.sittings.map(({ lacks }) => lacks)),
        empty: after.sittings.reduce((sum, one) => sum + emptyOf(one), 0),
        elsewhere: all(
          others.map(({ id, lacks }) => {
            const was = before.sittings.find((one) => one.id === id)?.lacks ?? { g: 0, ml: 0 };
            return { g: Math.max(0, lacks.g - was.g), ml: Math.max(0, lacks.ml - was.ml) };
          }),
        ),
      };
    })
    .filter(({ lacks }) => lacks.g + lacks.ml < (1 - WORTH) * (lackedBefore.g + lackedBefore.ml))
    .sort(
      (a, b) =>
        a.empty - b.empty ||
        a.elsewhere.g + a.elsewhere.ml - (b.elsewhere.g + b.elsewhere.ml) ||
        a.lacks.g + a.lacks.ml - (b.lacks.g + b.lacks.ml),
    );
}
