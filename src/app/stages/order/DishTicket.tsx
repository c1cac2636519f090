import clsx from 'clsx';
import { X } from 'lucide-react';
import { useState } from 'react';
import { type Dish, type DishKind, isEvent, sittingOf, sittingsOf } from '@/core/meal/index.ts';
import { dishName, heldOfTicket, needOfTicket, type Ticket, usualDishes } from '@/core/order/index.ts';
import { problemWords } from '@/words/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { editDish, editMeal } from '../../open/edits/index.ts';
import { useSaid } from '../../open/useSaid.ts';
import { Grip, useRow } from '../../parts/sortable/Grip.tsx';
import { OneOfField } from '../../parts/fields/OneOfField.tsx';
import { FieldError } from '../../parts/FieldError.tsx';
import { DishCount } from '../../parts/DishCount.tsx';
import { DishDetails } from './DishDetails.tsx';
import { GuestCounts } from './GuestCounts.tsx';
import css from './order.module.scss';

const kinds = Object.keys(usualDishes) as DishKind[];

interface Props {
  readonly dish: Dish;
  /** Its figures, once its count can be read. */
  readonly ticket: Ticket | undefined;
}

/** One dish as a ticket: how many, of what, and what that takes; the rest unfolds. */
export function DishTicket({ dish, ticket }: Props) {
  const { loaded } = useOpenMeal();
  const { reckoning } = useFigures();
  const { meal } = loaded;
  const [open, setOpen] = useState(false);
  const { row, isLifted, grip } = useRow(dish.id);
  const name = dishName(dish);
  const wrong = reckoning.problems.filter((problem) => problem.dish === dish.id);
  return (
    <li {...row} className={isLifted ? clsx(css.ticket, css.isLifted) : css.ticket}>
      <Grip name={name} thing="ticket" grip={grip} />
      {dish.guests ? (
        <p className={css.ticketCount}>
          <b className="num">{ticket?.count ?? 0}</b> <span className="visually-hidden">plates</span>
        </p>
      ) : (
        <DishCount dish={dish} short hidden />
      )}
      <div>
        <OneOfField
          label="Dish"
          hidden
          among={kinds}
          value={dish.kind}
          say={(kind) => usualDishes[kind].name}
          onChoose={(kind) => {
            // Layers are of the kind that they were put in order for.
            editDish(meal.id, dish.id, 'the dish', ({ layers: _, ...d }) => ({ ...d, kind }));
          }}
        />
        {dish.name !== undefined && <p className={css.ticketName}>{dish.name}</p>}
        {isEvent(meal) && (
          <p className={clsx(css.ticketName, 'quiet')}>
            {sittingsOf(meal).find(({ id }) => id === sittingOf(dish, meal))?.name}
          </p>
        )}
      </div>
      <Each ticket={ticket} />
      <button
        type="button"
        className="link quiet"
        aria-expanded={open}
        onClick={() => {
          setOpen(!open);
        }}
      >
        {open ? 'less' : 'portions, guests'}
        <span className="visually-hidden"> of {name}</span>
      </button>
      {meal.dishes.length > 1 && (
        <button
          type="button"
          className="link quiet"
          aria-label={`Remove ${name}`}
          onClick={() => {
            editMeal(meal.id, 'removing a dish', (m) => ({
              ...m,
              dishes: m.dishes.filter((d) => d.id !== dish.id),
            }));
          }}
        >
          <X size={16} aria-hidden />
        </button>
      )}
      {dish.guests && <GuestCounts dish={dish} />}
      {open && <DishDetails dish={dish} />}
      {wrong.map(problemWords).map((words) => (
        <FieldError key={words}>{words}</FieldError>
      ))}
    </li>
  );
}

/** What one serving takes, and all of them. */
function Each({ ticket }: Pick<Props, 'ticket'>) {
  const { mass, volume } = useSaid();
  if (!ticket)
    return (
      <p className={css.ticketEach}>
        <span className="quiet">how many?</span>
      </p>
    );
  const { meat, liquid } = ticket;
  const held = heldOfTicket(ticket);
  const { meatG, liquidMl } = needOfTicket(ticket);
  return (
    <p className={css.ticketEach}>
      <span>
        {meat.want > 0 && mass(meat.want)}
        {held > 0 && ` holding ${volume(held)}`}
        {meat.want > 0 && liquid.want > 0 && ' + '}
        {liquid.want > 0 && volume(liquid.want)} each
      </span>
      <b className="num">
        {meatG > 0 && mass(meatG)}
        {meatG > 0 && liquidMl > 0 && ' + '}
        {liquidMl > 0 && volume(liquidMl)}
      </b>
    </p>
  );
}
