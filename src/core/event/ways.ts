import type { Batch, Meal } from '../meal/index.ts';
import { openMeal, type OpenedMeal } from '../model/index.ts';
import { midpoint, type Quantity } from '../quantity/index.ts';
import { type Both, emptyOf, type EventDish, type EventFigures, eventOf, shortOf } from './figures.ts';
import { mayBeDealt } from './split/index.ts';
import { largestLot, withMore } from './slices.ts';

/** A way to put a shortage right: the dish draws on a further pot, so many plates of it are not promised, or more is bought for a pot. */
export type EventWay =
  | { readonly what: 'draw on'; readonly dish: string; readonly pot: string }
  | {
      readonly what: 'buy';
      readonly pot: string;
      readonly lot: string;
      readonly cut: string;
      readonly g: number;
    }
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

/** What a way changes of a meal. */
export interface WithPots {
  readonly meal: Meal;
  readonly batches: readonly Batch[];
}

/**
 * The meal with a way taken.
 * @param write how a new weight is written; absent: it stays as it was typed, for a trial
 */
export function withWay(
  { meal, batches }: WithPots,
  way: EventWay,
  write?: (g: number) => Quantity,
): WithPots {
  if (way.what === 'buy')
    return {
      meal,
      batches: batches.map((one) => (one.id === way.pot ? withMore(one, way.lot, way.g, write) : one)),
    };
  const dishes = meal.dishes.map(({ guests, ...dish }) => {
    if (dish.id !== way.dish) return guests ? { ...dish, guests } : dish;
    if (way.what === 'draw on')
      return { ...dish, ...(guests && { guests }), from: [...(dish.from ?? meal.batches), way.pot] };
    const n = way.count;
    return { ...dish, count: { text: String(n), lo: n, hi: n }, counted: true as const };
  });
  return { meal: { ...meal, dishes }, batches };
}

/** Meat is bought to the hundred grams, and from five kilograms on to the half kilogram; more than three times what is there is another pot. */
const [FINE, COARSE, FINE_TO, MOST] = [100, 500, 5000, 3];
const bought = (g: number) => {
  const step = g < FINE_TO ? FINE : COARSE;
  return Math.ceil(g / step) * step;
};
/** What was tried and did not do is tried once more with so much more. */
const AGAIN = [1, 1.15, 1.4];

/**
 * More of the largest lot of a pot that a short dish draws on: as much as leaves nothing of that dish short, tried by the ledger. Of
 * several pots the one with the most meat; of a pot that has begun nothing more is bought.
 */
function toBuy(meal: OpenedMeal, before: EventFigures, dish: EventDish): readonly EventWay[] {
  const { input } = meal;
  const from = input.meal.dishes.find(({ id }) => id === dish.id)?.from;
  const may = new Set(mayBeDealt(input));
  const [pot] = before.pots
    .filter(({ id, rawG, has }) => may.has(id) && (from?.includes(id) ?? true) && rawG > 0 && has.g > 0)
    .toSorted((a, b) => b.rawG - a.rawG);
  const lot = largestLot(input.batches.find(({ id }) => id === pot?.id));
  if (!pot || !lot || dish.lacks.g === 0) return [];
  const had = midpoint(lot.weight) ?? 0;
  for (const much of AGAIN) {
    const g = bought((much * dish.lacks.g * pot.rawG) / pot.has.g);
    if (g > MOST * had) return [];
    const way: EventWay = { what: 'buy', pot: pot.id, lot: lot.id, cut: lot.cut, g };
    const after = eventOf(openMeal({ ...input, ...withWay(input, way) }));
    const left = after.sittings.flatMap(({ dishes }) => dishes).find(({ id }) => id === dish.id);
    if (left?.lacks.g === 0) return [way];
  }
  return [];
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
      ...toBuy(meal, before, dish),
      ...helps.map(({ id: pot }): EventWay => ({ what: 'draw on', dish: dish.id, pot })),
      ...(count > 0 && count < dish.count ? [{ what: 'fewer' as const, dish: dish.id, count }] : []),
    ];
  });
  const lackedBefore = all(before.sittings.map(({ lacks }) => lacks));
  return ways
    .map((way): TriedWay => {
      const after = eventOf(openMeal({ ...input, ...withWay(input, way) }));
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
