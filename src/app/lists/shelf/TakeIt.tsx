import { type Ref, useState } from 'react';
import type { ShelfItem } from '@/core/meal/index.ts';
import { asIngredient, gramsLeft, mustNot, withGone } from '@/core/keep/index.ts';
import { itemsOf } from '@/core/pot/index.ts';
import { avoidableWords } from '@/words/index.ts';
import { clockNow } from '../../browser/clock.ts';
import { takeFromShelf } from '../../open/edits/index.ts';
import { useOpenBatches } from './useOpenBatches.ts';
import { FieldError } from '../../parts/FieldError.tsx';
import { SelectField } from '../../parts/fields/SelectField.tsx';
import css from './shelf.module.scss';

interface Props {
  readonly item: ShelfItem;
  /** The board's keys press it. */
  readonly button: Ref<HTMLButtonElement>;
}

/** Takes what is on the shelf into a pot that is still open: its salt, fat and allergens come with it. */
export function TakeIt({ item, button }: Props) {
  const open = useOpenBatches();
  const [batchId, setBatchId] = useState('');
  const [asking, setAsking] = useState(false);
  const into = open.find(({ batch }) => batch.id === batchId) ?? open[0];
  if (!into) return null;
  const harms = mustNot(item, into.meal.avoid);
  return (
    <>
      {open.length > 1 && (
        <SelectField label="into" hidden value={into.batch.id} onChoose={setBatchId}>
          {open.map(({ batch, meal }) => (
            <option key={batch.id} value={batch.id}>
              {meal.name}: {batch.name}
            </option>
          ))}
        </SelectField>
      )}
      <button
        ref={button}
        type="button"
        className="btn act is-first"
        onClick={() => {
          if (harms.length > 0 && !asking) {
            setAsking(true);
            return;
          }
          setAsking(false);
          takeFromShelf({
            mealId: into.meal.id,
            batchId: into.batch.id,
            words: `${item.name}, into ${into.batch.name}`,
            ingredient: asIngredient(item, clockNow()),
            grams: gramsLeft(item),
            usual: itemsOf(into.batch),
            left: withGone(item, { how: 'taken', at: clockNow(), meal: into.meal.id }),
          });
        }}
      >
        {asking ? 'Use it all the same' : `Use it for ${into.batch.name}`}
      </button>
      {asking && (
        <span className={css.harm}>
          <FieldError>
            A guest of {into.meal.name} must not have {harms.map(avoidableWords).join(' or ')}; this contains
            it.
          </FieldError>
        </span>
      )}
    </>
  );
}
