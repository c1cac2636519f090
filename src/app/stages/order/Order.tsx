import { arrayMove } from '@dnd-kit/sortable';
import { Plus } from 'lucide-react';
import { Link } from 'react-router';
import { isEvent } from '@/core/meal/index.ts';
import { dishName } from '@/core/order/index.ts';
import { writeMass, writeVolume } from '@/core/quantity/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { addDish, editMeal } from '../../open/edits/index.ts';
import { SortableList } from '../../parts/sortable/SortableList.tsx';
import { Enough } from '../../parts/Enough.tsx';
import { Cautions } from '../../parts/Cautions.tsx';
import { Avoid } from './Avoid.tsx';
import { DishTicket } from './DishTicket.tsx';
import { Occasion } from './Occasion.tsx';
import css from './order.module.scss';

/** Who eats what: the dishes of the meal as tickets, and what they want of the pots. */
export default function Order() {
  const { loaded, units } = useOpenMeal();
  const { reckoning } = useFigures();
  const { meal } = loaded;
  const { needG, needMl } = reckoning.meal;
  const set = ({ value, unit }: { value: string; unit: string }) => `${value} ${unit}`;
  const nameOf = (id: string) => {
    const dish = meal.dishes.find((d) => d.id === id);
    return dish ? dishName(dish) : '';
  };
  const { tickets } = reckoning.meal;
  return (
    <>
      <div className="line">
        <h1>Who eats what</h1>
        {needG + needMl > 0 && (
          <p className="quiet">
            needs <b className="num">{set(writeMass(needG, units))}</b> of shred and{' '}
            <b className="num">{set(writeVolume(needMl, units))}</b> of liquid
          </p>
        )}
      </div>
      <Occasion />
      <SortableList
        ids={meal.dishes.map(({ id }) => id)}
        nameOf={nameOf}
        thing="the ticket"
        onMove={(from, to) => {
          editMeal(meal.id, 'the order of the dishes', (m) => ({
            ...m,
            dishes: arrayMove(m.dishes, from, to),
          }));
        }}
      >
        <ul className={css.tickets}>
          {meal.dishes.map((dish) => (
            <DishTicket key={dish.id} dish={dish} ticket={tickets.find(({ id }) => id === dish.id)} />
          ))}
        </ul>
      </SortableList>
      <p className="line">
        <button
          type="button"
          className="btn act"
          onClick={() => {
            addDish(meal.id);
          }}
        >
          <Plus size={16} aria-hidden /> Another dish
        </button>
        <Link to={`/meals/${meal.id}/event`}>
          {isEvent(meal) ? 'the whole event' : 'more sittings, costs, a quote'}
        </Link>
        {meal.dishes.length > 1 && (
          <span className="quiet">Served from the top: the last ticket runs short first.</span>
        )}
      </p>
      <Avoid />
      <Enough />
      <Cautions at={{ sheet: 'order' }} />
    </>
  );
}
