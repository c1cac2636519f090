import { type Dish, platesProblem } from '@/core/meal/index.ts';
import { dishName } from '@/core/order/index.ts';
import { saysWords } from '@/words/index.ts';
import { useOpenMeal } from '../open/MealContext.ts';
import { editDish } from '../open/edits/index.ts';
import { QuantityField } from './fields/QuantityField.tsx';

interface Props {
  readonly dish: Dish;
  readonly hidden?: boolean;
  /** On its ticket, which names the dish and says what is wrong with it. */
  readonly short?: boolean;
}

/** How many of a dish. */
export function DishCount({ dish, hidden = false, short = false }: Props) {
  const { loaded } = useOpenMeal();
  const wrong = short ? undefined : platesProblem(dish.count);
  return (
    <QuantityField
      label={short ? 'Plates' : `How many ${dishName(dish)}`}
      hidden={hidden}
      quantity={dish.count}
      measure="count"
      placeholder="24"
      chars={5}
      problem={wrong && saysWords(wrong)}
      onChange={(count) => {
        editDish(
          loaded.meal.id,
          dish.id,
          'the number of plates',
          (d) => ({ ...d, count }),
          `${dish.id} count`,
        );
      }}
    />
  );
}
