import { sittingOf } from '../meal/index.ts';
import { allergensByDish, type OpenedMeal } from '../model/index.ts';
import type { Reckoning } from '../reckoning/index.ts';
import { figureOf } from '../shop/index.ts';
import { askedFor, eventCost } from './cost.ts';
import { eventOf, shortOf } from './figures.ts';
import type { LpSolver } from '../plates/index.ts';
import { mayBeDealt, split } from './split/index.ts';
import { eventWays } from './ways.ts';

/** Pots are dealt over the day of their sitting and the one before. */
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
    split: printedSplit(meal, solver),
    allergens: allergensByDish(input).map(({ dish, name, contains, notKnown }) => ({
      sitting: sittingOf(input.meal.dishes.find(({ id }) => id === dish) ?? {}, input.meal),
      dish: name,
      contains: contains.map(({ what, from }) => ({ what, from })),
      notKnown,
    })),
  };
}

/** Everything that may be dealt, together: null where nothing may, or no solver is at hand. */
function printedSplit(meal: OpenedMeal, solver: LpSolver | undefined) {
  const found = split(meal, { batches: mayBeDealt(meal.input), wish: 'fewest', days: SPLIT_DAYS }, solver);
  if (!found) return null;
  return {
    pots: found.pots.map(({ batch, vessel, day, g }) => ({
      batch,
      vessel,
      daysBefore: day,
      g: Math.round(g),
    })),
    outside: found.outside.map(({ batch, lots }) => ({
      batch,
      g: Math.round(lots.reduce((sum, g) => sum + g, 0)),
    })),
    proved: found.proved,
    leastPots: found.leastPots ?? null,
    ways: found.ways.map(({ way, outsideG }) => ({ way, outsideG: Math.round(outsideG) })),
  };
}
