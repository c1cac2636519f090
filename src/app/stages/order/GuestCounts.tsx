import type { Dish } from '@/core/meal/index.ts';
import { appetite, type Appetite, appetites } from '@/core/order/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { editDish } from '../../open/edits/index.ts';
import { withOrWithout } from '../../open/withOrWithout.ts';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import css from './order.module.scss';

const words: Readonly<Record<Appetite, string>> = {
  light: 'light eaters',
  usual: 'usual',
  hungry: 'hungry',
  children: 'children',
};

/** Who eats the dish, by appetite, and how many servings a usual guest has. */
export function GuestCounts({ dish }: { readonly dish: Dish }) {
  const { loaded } = useOpenMeal();
  const { guests = {} } = dish;
  return (
    <fieldset className={css.guests}>
      <legend className="visually-hidden">Guests</legend>
      <QuantityField
        label="servings each"
        quantity={guests.each}
        measure="count"
        placeholder="1"
        chars={4}
        onChange={(each) => {
          editDish(
            loaded.meal.id,
            dish.id,
            'the servings of a guest',
            (d) => ({ ...d, guests: withOrWithout({ ...d.guests }, 'each', each) }),
            `${dish.id} each`,
          );
        }}
      />
      {appetites.map((kind) => (
        <QuantityField
          key={kind}
          label={kind === 'usual' ? words[kind] : `${words[kind]}, × ${appetite[kind]}`}
          quantity={guests[kind]}
          measure="count"
          placeholder="0"
          chars={4}
          onChange={(count) => {
            editDish(
              loaded.meal.id,
              dish.id,
              'the guests',
              (d) => ({ ...d, guests: withOrWithout({ ...d.guests }, kind, count) }),
              `${dish.id} ${kind}`,
            );
          }}
        />
      ))}
    </fieldset>
  );
}
