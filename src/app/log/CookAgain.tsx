import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo, useState } from 'react';
import { platesIn } from '@/core/batch/index.ts';
import { againFor } from '@/core/log/index.ts';
import { reference } from '@/reference/index.ts';
import { loadMeal, mealAgain } from '@/store/meals.ts';
import { db } from '../data/db.ts';
import { onDisk } from '../data/memory.ts';
import { useSaid } from '../data/useSaid.ts';
import css from './log.module.scss';

interface Props {
  readonly meal: string;
  readonly onCooked: (made: { readonly mealId: string; readonly batchId: string }) => void;
}

/** A past meal as the start of the next, for as many as there are now: meat grows with them, steam does not. */
export function CookAgain({ meal, onCooked }: Props) {
  const said = useSaid();
  const loaded = useLiveQuery(() => loadMeal(db, meal), [meal]);
  const before = loaded ? platesIn(loaded.meal.dishes) : 0;
  const [typed, type] = useState<number>();
  const plates = typed ?? before;
  const change = useMemo(
    () => (loaded && plates > 0 ? againFor({ ...loaded, reference }, plates) : undefined),
    [loaded, plates],
  );
  if (!loaded) return <p className="quiet">One moment.</p>;
  const cook = () => {
    onDisk(() => mealAgain(db, meal, plates > 0 ? plates : undefined))
      .then((made) => made && onCooked(made))
      .catch(reportError);
  };
  return (
    <div className={css.again}>
      <button type="button" className="btn act is-first" onClick={cook}>
        Cook again {before > 0 ? 'for' : ''}
      </button>
      {before > 0 && (
        <>
          <button
            type="button"
            className="btn act"
            aria-label="One plate fewer"
            disabled={plates <= 1}
            onClick={() => type(plates - 1)}
          >
            −
          </button>
          <input
            className="write num"
            type="number"
            min={1}
            max={20_000}
            value={plates}
            aria-label="Plates"
            onChange={({ target }) => {
              const next = Math.round(Number(target.value));
              if (next >= 1 && next <= 20_000) type(next);
            }}
          />
          <button
            type="button"
            className="btn act"
            aria-label="One plate more"
            onClick={() => type(plates + 1)}
          >
            +
          </button>
        </>
      )}
      {change && (
        <p role="status">
          <b>
            {said.mass(change.after.rawG)} of meat
            {plates === before ? '' : `, was ${said.mass(change.before.rawG)}`}
          </b>
          <br />
          <span className="quiet">
            pour {said.volume(change.after.pouredMl)}; steam{' '}
            {plates === before
              ? said.volume(change.after.steamMl)
              : `${said.volume(change.before.steamMl)} then, ${said.volume(change.after.steamMl)} now`}
          </span>
        </p>
      )}
    </div>
  );
}
