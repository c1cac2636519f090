import { useNavigate } from 'react-router';
import { useOpenMeal } from '../../open/MealContext.ts';
import { addBatch } from '../../open/edits/index.ts';

const names = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'];

/** Puts another pot on the stove and opens it, at its meat. */
export function useNewPot(): () => void {
  const navigate = useNavigate();
  const { loaded } = useOpenMeal();
  const { length } = loaded.batches;
  return () => {
    const id = addBatch(loaded.meal.id, `Pot ${names[length] ?? String(length + 1)}`);
    void navigate(`/meals/${loaded.meal.id}/batches/${id}/meat`);
  };
}
