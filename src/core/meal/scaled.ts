import { entryAt } from '../columns/index.ts';
import type { MealAgain } from './cookAgain.ts';
import type { AfterStep, Batch, Dish, Item, Lot } from './schema.ts';

type Written = Dish['count'];

/** How a measure is written: rounded to what a cook would weigh out, so that what is stored is what the text says. */
interface Writes {
  readonly round: (value: number) => number;
  readonly text: (value: number) => string;
}
const toTens = (value: number) => (value >= 1000 ? Math.round(value / 10) * 10 : Math.round(value));
const byMeasure: Readonly<Record<'mass' | 'volume' | 'count', Writes>> = {
  mass: { round: toTens, text: (g) => (g >= 1000 ? `${String(g / 1000)} kg` : `${String(g)} g`) },
  volume: { round: toTens, text: (ml) => (ml >= 1000 ? `${String(ml / 1000)} l` : `${String(ml)} ml`) },
  count: { round: (n) => Number(n.toFixed(1)), text: String },
};

/** A quantity that was typed, so many times as much. */
function times(written: Written, factor: number, measure: keyof typeof byMeasure): Written {
  const { lo, hi } = written;
  if (lo === undefined) return written;
  const { round, text } = byMeasure[measure];
  const [low, high] = [round(lo * factor), round((hi ?? lo) * factor)];
  return { text: low === high ? text(low) : `${text(low)}–${text(high)}`, lo: low, hi: high };
}

/** Plates of all dishes that have a count. */
export const platesIn = (dishes: readonly Dish[]): number =>
  dishes.reduce((sum, { count }) => sum + (count.lo ?? 0), 0);

/**
 * A meal for another number of plates: its dishes, its meat and what was written to go in with it grow alike. What steams
 * off does not: the pour that is solved to its line, vessels and times are left to the reckoning.
 * @returns the same meal where its plates are not counted
 */
export function forPlates({ meal, batches }: MealAgain, plates: number): MealAgain {
  const before = platesIn(meal.dishes);
  if (before <= 0 || plates <= 0) return { meal, batches };
  const factor = plates / before;
  return {
    meal: { ...meal, dishes: shared(meal.dishes, plates) },
    batches: batches.map((batch) => scaledBatch(batch, factor)),
  };
}

/** Whole servings of each dish, which come to so many in all: the largest remainders get what is over. */
function shared(dishes: readonly Dish[], plates: number): Dish[] {
  const factor = plates / platesIn(dishes);
  const exact = dishes.map(({ count }) => (count.lo ?? 0) * factor);
  const whole = exact.map(Math.floor);
  const over = Math.round(plates - whole.reduce((sum, n) => sum + n, 0));
  const most = exact
    .map((value, i) => ({ i, rest: value - Math.floor(value) }))
    .sort((a, b) => b.rest - a.rest)
    .slice(0, over);
  for (const { i } of most) whole[i] = entryAt(whole, i) + 1;
  return dishes.map((dish, i) => {
    const n = Math.max(1, entryAt(whole, i));
    return dish.count.lo === undefined ? dish : { ...dish, count: { text: String(n), lo: n, hi: n } };
  });
}

/** A batch with so many times the meat, and of what was written to go in with it as much. */
export function scaledBatch(batch: Batch, factor: number): Batch {
  const { items, salt, after, ...rest } = batch;
  return {
    ...rest,
    lots: batch.lots.map((lot): Lot => ({
      ...lot,
      weight: times(lot.weight, factor, 'mass'),
      ...(lot.pieces?.count !== undefined && {
        pieces: { ...lot.pieces, count: Math.max(1, Math.round(lot.pieces.count * factor)) },
      }),
    })),
    ...(items && {
      items: items.map((item): Item =>
        item.amount ? { ...item, amount: times(item.amount, factor, item.measure ?? 'mass') } : item,
      ),
    }),
    ...(salt && { salt: times(salt, factor, batch.saltIn ?? 'mass') }),
    after: after.map((step) => scaledStep(step, factor)),
  };
}

/** A step for so many times the plates: what is put in, set apart or left of it grows with them. */
const scaledStep = (step: AfterStep, factor: number): AfterStep => ({
  ...step,
  ...('to' in step && step.to && { to: times(step.to, factor, 'volume') }),
  ...('amount' in step && step.amount && { amount: times(step.amount, factor, step.measure ?? 'mass') }),
});
