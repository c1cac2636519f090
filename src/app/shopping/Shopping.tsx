import { isOpen, shoppingList } from '@/core/questions/index.ts';
import { openMeal } from '@/core/model/index.ts';
import { useState } from 'react';
import { reference } from '@/reference/index.ts';
import { canBeRead } from '../data/canBeRead.ts';
import { FieldError } from '../parts/FieldError.tsx';
import { saveText } from '../data/saveText.ts';
import { useAllMeals } from '../data/useAllMeals.ts';
import { useTicked } from '../data/useTicked.ts';
import { useSettings } from '../data/useSettings.ts';
import { Top } from '../shell/Top.tsx';
import { useDocumentTitle } from '../shell/useDocumentTitle.ts';
import { ListLine } from './ListLine.tsx';
import css from './shopping.module.scss';

/** What all open meals want from the shop, by section, rounded up to whole packs. */
export default function Shopping() {
  useDocumentTitle('shopping list');
  const meals = useAllMeals();
  const units = useSettings();
  const [opened] = useState(() => Date.now());
  const [left, leave] = useState<ReadonlySet<string>>(new Set());
  const got = useTicked();
  const damaged = meals?.filter((meal) => !canBeRead(meal)) ?? [];
  const open = meals?.filter((meal) => canBeRead(meal) && isOpen(meal.meal, opened)) ?? [];
  const chosen = open.filter(({ meal }) => !left.has(meal.id));
  const list = shoppingList(chosen.map((meal) => openMeal({ ...meal, reference })));
  const sections = [...new Set(list.map(({ section }) => section))];
  const turn = (set: ReadonlySet<string>, key: string) => {
    const next = new Set(set);
    if (!next.delete(key)) next.add(key);
    return next;
  };
  const csv = async () => {
    const { default: papa } = await import('papaparse');
    const rows = list.map((line) => ({
      section: line.section,
      what: line.name,
      amount: Math.round(line.amount),
      unit: line.measure === 'count' ? 'pieces' : 'g',
      packs: line.packs?.count ?? '',
      pack: line.packs?.each ?? '',
      for: line.meals.join('; '),
    }));
    saveText('shopping-list.csv', papa.unparse(rows, { escapeFormulae: true }), 'text/csv');
  };
  return (
    <div className="frame">
      <Top />
      <main id="sheet" className="sheet is-wide shopping" tabIndex={-1}>
        <div className="line">
          <h1>Shopping list</h1>
          <span className={css.noPrint}>
            <button type="button" className="btn act" onClick={() => window.print()}>
              Print
            </button>{' '}
            <button
              type="button"
              className="btn act"
              onClick={() => {
                csv().catch((error: unknown) => {
                  reportError(error);
                });
              }}
            >
              Save as CSV
            </button>
          </span>
        </div>
        {open.length > 1 && (
          <div className="ticks">
            {open.map(({ meal }) => (
              <label key={meal.id}>
                <input
                  type="checkbox"
                  checked={!left.has(meal.id)}
                  onChange={() => {
                    leave(turn(left, meal.id));
                  }}
                />
                {meal.name}
              </label>
            ))}
          </div>
        )}
        {damaged.map(({ meal }) => (
          <FieldError key={meal.id}>“{meal.name}” cannot be read and is left out.</FieldError>
        ))}
        {open.length === 1 && <p className="quiet">For {open[0]?.meal.name}.</p>}
        {meals && list.length === 0 && (
          <p className="nothing">Nothing is wanted: no open meal has a lot with a weight and a cut yet.</p>
        )}
        <div className={css.shelves}>
          {sections.map((section) => (
            <section key={section} aria-label={section}>
              <h2>{section}</h2>
              <ul>
                {list
                  .filter((line) => line.section === section)
                  .map((line) => (
                    <ListLine key={line.name} line={line} got={got} units={units} />
                  ))}
              </ul>
            </section>
          ))}
        </div>
      </main>
    </div>
  );
}
