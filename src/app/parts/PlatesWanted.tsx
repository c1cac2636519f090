import { Link } from 'react-router';
import { dishName } from '@/core/order/index.ts';
import { useFigures, useOpenMeal } from '../open/MealContext.ts';
import { DishCount } from './DishCount.tsx';
import css from './platesWanted.module.scss';

/** How many plates: the third entry. Several dishes are written at the order. */
export function PlatesWanted() {
  const { loaded } = useOpenMeal();
  const { reckoning } = useFigures();
  const { dishes } = loaded.meal;
  const [only] = dishes;
  if (dishes.length === 1 && only && !only.guests) {
    return (
      <div className={css.platesWanted}>
        <span>for</span>
        <DishCount dish={only} hidden />
        <span>{dishName(only)}</span>
        <Link className="quiet" to="../order" relative="path">
          another dish
        </Link>
      </div>
    );
  }
  return (
    <p className={css.platesWanted}>
      <span>
        for{' '}
        {reckoning.meal.servings.map(({ dish, count, name }, i) => (
          <span key={dish}>
            {i > 0 && ', '}
            <b className="num">{count}</b> {name}
          </span>
        ))}
      </span>
      <Link className="quiet" to="../order" relative="path">
        change
      </Link>
    </p>
  );
}
