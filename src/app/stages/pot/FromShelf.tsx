import { asIngredient, suitsPot, withGone } from '@/core/keep/index.ts';
import { itemsOf } from '@/core/pot/index.ts';
import { clockNow } from '../../browser/clock.ts';
import { takeFromShelf } from '../../open/edits/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { useNow } from '../../browser/useNow.ts';
import { useSaid } from '../../open/useSaid.ts';
import { useShelf } from '../../lists/data/useShelf.ts';
import css from './pot.module.scss';

/** So many are offered: what must go first. */
const OFFERED = 3;

/** What stands on the shelf and suits this pot, taken in a tap. */
export function FromShelf() {
  const { loaded, batch } = useOpenMeal();
  const { batchReckoning } = useFigures();
  const shelf = useShelf();
  const now = useNow();
  const said = useSaid();
  const { kitchen, meal } = loaded;
  if (batch.lidOn !== undefined) return null;
  const suits = suitsPot(shelf, kitchen, now, { avoid: meal.avoid, panFatG: batchReckoning.sear.fatG });
  if (suits.length === 0) return null;
  return (
    <p className={css.fromShelf}>
      <span className="quiet">On the shelf:</span>{' '}
      {suits.slice(0, OFFERED).map(({ item, grams }) => (
        <button
          key={item.id}
          type="button"
          className="btn btn-sm act"
          onClick={() =>
            takeFromShelf({
              mealId: meal.id,
              batchId: batch.id,
              words: `${item.name}, off the shelf`,
              ingredient: asIngredient(item, clockNow()),
              grams,
              usual: itemsOf(batch),
              left: withGone(item, { how: 'taken', at: clockNow(), grams, meal: meal.id }),
            })
          }
        >
          {said.mass(grams)} of {item.name}
        </button>
      ))}
    </p>
  );
}
