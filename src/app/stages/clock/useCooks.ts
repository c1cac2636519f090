import { cooksOf } from '@/core/meal/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';

/** Who cooks this meal, by name; none where nobody was named. */
export function useCooks() {
  const { meal, kitchen } = useOpenMeal().loaded;
  return cooksOf(meal, kitchen);
}
