import { useNavigate } from 'react-router';
import { newMeal } from '@/store/meals.ts';
import { db } from '../../browser/db.ts';
import { onDisk } from '../../open/memory.ts';
import { todayName } from '../../open/todayName.ts';

/** Begins a meal and opens it. */
export function useNewMeal(): () => void {
  const navigate = useNavigate();
  return () => {
    onDisk(() => newMeal(db, todayName()))
      .then(({ mealId, batchId }) => navigate(`/meals/${mealId}/batches/${batchId}/meat`))
      .catch(reportError);
  };
}
