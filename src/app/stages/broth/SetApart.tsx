import { withSetApart } from '@/core/meal/index.ts';
import { partName } from '@/words/index.ts';
import { editBatch } from '../../open/edits/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { useSaid } from '../../open/useSaid.ts';
import css from './broth.module.scss';

interface Props {
  /** What there is of it. */
  readonly ml: number;
  /** The part was set apart under this name. */
  readonly onDone: (name: string) => void;
}

/** A part of the liquid for each dish that wants some, in a tap. */
export function SetApart({ ml, onDone }: Props) {
  const { loaded, batch } = useOpenMeal();
  const { need } = useFigures().batchReckoning;
  const { volume } = useSaid();
  const dips = need.dishes.filter((dish) => dish.ml > 0);
  const wet = loaded.meal.dishes.filter(({ id }) => dips.some(({ dish }) => dish === id));
  if (dips.length === 0) return null;
  return (
    <p className={css.ways}>
      {dips.map(({ dish, name, ml: wanted }) => {
        const part = partName({ id: dish, name }, wet);
        return (
          <button
            key={dish}
            type="button"
            className="btn act"
            onClick={() => {
              editBatch(batch.id, 'setting some aside', (b) =>
                withSetApart(b, crypto.randomUUID(), part, Math.min(wanted, ml), dish),
              );
              onDone(part);
            }}
          >
            Set {volume(Math.min(wanted, ml))} apart as {part}
          </button>
        );
      })}
    </p>
  );
}
