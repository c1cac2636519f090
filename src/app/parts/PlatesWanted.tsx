import { Link } from 'react-router';
import type { Dish } from '@/core/meal/index.ts';
import { countOf, dishName, eachIfPeople, forPeople } from '@/core/order/index.ts';
import { counted, noun, nounOf } from '@/words/index.ts';
import { useFigures, useOpenMeal } from '../open/MealContext.ts';
import { editDish } from '../open/edits/index.ts';
import { DishCount } from './DishCount.tsx';
import { GuestCount } from './GuestCount.tsx';
import css from './platesWanted.module.scss';

/** How many plates, or for how many people: the third entry. Several dishes are written at the order. */
export function PlatesWanted() {
  const { loaded } = useOpenMeal();
  const { reckoning } = useFigures();
  const { dishes } = loaded.meal;
  const [only] = dishes;
  if (dishes.length === 1 && only) {
    return (
      <div className={css.platesWanted}>
        <span>for</span>
        {only.guests ? <People dish={only} /> : <DishCount dish={only} hidden />}
        {!only.guests && <span>{dishName(only)}</span>}
        <Link className="quiet" to="../order" relative="path">
          another dish
        </Link>
        <PeopleOrPieces dish={only} />
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

/** So many people with so many each; other appetites are counted at the order. */
function People({ dish }: { readonly dish: Dish }) {
  return (
    <>
      <GuestCount dish={dish} of="usual" label="people" hidden />
      <span>people,</span>
      <GuestCount dish={dish} of="each" label="servings each" hidden />
      <span>each: {counted(countOf(dish), nounOf(dishName(dish)))}</span>
    </>
  );
}

/** "6" of what is small may be people or pieces: asked once, and remembered. */
function PeopleOrPieces({ dish }: { readonly dish: Dish }) {
  const { loaded, batch } = useOpenMeal();
  const each = eachIfPeople(dish);
  if (each === undefined || batch.lidOn !== undefined) return null;
  const n = countOf(dish);
  const name = nounOf(dishName(dish));
  return (
    <p className={css.whichOf}>
      <button
        type="button"
        className="btn btn-sm act"
        onClick={() => editDish(loaded.meal.id, dish.id, 'for so many people', forPeople)}
      >
        {counted(n, noun('person', 'people'))}, {each} each: {counted(countOf(forPeople(dish)), name)}
      </button>
      <button
        type="button"
        className="btn btn-sm act"
        onClick={() =>
          editDish(loaded.meal.id, dish.id, 'for so many in all', (d) => ({ ...d, counted: true as const }))
        }
      >
        {counted(n, name)} in all
      </button>
    </p>
  );
}
