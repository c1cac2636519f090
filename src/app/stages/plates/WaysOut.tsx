import { batchWithWay, isOfBatch, mealWithWay } from '@/core/plates/index.ts';
import type { Shares } from '@/core/answers/index.ts';
import { type Range } from '@/core/quantity/index.ts';
import { wayWords } from '@/words/index.ts';
import { editBatch, editMeal } from '../../open/edits/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { useSaid } from '../../open/useSaid.ts';
import css from './plates.module.scss';

interface Props {
  readonly shares: Shares;
  /** How surely the shred is known. */
  readonly shredG: Range;
  /** Which one is looked at: the drawing shows it before it is taken. */
  readonly onLook: (way: Shares['ways'][number] | undefined) => void;
}

/** What can be done about a shortage, or about what is over: each says what it does, and a tap does it. */
export function WaysOut({ shares, shredG, onLook }: Props) {
  const { loaded, batch } = useOpenMeal();
  const said = useSaid();
  if (shares.ways.length === 0) return null;
  const total = shares.dishes.reduce((sum, { of }) => sum + of, 0);
  const words = { ...said, rough: (grams: number) => said.rough(grams, shredG) };
  return (
    <ul className={css.ways} aria-label="Ways out">
      {shares.ways.map((way, i) => {
        const { act, does } = wayWords(way, total, words);
        return (
          <li key={act}>
            <button
              type="button"
              className={i === 0 ? css.isFirst : undefined}
              onFocus={() => onLook(way)}
              onBlur={() => onLook(undefined)}
              onPointerEnter={() => onLook(way)}
              onPointerLeave={() => onLook(undefined)}
              onClick={() => {
                onLook(undefined);
                if (isOfBatch(way))
                  editBatch(batch.id, act, (b) => batchWithWay(b, way, crypto.randomUUID()));
                else editMeal(loaded.meal.id, act, (meal) => mealWithWay(meal, way));
              }}
            >
              <b>{act}</b>
              <small>{does}</small>
            </button>
          </li>
        );
      })}
    </ul>
  );
}
