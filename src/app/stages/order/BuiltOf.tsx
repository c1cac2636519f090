import clsx from 'clsx';
import type { Dish } from '@/core/meal/index.ts';
import { partsOf } from '@/core/order/index.ts';
import { buildChoiceWords, buildPartWords } from '@/words/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { editDish } from '../../open/edits/index.ts';
import { OneOfField } from '../../parts/fields/OneOfField.tsx';
import css from './order.module.scss';

/** What a dish is built of, part by part: what a guest must not have is another, or is left out. */
export function BuiltOf({ dish }: { readonly dish: Dish }) {
  const { meal } = useOpenMeal().loaded;
  const parts = partsOf(dish);
  if (parts.length === 0) return null;
  return (
    <div role="group" aria-label="What it is built of" className={clsx('choices', css.builtOf)}>
      {parts.map(({ part, among, chosen }) => (
        <OneOfField
          key={part}
          label={buildPartWords[part]}
          among={among}
          value={chosen}
          say={buildChoiceWords}
          onChoose={(choice) => {
            editDish(meal.id, dish.id, 'what a dish is built of', (d) => ({
              ...d,
              build: { ...d.build, [part]: choice },
            }));
          }}
        />
      ))}
    </div>
  );
}
