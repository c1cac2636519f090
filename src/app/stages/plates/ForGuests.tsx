import { forGuests } from '@/core/model/index.ts';
import { forGuestWords } from '@/words/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import css from './plates.module.scss';

/** What to serve those who must not have something: said where the plates are filled. */
export function ForGuests() {
  const { opened, loaded } = useOpenMeal();
  const all = forGuests(opened.input);
  if (all.length === 0) return null;
  return (
    <ul className={css.forGuests} aria-label="Guests who must not have something">
      {all.map((one) => (
        <li key={one.what} className={one.can.length === 0 ? css.isBarred : undefined}>
          {forGuestWords(one, loaded.batches.length)}
        </li>
      ))}
    </ul>
  );
}
