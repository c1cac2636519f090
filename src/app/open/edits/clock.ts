import type { Day } from '@/core/meal/index.ts';
import { editMeal } from './order.ts';

/** The day. */

/** Changes the day of a meal: hands, hours, tasks of one's own, what was pinned. */
export function editDay(mealId: string, words: string, recipe: (day: Day) => Day, field?: string): void {
  editMeal(mealId, words, (meal) => ({ ...meal, day: recipe(meal.day ?? {}) }), field);
}
