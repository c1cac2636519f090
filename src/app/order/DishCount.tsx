import { platesProblem } from '@/core/batch/limits.ts';
import type { Dish } from '@/core/batch/schema.ts';
import { dishName } from '@/core/order/index.ts';
import { useOpenMeal } from '../data/MealContext.ts';
import { editMeal } from '../data/edits.ts';
import { QuantityField } from '../parts/QuantityField.tsx';

interface Props {
  readonly dish: Dish;
  readonly hidden?: boolean;
  /** The dish is named beside it. */
  readonly short?: boolean;
}

/** How many of a dish. */
export function DishCount({ dish, hidden = false, short = false }: Props) {
  const { loaded } = useOpenMeal();
  return (
    <QuantityField
      label={short ? 'Plates' : `Plates of ${dishName(dish)}`}
      hidden={hidden}
      quantity={dish.count}
      measure="count"
      placeholder="24"
      chars={5}
      problem={platesProblem(dish.count)}
      onChange={(count) => {
        editMeal(
          loaded.meal.id,
          'the number of plates',
          (meal) => ({ ...meal, dishes: meal.dishes.map((d) => (d.id === dish.id ? { ...d, count } : d)) }),
          `${dish.id} count`,
        );
      }}
    />
  );
}
