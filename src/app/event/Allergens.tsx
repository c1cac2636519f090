import { useState } from 'react';
import { sittingOf, sittingsOf, type Avoidable } from '@/core/meal/index.ts';
import { allergensByDish, type DishAllergens } from '@/core/model/index.ts';
import { avoidableWords, containsWords, fromWords, GO_BY_LABEL, listed } from '@/words/index.ts';
import { saveFile } from '../browser/saveText.ts';
import { useOpenMeal } from '../open/MealContext.ts';
import { PdfButton } from '../parts/PdfButton.tsx';
import { Scrolls } from './Scrolls.tsx';

/** What each dish of the event holds, with the way it came, as the sheet that is printed; not before every label was read. */
export default function Allergens() {
  const { opened, loaded } = useOpenMeal();
  const { meal } = loaded;
  const pots = loaded.batches.length;
  const [shown, show] = useState<{ readonly dish: string; readonly what: Avoidable }>();
  const dishes = allergensByDish(opened.input);
  const columns = [
    ...new Set([
      ...(meal.avoid ?? []),
      ...dishes.flatMap(({ contains }) => contains.map(({ what }) => what)),
    ]),
  ];
  const unread = [
    ...new Set(dishes.flatMap(({ notKnown }) => notKnown.map((one) => fromWords([one], pots)))),
  ];
  const sittings = sittingsOf(meal);
  const pdf = async () => {
    const [{ allergenSheet }, { asPdf, paperFonts }] = await Promise.all([
      import('../paper/allergens.ts'),
      import('../paper/fonts.ts'),
    ]);
    const rows = dishes.map(({ name, contains }) => ({
      name,
      contains: containsWords({ contains }, pots),
      notKnown: '',
    }));
    saveFile(
      `${meal.name} allergens.pdf`,
      asPdf(allergenSheet(meal.name, rows, GO_BY_LABEL, await paperFonts())),
    );
  };
  const way = shown && wayOf(dishes, shown);
  return (
    <section aria-label="Allergens of the event">
      <h2>
        {unread.length > 0
          ? `Read ${unread.length === 1 ? 'one label' : `${String(unread.length)} labels`}, then print the allergens`
          : 'Allergens: every label was read'}
      </h2>
      {unread.length > 0 && (
        <p>
          Not read is not none: it is not known what {listed(unread)} {unread.length === 1 ? 'holds' : 'hold'}
          . Say it at the thing itself, in its pot or on its dish.
        </p>
      )}
      <Scrolls label="What each dish holds">
        <table className="table">
          <thead>
            <tr>
              <th scope="col">Dish</th>
              {columns.map((what) => (
                <th key={what} scope="col">
                  {avoidableWords(what)}
                  {meal.avoidFor?.[what] !== undefined && <small> for {meal.avoidFor[what]}</small>}
                </th>
              ))}
            </tr>
          </thead>
          {sittings.map((sitting) => (
            <tbody key={sitting.id}>
              {sittings.length > 1 && (
                <tr>
                  <th scope="rowgroup" colSpan={columns.length + 1} className="quiet">
                    {sitting.name}
                  </th>
                </tr>
              )}
              {dishes
                .filter(
                  ({ dish }) =>
                    sittingOf(meal.dishes.find(({ id }) => id === dish) ?? {}, meal) === sitting.id,
                )
                .map((dish) => (
                  <tr key={dish.dish}>
                    <th scope="row">{dish.name}</th>
                    {columns.map((what) => (
                      <td key={what}>
                        <Cell dish={dish} what={what} onShow={() => show({ dish: dish.dish, what })} />
                      </td>
                    ))}
                  </tr>
                ))}
            </tbody>
          ))}
        </table>
      </Scrolls>
      {way && (
        <p role="status">
          {avoidableWords(way.what)} in {way.name}: {fromWords(way.from, pots)}.
        </p>
      )}
      <p className="choices">
        <span className="quiet">{GO_BY_LABEL}</span>
        {unread.length === 0 && <PdfButton words="The sheet, PDF" write={pdf} />}
      </p>
    </section>
  );
}

function wayOf(
  dishes: readonly DishAllergens[],
  { dish: id, what }: { readonly dish: string; readonly what: Avoidable },
) {
  const dish = dishes.find((one) => one.dish === id);
  const found = dish?.contains.find((one) => one.what === what);
  return dish && found && { what, name: dish.name, from: found.from };
}

interface CellProps {
  readonly dish: DishAllergens;
  readonly what: Avoidable;
  readonly onShow: () => void;
}

function Cell({ dish, what, onShow }: CellProps) {
  if (dish.contains.some((one) => one.what === what))
    return (
      <button
        type="button"
        className="link"
        onClick={onShow}
        aria-label={`${avoidableWords(what)} in ${dish.name}: yes, by what?`}
      >
        yes
      </button>
    );
  const isUnsure = dish.notKnown.some(({ without }) => !without?.includes(what));
  return isUnsure ? <b>not read</b> : <span className="quiet">no</span>;
}
