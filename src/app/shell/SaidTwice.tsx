import { Link } from 'react-router';
import { undecided } from '@/core/meal/index.ts';
import { useOpenMeal } from '../open/MealContext.ts';

/** Two copies were put together and say something else of a field: until somebody has chosen, or written it anew. */
export default function SaidTwice() {
  const { loaded } = useOpenMeal();
  if (undecided(loaded).length === 0) return null;
  return (
    <p role="status">
      Two copies say something else: <Link to={`/meals/${loaded.meal.id}/handout`}>choose</Link>
    </p>
  );
}
