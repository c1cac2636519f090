import type { Dish } from '@/core/meal/index.ts';
import type { Appetite } from '@/core/order/index.ts';
import { useOpenMeal } from '../open/MealContext.ts';
import { editDish } from '../open/edits/index.ts';
import { withOrWithout } from '../open/withOrWithout.ts';
import { QuantityField } from './fields/QuantityField.tsx';

interface Props {
  readonly dish: Dish;
  /** Guests of one appetite, or how many servings a usual one has. */
  readonly of: Appetite | 'each';
  readonly label: string;
  readonly hidden?: boolean;
}

/** How many guests there are, or what each has. */
export function GuestCount({ dish, of, label, hidden = false }: Props) {
  const { loaded } = useOpenMeal();
  return (
    <QuantityField
      label={label}
      hidden={hidden}
      quantity={dish.guests?.[of]}
      measure="count"
      placeholder={of === 'each' ? '1' : '0'}
      chars={4}
      onChange={(count) => {
        editDish(
          loaded.meal.id,
          dish.id,
          of === 'each' ? 'the servings of a guest' : 'the guests',
          (d) => ({ ...d, guests: withOrWithout({ ...d.guests }, of, count) }),
          `${dish.id} ${of}`,
        );
      }}
    />
  );
}
