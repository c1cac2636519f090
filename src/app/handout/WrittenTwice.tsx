import { useMemo } from 'react';
import { type HeldField, type JudgedValue, judgedValues, type Place, placeOf } from '@/core/handout/index.ts';
import { undecided } from '@/core/meal/index.ts';
import { dishName } from '@/core/order/index.ts';
import { actWords, capital, heldTitle, judgedWords, shortName, valueWords } from '@/words/index.ts';
import { chooseHeld } from '../open/edits/handout.ts';
import { useFigures, useOpenMeal } from '../open/MealContext.ts';
import { useSaid } from '../open/useSaid.ts';
import css from './handout.module.scss';

const named = <T extends { readonly id: string }>(
  all: readonly T[] | undefined,
  id: string,
  name: (one: T) => string | undefined,
): string | undefined => {
  const found = all?.find((one) => one.id === id);
  return found && name(found);
};

/** What a field is of, by its name. */
function useNameOf(): (place: Place) => string {
  const { loaded, opened } = useOpenMeal();
  const { reckoning } = useFigures();
  const { meal, batches } = loaded;
  return ({ what, id, pot }) => {
    const batch = batches.find((one) => one.id === pot);
    const { ingredients } = opened.input.reference;
    const names: Readonly<Record<Place['what'], () => string | undefined>> = {
      meal: () => meal.name || undefined,
      dish: () => named(meal.dishes, id, dishName),
      sitting: () => named(meal.sittings, id, ({ name }) => name),
      pot: () => batch?.name,
      lot: () =>
        named(
          reckoning.batches.flatMap(({ lots }) => lots.map((lot) => ({ id: lot.lot, name: lot.name }))),
          id,
          ({ name }) => shortName(name),
        ),
      item: () =>
        named(batch?.items, id, ({ ref }) => named(ingredients, ref, ({ name }) => shortName(name))),
      step: () => named(batch?.after, id, (step) => actWords(step.what)),
      phase: () => 'a phase',
    };
    const within = batch && what !== 'pot' ? ` in ${batch.name}` : '';
    return `${names[what]() ?? `the ${what}`}${within}`;
  };
}

/** Fields that two copies of the meal have written otherwise: one at a time, each value as the ledger judges it. */
export function WrittenTwice() {
  const { loaded } = useOpenMeal();
  const nameOf = useNameOf();
  const [first, ...more] = undecided(loaded);
  if (!first) return null;
  const place = placeOf(first, loaded.meal.id);
  return (
    <div className={css.clash} role="group" aria-label="Written twice">
      <h3>{heldTitle(place.field, nameOf(place))}</h3>
      {more.length > 0 && <p className="quiet">{more.length} more after it</p>}
      <Sides held={first} />
    </div>
  );
}

function Sides({ held }: { readonly held: HeldField }) {
  const { loaded, opened } = useOpenMeal();
  const said = useSaid();
  const sides = useMemo(() => judgedValues(opened, held), [opened, held]);
  const words = ({ value }: JudgedValue) => valueWords(value);
  return (
    <ul>
      {sides.map((side) => (
        <li key={JSON.stringify(side.value)}>
          <button
            type="button"
            className="btn act"
            onClick={() => {
              chooseHeld(loaded.meal.id, side.chosen, words(side)).catch(reportError);
            }}
          >
            {capital(words(side))}
          </button>{' '}
          <span>{capital(judgedWords(side, said))}.</span>
        </li>
      ))}
    </ul>
  );
}
