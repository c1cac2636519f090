import { useNavigate } from 'react-router';
import { countOf } from '@/core/order/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { db, isDemo } from '../../browser/db.ts';
import { onDisk } from '../../open/memory.ts';
import { useExample } from '../../open/useExample.ts';
import { PlatesRow } from '../../figures/PlatesRow.tsx';
import css from './meat.module.scss';

/** Below a first meal in which nothing is written: what will come of it, and a whole supper to look at. */
export function FirstRun() {
  const open = useOpenMeal();
  const example = useExample(open);
  const navigate = useNavigate();
  const dishes = example?.open.opened.input.meal.dishes.map((dish) => ({
    kind: dish.kind,
    count: countOf(dish),
    surely: 0,
    likely: countOf(dish),
  }));
  const lookAt = async () => {
    const { bringInSupper } = await import('../../demo/demo.ts');
    const made = await onDisk(() => bringInSupper(db));
    await navigate(`/meals/${made}`);
  };
  return (
    <>
      {dishes && (
        <div className={css.example}>
          <PlatesRow dishes={dishes} surely={0} likely={dishes.reduce((sum, { count }) => sum + count, 0)} />
          <p className="quiet">So it will look: 24 tacos from 2.4 kg of blade, drawn as an example.</p>
        </div>
      )}
      {!isDemo && (
        <p className="quiet">
          Or look at{' '}
          <button
            type="button"
            className="link"
            onClick={() => {
              lookAt().catch(reportError);
            }}
          >
            a made-up lantern supper
          </button>
          , three pots in an afternoon.
        </p>
      )}
    </>
  );
}
