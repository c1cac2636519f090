import type { ShelfItem } from '@/core/batch/index.ts';
import {
  asIngredient,
  bestBefore,
  daysUntil,
  gramsLeft,
  mustNot,
  onShelf,
  withGone,
} from '@/core/keep/index.ts';
import { itemsOf } from '@/core/pot/index.ts';
import { writeMass } from '@/core/quantity/index.ts';
import { clockNow } from '../data/clock.ts';
import { takeFromShelf } from '../data/edits.ts';
import { useOpenMeal } from '../data/MealContext.ts';
import { useNow } from '../data/useNow.ts';
import { useShelf } from '../data/useShelf.ts';
import css from './pot.module.scss';

/** So many are offered: what must go first. */
const OFFERED = 3;

/**
 * What stands on the shelf and suits this pot: broth to pour, fat to brown in. What a guest must not have is not offered,
 * nor what is past its day.
 */
export function FromShelf() {
  const { loaded, batch, batchReckoning, units } = useOpenMeal();
  const shelf = useShelf();
  const now = useNow();
  const { kitchen, meal } = loaded;
  if (batch.lidOn !== undefined) return null;
  const suits = onShelf(shelf, kitchen).filter(
    (item) =>
      (item.what === 'broth' || item.what === 'fat') &&
      mustNot(item, meal.avoid).length === 0 &&
      daysUntil(bestBefore(item, kitchen), now) >= 0 &&
      !itemsOf(batch).some(({ ref }) => ref === `shelf-${item.id}`),
  );
  if (suits.length === 0) return null;
  const wanted = (item: ShelfItem) =>
    item.what === 'fat' ? Math.min(gramsLeft(item), batchReckoning.sear.fatG) : gramsLeft(item);
  return (
    <p className={css.fromShelf}>
      <span className="quiet">On the shelf:</span>{' '}
      {suits.slice(0, OFFERED).map((item) => {
        const grams = Math.round(wanted(item));
        if (grams < 1) return null;
        const { value, unit } = writeMass(grams, units);
        const ingredient = asIngredient(item);
        return (
          <button
            key={item.id}
            type="button"
            className="btn btn-sm act"
            onClick={() =>
              takeFromShelf(
                meal.id,
                batch.id,
                `${item.name}, off the shelf`,
                ingredient,
                {
                  id: crypto.randomUUID(),
                  ref: ingredient.id,
                  amount: { text: `${String(grams)} g`, lo: grams, hi: grams },
                  measure: 'mass',
                  state: 'in',
                },
                itemsOf(batch),
                withGone(item, { how: 'taken', at: clockNow(), grams, meal: meal.id }),
              )
            }
          >
            {value} {unit} of {item.name}
          </button>
        );
      })}
    </p>
  );
}
