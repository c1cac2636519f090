import { useMemo, useState } from 'react';
import { platesIn } from '@/core/meal/index.ts';
import { takesFor } from '@/core/log/index.ts';
import { reference } from '@/reference/index.ts';
import { loadMeal, mealAgain } from '@/store/meals.ts';
import { db } from '../../browser/db.ts';
import { onDisk } from '../../open/memory.ts';
import { useSaid } from '../../open/useSaid.ts';
import { FieldError } from '../../parts/FieldError.tsx';
import css from './log.module.scss';
import { useStored } from '../../browser/useStored.ts';

interface Props {
  readonly meal: string;
  /** What went wrong then. */
  readonly lastTime: string;
  readonly onCooked: (made: { readonly mealId: string; readonly batchId: string }) => void;
}

const MOST = 20_000;

/** A past meal as the start of the next, for as many as there are now: meat grows with them, steam does not. */
export function CookAgain({ meal, lastTime, onCooked }: Props) {
  const said = useSaid();
  const loaded = useStored(['meal', meal], () => loadMeal(db, meal));
  const before = loaded ? platesIn(loaded.meal.dishes) : 0;
  // What is typed stands in the field, also while it is no number of plates yet.
  const [typed, type] = useState<string>();
  const read = Number(typed ?? before);
  const isRead = Number.isInteger(read) && read >= 1 && read <= MOST;
  const plates = isRead ? read : before;
  const change = useMemo(
    () => (loaded && plates > 0 ? takesFor({ ...loaded, reference }, plates) : undefined),
    [loaded, plates],
  );
  if (!loaded) return <p className="quiet">One moment.</p>;
  const cook = () => {
    onDisk(() => mealAgain(db, meal, { plates: plates > 0 ? plates : undefined, lastTime }))
      .then((made) => made && onCooked(made))
      .catch(reportError);
  };
  return (
    <div className={css.again}>
      <button type="button" className="btn act is-first" disabled={before > 0 && !isRead} onClick={cook}>
        Cook again {before > 0 ? 'for' : ''}
      </button>
      {before > 0 && (
        <>
          <button
            type="button"
            className="btn act"
            aria-label="One plate fewer"
            disabled={plates <= 1}
            onClick={() => type(String(plates - 1))}
          >
            −
          </button>
          <input
            className="write num"
            inputMode="numeric"
            value={typed ?? String(before)}
            aria-invalid={!isRead}
            aria-label="Plates"
            onChange={({ target }) => type(target.value)}
          />
          <button
            type="button"
            className="btn act"
            aria-label="One plate more"
            onClick={() => type(String(plates + 1))}
          >
            +
          </button>
        </>
      )}
      {!isRead && <FieldError>“{typed}” is not a number of plates.</FieldError>}
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
