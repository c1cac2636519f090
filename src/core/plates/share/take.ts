import { type Batch, type Dish, type Meal } from '../../meal/index.ts';
import { countOf } from '../../order/index.ts';
import type { Portioned, Way } from './ways.ts';

/** Grams, written; rounded down to a tenth, for rounded up the last plate would go without. */
const portion = (grams: number) => {
  const g = Math.floor(10 * grams) / 10;
  return { text: `${String(g)} g`, lo: g, hi: g };
};

/** A dish with its portion of meat held where it is, or let go of. */
export function withLocked({ locked, ...dish }: Dish, meatG: number | undefined): Dish {
  const { meat: _, ...others } = locked ?? {};
  if (meatG !== undefined) return { ...dish, locked: { ...others, meat: portion(meatG) } };
  return Object.keys(others).length > 0 ? { ...dish, locked: others } : dish;
}

/** The same of what is ladled onto it, ml. */
export function withLockedMl({ locked, ...dish }: Dish, ml: number | undefined): Dish {
  const { liquid: _, ...others } = locked ?? {};
  const whole = ml === undefined ? undefined : Math.max(0, Math.round(ml));
  if (whole !== undefined)
    return { ...dish, locked: { ...others, liquid: { text: `${String(whole)} ml`, lo: whole, hi: whole } } };
  return Object.keys(others).length > 0 ? { ...dish, locked: others } : dish;
}

const held = (dishes: readonly Dish[], portions: readonly Portioned[]): Dish[] =>
  dishes.map((dish) => {
    const one = portions.find((of) => of.dish === dish.id);
    return one && one.meatG > 0 ? withLocked(dish, one.meatG) : dish;
  });

/** The meal once a way out is taken, as far as it is the meal's: portions held where it puts them, plates counted anew. */
export function mealWithWay(meal: Meal, way: Way): Meal {
  const change = (id: string, recipe: (dish: Dish) => Dish): Meal => ({
    ...meal,
    dishes: meal.dishes.map((dish) => (dish.id === id ? recipe(dish) : dish)),
  });
  switch (way.what) {
    case 'all down':
    case 'more each':
    case 'even out':
      return { ...meal, dishes: held(meal.dishes, way.portions) };
    case 'one down':
      return change(way.dish, (dish) => withLocked(dish, way.meatG));
    case 'fewer':
    case 'more plates':
      // What has gone out already stays counted: it is so many more or fewer than were ordered.
      return change(way.dish, ({ guests, ...dish }) => {
        const by = way.what === 'fewer' ? -way.by : way.by;
        const n = Math.max(0, countOf({ ...dish, ...(guests && { guests }) }) + by);
        return { ...dish, count: { text: String(n), lo: n, hi: n } };
      });
    default:
      return meal;
  }
}

/**
 * The batch once a way out is taken, as far as it is the batch's: its filling stretched with potato, its liquid thinned
 * with stock.
 * @param id of the new step
 */
export function batchWithWay(batch: Batch, way: Way, id: string): Batch {
  switch (way.what) {
    case 'stretch': {
      const g = Math.round(way.grams);
      const amount = { text: `${String(g)} g`, lo: g, hi: g };
      return {
        ...batch,
        after: [...batch.after, { id, what: 'stretch', ref: 'potato', amount, measure: 'mass' }],
      };
    }
    case 'pour': {
      const ml = Math.round(way.ml);
      const amount = { text: `${String(ml)} ml`, lo: ml, hi: ml };
      return {
        ...batch,
        after: [...batch.after, { id, what: 'add', ref: 'stock-low-salt', amount, measure: 'volume' }],
      };
    }
    default:
      return batch;
  }
}

/** Whose it is to change. */
export const isOfBatch = ({ what }: Way): boolean => what === 'stretch' || what === 'pour';
