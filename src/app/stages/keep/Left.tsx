import { useState } from 'react';
import { places, type ShelfItem, type ShelfPlace } from '@/core/meal/index.ts';
import { bestBefore, heldInBox, keepDays } from '@/core/keep/index.ts';
import { cookedAt, type Shelvable } from '@/core/answers/index.ts';
import { writeMass, writeVolume } from '@/core/quantity/index.ts';
import { holdsWords, placeWords } from '@/words/index.ts';
import { clockNow } from '../../browser/clock.ts';
import { editShelf } from '../../open/edits/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { useShelf } from '../../lists/data/useShelf.ts';
import { PutAll } from '../../parts/PutAll.tsx';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import { OneOfField } from '../../parts/fields/OneOfField.tsx';
import { dayWords } from '../../parts/dayWords.ts';
import { boxedAs, useBoxing } from '../../open/useBoxing.ts';
import { zoneHere } from '../../open/useWall.ts';
import css from './keep.module.scss';

/** What is left of this pot, each with the place it goes to; a tap puts it on the shelf, another all of it. */
export function Left({ left }: { readonly left: readonly Shelvable[] }) {
  const shelf = useShelf();
  const there = new Set(shelf.map(boxedAs));
  if (left.length === 0) return <p className="quiet">Nothing of this pot is left to pack.</p>;
  const open = left.filter((one) => !there.has(boxedAs(one)));
  return (
    <>
      <ul className={css.left}>
        {left.map((one) => (
          <LeftRow key={boxedAs(one)} one={one} isThere={there.has(boxedAs(one))} of={flowOf(one, left)} />
        ))}
      </ul>
      {open.length > 1 && <PutAll open={open} label="or all of it to the" words="all of it, to the shelf" />}
    </>
  );
}

/** The flow that is left of it; of a pot with several liquids each has its own. */
const flowOf = ({ what, ml, liquid }: Shelvable, all: readonly Shelvable[]): string =>
  ml !== undefined
    ? `ml left${all.filter((one) => one.ml !== undefined).length > 1 ? ` of ${liquid ?? 'pot'}` : ''}`
    : what === 'shred'
      ? 'keptShred'
      : `${what} left`;

interface RowProps {
  readonly one: Shelvable;
  readonly isThere: boolean;
  readonly of: string;
}

function LeftRow({ one, isThere, of }: RowProps) {
  const { loaded, units, opened, batch } = useOpenMeal();
  const [place, setPlace] = useState<ShelfPlace>('fridge');
  const [boxes, setBoxes] = useState<number>();
  const { value, unit } =
    one.ml !== undefined ? writeVolume({ mid: one.ml }, units) : writeMass(one.grams, units);
  const now = clockNow();
  const zone = loaded.meal.serving?.zone ?? zoneHere();
  const box = useBoxing();
  const item = (at: number): ShelfItem => box(one, { place, at, boxes });
  const isCooked = cookedAt(opened, batch.id, now) !== undefined;
  return (
    <li>
      <b className="num" data-flow={of}>
        {value} {unit}
      </b>
      <span>
        {one.name}
        <small>
          {!isCooked
            ? `keeps ${String(keepDays({ what: one.what, place }, loaded.kitchen))} days once it is cooked`
            : `use by ${dayWords(bestBefore(item(now), loaded.kitchen), zone)}`}
          {holdsWords(heldInBox(item(now))).map((word) => ` · ${word}`)}
        </small>
      </span>
      {isThere ? (
        <span className="quiet">on the shelf</span>
      ) : (
        <>
          <QuantityField
            label="boxes"
            quantity={undefined}
            measure="count"
            placeholder="1"
            chars={4}
            onChange={({ lo }) => setBoxes(lo === undefined ? undefined : Math.max(1, Math.round(lo)))}
          />
          <OneOfField
            label="to the"
            among={places}
            value={place}
            say={(to) => placeWords[to]}
            onChoose={setPlace}
          />
          <button
            type="button"
            className="btn act"
            onClick={() =>
              editShelf(`${one.name}, to the shelf`, (all) => [...all, item(clockNow())], loaded.meal.id)
            }
          >
            Put it there
          </button>
        </>
      )}
    </li>
  );
}
