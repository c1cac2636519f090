import { type Batch, type Day, usualDay, withChilling } from '@/core/meal/index.ts';
import { change } from '../memory.ts';
import { editMeal } from './order.ts';

/** The day. */

/** Changes the day of a meal: hands, hours, tasks of one's own, what was pinned. */
export function editDay(mealId: string, words: string, recipe: (day: Day) => Day, field?: string): void {
  editMeal(mealId, words, (meal) => ({ ...meal, day: recipe(meal.day ?? {}) }), field);
}

/** What a cook may do about pots without a place in the day, as one act; the rest wants another kitchen. */
const takenWays = ['raw in', 'the day before', 'another pair of hands'] as const;
type TakenWay = (typeof takenWays)[number];
export const isTakenWay = (way: string): way is TakenWay => takenWays.some((one) => one === way);

const changes: Readonly<Record<Exclude<TakenWay, 'another pair of hands'>, (batch: Batch) => Batch>> = {
  'raw in': (batch) => ({ ...batch, sear: false }),
  'the day before': (batch) => withChilling(batch, true),
};

export function takeWay(mealId: string, batches: readonly string[], way: TakenWay): void {
  change(mealId, { words: `a way out, ${way}` }, (edits) => {
    if (way === 'another pair of hands') {
      edits.edit('meals', mealId, (row) => {
        const { day } = row.meal;
        return { ...row, meal: { ...row.meal, day: { ...day, hands: (day?.hands ?? usualDay.hands) + 1 } } };
      });
      return;
    }
    for (const id of batches)
      edits.edit('batches', id, (row) => ({ ...row, batch: changes[way](row.batch) }));
  });
}
