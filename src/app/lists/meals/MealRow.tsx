import { Link, useNavigate } from 'react-router';
import type { SummaryRow } from '@/store/kinds.ts';
import { deleteMeal, goingWith, mealAgain } from '@/store/meals.ts';
import { db } from '../../browser/db.ts';
import { onDisk } from '../../open/memory.ts';
import { saveMeal } from '../data/saveMeal.ts';
import type { AskedToDelete } from './AskDelete.tsx';
import { PLATE, counted } from '@/words/index.ts';

interface Props {
  readonly row: SummaryRow;
  readonly report: (error: unknown) => void;
  /** What has readings goes only when somebody who knows it has said so. */
  readonly onAsk: (asked: AskedToDelete) => void;
}

const days = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });

/** One line of the list: opened, saved, deleted. A damaged meal has the same, and is saved as it lies. */
export function MealRow({ row, report, onAsk }: Props) {
  const { id, damaged, serving } = row;
  const navigate = useNavigate();
  const name = row.name || (damaged ? 'a damaged meal' : 'a meal without a name');
  return (
    <li>
      <Link to={`/meals/${id}`}>{name}</Link>
      <span className="quiet">
        {serving !== undefined && `${days.format(new Date(serving))} · `}
        {damaged ? 'it cannot be opened' : saidOf(row)}
      </span>
      {!damaged && (
        <button
          type="button"
          className="link"
          onClick={() => {
            onDisk(() => mealAgain(db, id))
              .then((made) => made && navigate(`/meals/${made.mealId}/batches/${made.batchId}/order`))
              .catch(report);
          }}
        >
          Cook again<span className="visually-hidden">: {name}</span>
        </button>
      )}
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
          onDisk(() => goingWith(db, id))
            .then((going) => {
              if (going.readings > 0 || going.closed > 0) onAsk({ id, name, going });
              else return onDisk(() => deleteMeal(db, id, name));
            })
            .catch(report);
        }}
      >
        Delete<span className="visually-hidden"> {name}</span>
      </button>
    </li>
  );
}

/** Its pots and plates. */
function saidOf({ pots, plates }: SummaryRow): string {
  const inPots = pots === 1 ? 'one pot' : `${pots} pots`;
  return plates > 0 ? `${inPots}, ${counted(plates, PLATE)}` : inPots;
}
