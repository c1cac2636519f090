import { useState } from 'react';
import type { Shelvable } from '@/core/answers/index.ts';
import { places, type ShelfPlace } from '@/core/meal/index.ts';
import { placeWords } from '@/words/index.ts';
import { clockNow } from '../browser/clock.ts';
import { editShelf } from '../open/edits/index.ts';
import { useOpenMeal } from '../open/MealContext.ts';
import { useBoxing } from '../open/useBoxing.ts';
import { OneOfField } from './fields/OneOfField.tsx';

interface Props {
  /** What is not on the shelf yet. */
  readonly open: readonly Shelvable[];
  readonly label: string;
  /** Names the act. */
  readonly words: string;
}

/** All that is left goes to one place in one act; what goes elsewhere is put there by itself first. */
export function PutAll({ open, label, words }: Props) {
  const { meal } = useOpenMeal().loaded;
  const [place, setPlace] = useState<ShelfPlace>('fridge');
  const box = useBoxing();
  const put = () => {
    const at = clockNow();
    editShelf(words, (all) => [...all, ...open.map((one) => box(one, { place, at }))], meal.id);
  };
  return (
    <p className="choices">
      <OneOfField
        label={label}
        among={places}
        value={place}
        say={(to) => placeWords[to]}
        onChoose={setPlace}
      />
      <button type="button" className="btn act" onClick={put}>
        Put all there
      </button>
    </p>
  );
}
