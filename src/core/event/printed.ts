import { sittingOf } from '../meal/index.ts';
import { allergensByDish, type OpenedMeal } from '../model/index.ts';
import type { Reckoning } from '../reckoning/index.ts';
import { figureOf } from '../shop/index.ts';
import { askedFor, eventCost } from './cost.ts';
import { eventOf, shortOf } from './figures.ts';
import type { LpSolver } from '../plates/index.ts';
import { split } from './split/index.ts';
import { eventWays } from './ways.ts';

/** A pot is dealt over the day of its sitting and the one before. */
const SPLIT_DAYS = 2;

/** An event as `slow-spoon reckon` prints it: documented in docs/batch-file.md. */
export function printedEvent(
  meal: OpenedMeal,
  reckoning: Pick<Reckoning, 'batches' | 'meal'>,
  hours: number | undefined,
  solver?: LpSolver,
) {
  const event = eventOf(meal);
  const { input } = meal;
  const cost = eventCost(meal, reckoning, hours);
  const asked = askedFor(input.meal.quote, event, cost);
  return {
    sittings: event.sittings.map(({ id, name, at, adults, children, wants, lacks }) => ({
      id,
      name,
      at: at ?? null,
      adults,
      children,
      wants,
      lacks,
    })),
    pots: event.pots.map(({ id, has, over }) => ({ batch: id, has, over })),
    gives: event.gives.map(({ pot, sitting, g, ml }) => ({ batch: pot, sitting, g, ml })),
    short: shortOf(event).map(({ id, lacks, dishes }) => ({
      sitting: id,
      lacks,
      dishes: dishes
        .filter((dish) => dish.lacks.g + dish.lacks.ml > 0)
        .map(({ id: dish, count, filled, lacks: own }) => ({ dish, count, filled, lacks: own })),
      ways: eventWays(meal, id),
    })),
    cost: {
      currency: cost.currency,
      heads: cost.heads,
      hours: cost.hours ?? null,
      lines: cost.lines.map(({ name, of, cost: paid, bySitting }) => ({
        name,
        of,
        cost: figureOf(paid),
        bySitting: bySitting.map(figureOf),
      })),
      losses: cost.losses.map(({ way, grams, cost: paid }) => ({ way, grams, cost: figureOf(paid) })),
      total: figureOf(cost.total),
      aHead: cost.aHead ? figureOf(cost.aHead) : null,
      over: figureOf(cost.over),
      asked: asked
        ? { price: figureOf(asked.price), tax: figureOf(asked.tax), all: figureOf(asked.all) }
        : null,
    },
    split: input.batches.flatMap(({ id }) => {
      const found = split(meal, { batch: id, wish: 'fewest', days: SPLIT_DAYS }, solver);
      return found
        ? [
            {
              batch: id,
              pots: found.pots.map(({ vessel, day, g }) => ({ vessel, daysBefore: day, g: Math.round(g) })),
              outsideG: Math.round(found.outsideG),
              proved: found.proved,
              ways: found.ways.map(({ way, outsideG }) => ({ way, outsideG: Math.round(outsideG) })),
            },
          ]
        : [];
    }),
    allergens: allergensByDish(input).map(({ dish, name, contains, notKnown }) => ({
      sitting: sittingOf(input.meal.dishes.find(({ id }) => id === dish) ?? {}, input.meal),
      dish: name,
      contains: contains.map(({ what, from }) => ({ what, from })),
      notKnown,
    })),
  };
}
