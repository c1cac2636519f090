import { useNavigate } from 'react-router';
import { useOpenMeal } from '../../open/MealContext.ts';
import { editBatch, removeBatch } from '../../open/edits/index.ts';
import { TextField } from '../../parts/fields/TextField.tsx';

/** What the pot is called on the stove, and taking it off. */
export function PotName() {
  const { loaded, batch } = useOpenMeal();
  const navigate = useNavigate();
  const others = loaded.meal.batches.filter((id) => id !== batch.id);
  return (
    <p className="pot-name">
      <TextField
        label="On the stove as"
        value={batch.name}
        onChange={(name) =>
          editBatch(batch.id, 'the name of a pot', (b) => ({ ...b, name }), `${batch.id} name`)
        }
      />
      {others[0] !== undefined && (
        <button
          type="button"
          className="link"
          onClick={() => {
            removeBatch(loaded.meal.id, batch.id);
            void navigate(`/meals/${loaded.meal.id}/batches/${others[0] ?? ''}/meat`);
          }}
        >
          Delete this pot
        </button>
      )}
    </p>
  );
}
