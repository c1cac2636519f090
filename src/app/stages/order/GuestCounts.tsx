import type { Dish } from '@/core/meal/index.ts';
import { appetite, type Appetite, appetites } from '@/core/order/index.ts';
import { GuestCount } from '../../parts/GuestCount.tsx';
import css from './order.module.scss';

const words: Readonly<Record<Appetite, string>> = {
  light: 'light eaters',
  usual: 'usual',
  hungry: 'hungry',
  children: 'children',
};

/** Who eats the dish, by appetite, and how many servings a usual guest has. */
export function GuestCounts({ dish }: { readonly dish: Dish }) {
  return (
    <fieldset className={css.guests}>
      <legend className="visually-hidden">Guests</legend>
      <GuestCount dish={dish} of="each" label="servings each" />
      {appetites.map((kind) => (
        <GuestCount
          key={kind}
          dish={dish}
          of={kind}
          label={kind === 'usual' ? words[kind] : `${words[kind]}, × ${appetite[kind]}`}
        />
      ))}
    </fieldset>
  );
}
