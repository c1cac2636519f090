import clsx from 'clsx';
import { allergensInPot } from '@/core/model/index.ts';
import { avoidableWords, fromWords } from '@/words/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import css from './pot.module.scss';

/** What is in the pot that some guests must not have: always at hand. */
export function HeldInPot() {
  const { batch, loaded, opened } = useOpenMeal();
  const { contains, notKnown } = allergensInPot(opened.input, batch);
  const avoid = new Set<string>(loaded.meal.avoid);
  return (
    <p className={clsx('quiet', css.held)}>
      {contains.length === 0 && notKnown.length === 0 && 'No allergen is known to be in the pot. '}
      {contains.length > 0 && (
        <>
          It contains{' '}
          {contains.map(({ what, from }, i) => (
            <span key={what}>
              {i > 0 && ', '}
              <b className={avoid.has(what) ? css.isBarred : undefined}>{avoidableWords(what)}</b> (
              {fromWords(from, 1)})
            </span>
          ))}
          .{' '}
        </>
      )}
      {notKnown.length > 0 && (
        <>
          <b className={css.isNotKnown}>Not known</b> is what {notKnown.map(({ name }) => name).join(' and ')}{' '}
          {notKnown.length === 1 ? 'contains' : 'contain'}: open its line and write what the label says.{' '}
        </>
      )}
      Go by the label.
    </p>
  );
}
