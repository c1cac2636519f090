import { type Dish, type Meal, usualDish } from '@/core/meal/index.ts';
import { change } from '../memory.ts';
import { id, named, withOne } from './act.ts';

/** The meal and its dishes. */

export function editMeal(mealId: string, words: string, recipe: (meal: Meal) => Meal, field?: string): void {
  change(mealId, named(words, field), (edits) =>
    edits.edit('meals', mealId, (row) => ({ ...row, meal: recipe(row.meal) })),
  );
}

export function editDish(
  mealId: string,
  dishId: string,
  words: string,
  recipe: (dish: Dish) => Dish,
  field?: string,
): void {
  editMeal(mealId, words, (meal) => ({ ...meal, dishes: withOne(meal.dishes, dishId, recipe) }), field);
}

export function addDish(mealId: string): void {
  editMeal(mealId, 'a new dish', (meal) => ({ ...meal, dishes: [...meal.dishes, usualDish(id())] }));
}
