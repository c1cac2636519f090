import { useState } from 'react';
import { avoidable, type Avoidable, PIECES_MOST } from '@/core/batch/index.ts';
import { avoidableWords, problemWords } from '@/words/index.ts';
import { useOpenMeal } from '../data/MealContext.ts';
import { editMeal } from '../data/edits.ts';
import { FieldError } from '../parts/FieldError.tsx';
import css from './order.module.scss';

const said = (what: Avoidable, n: number | undefined) =>
  `${avoidableWords(what)}${n === undefined ? '' : ` (${String(n)})`}`;

/** What guests must not have: kept with the meal, and checked against every pot. */
export function Avoid() {
  const { loaded, reckoning } = useOpenMeal();
  const { meal } = loaded;
  // As one text, so that what was just ticked stands until the store says it too.
  const { avoid = [] } = meal;
  const [open, setOpen] = useState(avoid.length > 0);
  const turn = (what: Avoidable, on: boolean) => {
    editMeal(meal.id, `${avoidableWords(what)} for a guest`, ({ avoid: before = [], ...m }) => {
      const next = avoidable.filter((other) => (other === what ? on : before.includes(other)));
      return next.length > 0 ? { ...m, avoid: next } : m;
    });
  };
  const count = (what: Avoidable, text: string) => {
    const n = Math.min(PIECES_MOST, Math.round(Number(text.replace(/\D/g, ''))));
    editMeal(
      meal.id,
      `how many must not have ${avoidableWords(what)}`,
      ({ avoidFor: before = {}, ...m }) => {
        const { [what]: _, ...others } = before;
        return { ...m, avoidFor: n > 0 ? { ...others, [what]: n } : others };
      },
      `avoid ${what}`,
    );
  };
  const found = reckoning.problems.filter(({ guest }) => guest);
  return (
    <details
      className={css.avoid}
      open={open}
      onToggle={(event) => {
        setOpen(event.currentTarget.open);
      }}
    >
      <summary>
        {avoid.length > 0
          ? `A guest must not have ${avoid.map((what) => said(what, meal.avoidFor?.[what])).join(', ')}`
          : 'Guests who must not have something'}
      </summary>
      <div className="ticks">
        {avoidable.map((what) => (
          <label key={what}>
            <input
              type="checkbox"
              checked={avoid.includes(what)}
              onChange={(event) => {
                turn(what, event.target.checked);
              }}
            />
            {avoidableWords(what)}
            {avoid.includes(what) && (
              <input
                className="write num"
                size={3}
                inputMode="numeric"
                aria-label={`How many must not have ${avoidableWords(what)}`}
                placeholder="how many"
                value={meal.avoidFor?.[what] ?? ''}
                onChange={({ target }) => count(what, target.value)}
              />
            )}
          </label>
        ))}
      </div>
      {found.map(problemWords).map((words) => (
        <FieldError key={words}>{words}</FieldError>
      ))}
      {found.length > 0 && avoid.includes('heat') && (
        <p className="quiet">
          Set{' '}
          {meal.avoidFor?.heat === undefined
            ? 'their portions'
            : `${String(meal.avoidFor.heat)} mild portions`}{' '}
          apart before the chilli goes in.
        </p>
      )}
      {avoid.length > 0 && found.length === 0 && (
        <p className="quiet">Nothing in the pots is known to contain it. Go by the label.</p>
      )}
    </details>
  );
}
