import { useState } from 'react';
import { avoidable, type Avoidable, PIECES_MOST } from '@/core/meal/index.ts';
import type { Quantity } from '@/core/quantity/index.ts';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import { avoidableWords, problemWords } from '@/words/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { editMeal } from '../../open/edits/index.ts';
import { FieldError } from '../../parts/FieldError.tsx';
import css from './order.module.scss';

const counted = (n: number | undefined): Quantity | undefined =>
  n === undefined ? undefined : { text: String(n), lo: n, hi: n };

const said = (what: Avoidable, n: number | undefined) =>
  `${avoidableWords(what)}${n === undefined ? '' : ` (${String(n)})`}`;

/** What guests must not have: kept with the meal, and checked against every pot. */
export function Avoid() {
  const { loaded } = useOpenMeal();
  const { reckoning } = useFigures();
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
  const count = (what: Avoidable, { lo: n = 0, text }: Quantity) => {
    // What cannot be read yet changes nothing.
    if ((n < 1 && text !== '') || n > PIECES_MOST) return;
    editMeal(
      meal.id,
      `how many must not have ${avoidableWords(what)}`,
      ({ avoidFor: before = {}, ...m }) => {
        const { [what]: _, ...others } = before;
        return { ...m, avoidFor: n < 1 ? others : { ...others, [what]: Math.round(n) } };
      },
      `avoid ${what}`,
    );
  };
  // What is on a dish stands on its ticket.
  const all = reckoning.problems.filter(({ guest }) => guest);
  const found = all.filter(({ dish }) => dish === undefined);
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
          <span key={what}>
            <label>
              <input
                type="checkbox"
                checked={avoid.includes(what)}
                onChange={(event) => {
                  turn(what, event.target.checked);
                }}
              />
              {avoidableWords(what)}
            </label>
            {avoid.includes(what) && (
              <QuantityField
                label={`How many must not have ${avoidableWords(what)}`}
                hidden
                quantity={counted(meal.avoidFor?.[what])}
                measure="count"
                placeholder="how many"
                chars={8}
                onChange={(quantity) => count(what, quantity)}
              />
            )}
          </span>
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
      {avoid.length > 0 && all.length === 0 && (
        <p className="quiet">Nothing in the pots or on the dishes is known to contain it. Go by the label.</p>
      )}
    </details>
  );
}
