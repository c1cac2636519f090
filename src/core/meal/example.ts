import type { Batch, Kitchen, Meal } from './schema.ts';
import { usualBatch, usualMeal } from './usual.ts';

const grams = (kg: number) => ({ text: `${kg} kg`, lo: 1000 * kg, hi: 1000 * kg });
const ID = 'example';

/** What the placeholders say, as a meal: it is drawn, pale, where nothing has been written yet. */
export function exampleMeal(kitchen: Kitchen): {
  readonly meal: Meal;
  readonly batches: readonly Batch[];
  readonly entries: readonly [];
  readonly kitchen: Kitchen;
} {
  const meal = usualMeal(ID, 'An example', ID, ID);
  const lot = { id: ID, kind: 'meat' as const, cut: 'beef-blade-roast', weight: grams(2.4) };
  return {
    meal: {
      ...meal,
      dishes: meal.dishes.map((dish) => ({ ...dish, count: { text: '24', lo: 24, hi: 24 } })),
    },
    batches: [{ ...usualBatch(ID, 'An example'), lots: [lot] }],
    entries: [],
    kitchen,
  };
}
