import { Link } from 'react-router';
import { countOf } from '@/core/order/index.ts';
import type { MealRow as Row } from '@/store/db.ts';
import { deleteMeal } from '@/store/meals.ts';
import { db } from '../data/db.ts';
import { onDisk } from '../data/memory.ts';
import { saveMeal } from '../data/saveMeal.ts';

interface Props {
  readonly row: Row;
  readonly report: (error: unknown) => void;
}

/** A meal with its pots and plates. */
export function KnownMeal({ row, report }: Props) {
  const { meal } = row;
  const plates = meal.dishes.reduce((sum, dish) => sum + countOf(dish), 0);
  const pots = meal.batches.length === 1 ? 'one pot' : `${meal.batches.length} pots`;
  return (
    <MealRow
      row={row}
      name={meal.name || 'a meal without a name'}
      said={plates > 0 ? `${pots}, ${plates} plates` : pots}
      report={report}
    />
  );
}

interface RowProps extends Props {
  readonly name: string;
  readonly said: string;
}

/** One line of the list: opened, saved, deleted. A damaged meal has the same, and is saved as it lies. */
export function MealRow({ row: { id }, name, said, report }: RowProps) {
  return (
    <li>
      <Link to={`/meals/${id}`}>{name}</Link>
      <span className="quiet">{said}</span>
      <button
        type="button"
        className="link"
        onClick={() => {
          saveMeal(db, id, name).catch(report);
        }}
      >
        Save as a file<span className="visually-hidden">: {name}</span>
      </button>
      <button
        type="button"
        className="link"
        onClick={() => {
          onDisk(() => deleteMeal(db, id, name)).catch(report);
        }}
      >
        Delete<span className="visually-hidden"> {name}</span>
      </button>
    </li>
  );
}
