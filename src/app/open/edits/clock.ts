import { type Day, type Kitchen, mealPlaced, type PlaceEdit, potPlaced } from '@/core/meal/index.ts';
import { change } from '../memory.ts';
import { editMeal } from './order.ts';

/** The day. */

/** Changes the day of a meal: hands, hours, tasks of one's own, what was pinned. */
export function editDay(mealId: string, words: string, recipe: (day: Day) => Day, field?: string): void {
  editMeal(mealId, words, (meal) => ({ ...meal, day: recipe(meal.day ?? {}) }), field);
}

/** Changes what has no place in the day as it was tried, as one act. */
export function takeWay(
  mealId: string,
  batches: readonly string[],
  way: PlaceEdit,
  kitchen: Pick<Kitchen, 'hands'>,
): void {
  change(mealId, { words: `a way out, ${way}` }, (edits) => {
    edits.edit('meals', mealId, (row) => ({ ...row, meal: mealPlaced(row.meal, kitchen, way) }));
    for (const id of batches)
      edits.edit('batches', id, (row) => ({ ...row, batch: potPlaced(row.batch, way) ?? row.batch }));
  });
}
