import { useQuery } from '@tanstack/react-query';
import Modal from 'react-bootstrap/Modal';
import { joinMeals } from '@/store/join.ts';
import { db } from '../browser/db.ts';
import { onDisk } from '../open/memory.ts';
import { useOpenMeal } from '../open/MealContext.ts';
import css from './event.module.scss';

/** Another meal that is kept here becomes a sitting of this one; undone in one. */
export default function BringMeal({ onDone }: { readonly onDone: () => void }) {
  const { meal } = useOpenMeal().loaded;
  const { data: meals } = useQuery({
    queryKey: ['meals to bring in'],
    queryFn: () => db.summaries.orderBy('made').reverse().limit(MOST).toArray(),
    gcTime: 0,
  });
  const others = meals?.filter(({ id, damaged }) => id !== meal.id && !damaged) ?? [];
  return (
    <Modal show centered onHide={onDone} aria-labelledby="bring-title">
      <Modal.Header closeButton>
        <Modal.Title id="bring-title" as="h2">
          Bring another meal in
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <p>
          Its pots, dishes and readings become a part of this event, as a sitting of their own. It leaves the
          list of meals; undo brings it back as it was.
        </p>
        {meals && others.length === 0 && <p className="quiet">No other meal is kept here.</p>}
        <ul className={css.ways}>
          {others.map(({ id, name, pots, serving }) => (
            <li key={id}>
              <button
                type="button"
                className="btn act"
                onClick={() => {
                  onDisk(() => joinMeals(db, meal.id, id, name)).catch(reportError);
                  onDone();
                }}
              >
                {name}
              </button>{' '}
              <span className="quiet">
                {pots} {pots === 1 ? 'pot' : 'pots'}
                {serving === undefined ? '' : `, ${serving.replace('T', ' ')}`}
              </span>
            </li>
          ))}
        </ul>
      </Modal.Body>
    </Modal>
  );
}

/** So many are offered, the newest first. */
const MOST = 30;
