import { usualItems } from '@/core/pot/index.ts';
import { ingredientsById } from '@/core/model/index.ts';
import { reference } from '@/reference/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { takeUsual, USUAL_POT } from '../../open/edits/index.ts';
import css from './pot.module.scss';

/**
 * The usual pot, offered: while nobody has put anything in it stands in the figures, pale, until it is taken or
 * cleared; once the cook has begun one, it may still be put beside it.
 */
export function UsualPot() {
  const { batch, loaded } = useOpenMeal();
  const ingredients = ingredientsById({ kitchen: loaded.kitchen, reference });
  const untouched = batch.items === undefined;
  const usual = new Set(usualItems.map(({ ref }) => ref));
  const has = (batch.items ?? []).some(({ ref }) => usual.has(ref));
  if (!untouched && (has || (batch.dismissed ?? []).includes(USUAL_POT))) return null;
  const names = usualItems.map(({ ref }) => ingredients.get(ref)?.name ?? ref);
  const [pour = '', ...solids] = names;
  return (
    <p className={css.usualPot}>
      <span className="quiet">
        {untouched ? 'Nothing is written yet: the usual pot, until you change it. ' : ''}
        {!untouched && `The usual: ${pour} to the line, ${solids.join(', ')}. `}
      </span>
      <button type="button" className="btn btn-sm act" onClick={() => takeUsual(batch.id, true)}>
        {untouched ? 'Use it' : 'Put it in'}
      </button>{' '}
      <button type="button" className="link" onClick={() => takeUsual(batch.id, false)}>
        {untouched ? 'clear it' : 'no'}
      </button>
    </p>
  );
}
