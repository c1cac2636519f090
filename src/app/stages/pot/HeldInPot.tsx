import clsx from 'clsx';
import { heldIn, itemsOf } from '@/core/pot/index.ts';
import { ingredientsOf } from '@/core/model/index.ts';
import { reference } from '@/reference/index.ts';
import { avoidableWords } from '@/words/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import css from './pot.module.scss';

/** What is in the pot that some guests must not have: always at hand. */
export function HeldInPot() {
  const { batch, loaded } = useOpenMeal();
  const { held, unknown } = heldIn(itemsOf(batch), ingredientsOf({ kitchen: loaded.kitchen, reference }));
  const avoid = new Set<string>(loaded.meal.avoid);
  return (
    <p className={clsx('quiet', css.held)}>
      {held.length === 0 && unknown.length === 0 && 'No allergen is known to be in the pot. '}
      {held.length > 0 && (
        <>
          Allergens:{' '}
          {held.map(({ what, from }, i) => (
            <span key={what}>
              {i > 0 && ', '}
              <b className={avoid.has(what) ? css.isBarred : undefined}>{avoidableWords(what)}</b> (
              {from.join(', ')})
            </span>
          ))}
          .{' '}
        </>
      )}
      {unknown.length > 0 && (
        <>Nothing is known of {unknown.join(' and ')}: open its line and write what the label says. </>
      )}
      Go by the label.
    </p>
  );
}
