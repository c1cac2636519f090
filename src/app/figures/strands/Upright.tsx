import clsx from 'clsx';
import { lazy, Suspense, useState } from 'react';
import { NavLink } from 'react-router';
import { type Stage, stages } from '@/core/meal/index.ts';
import { MealProvider, useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { usePainted } from '../../browser/usePainted.ts';
import { ROWS } from './rows.ts';
import { useShownStrands } from './useShownStrands.ts';
import css from './strands.module.scss';

// Drawn once the first picture stands; its curves would be a twelfth of what loads first.
const Ribbons = lazy(() => import('./Ribbons.tsx'));
const StrandsTable = lazy(() => import('./StrandsTable.tsx'));

/** Where the strands will stand. */
const place = <svg className={css.ribbons} aria-hidden />;

/** What belongs to the whole meal stands on another ground than what is of this pot. */
const ofMeal: ReadonlySet<Stage> = new Set(['order', 'plates', 'keep']);

/** The strands from the top down, with their stations. */
export function Upright() {
  const { loaded, batch } = useOpenMeal();
  const { working } = useFigures();
  const { open, figures, isExample, strands, stations, anything } = useShownStrands();
  const [table, setTable] = useState(false);
  const painted = usePainted();
  const to = (stage: Stage) => `/meals/${loaded.meal.id}/batches/${batch.id}/${stage}`;
  return (
    <div className={clsx(css.upright, isExample && css.isExample)}>
      <ol className={css.stations} style={{ gridTemplateRows: ROWS }}>
        {stages.map((stage) => (
          <li key={stage} className={clsx(ofMeal.has(stage) && css.ofMeal)}>
            <NavLink to={to(stage)} className={({ isActive }) => (isActive ? css.isOpen : '')}>
              <span className={css.word}>{stage}</span>
              <span className={css.key} data-flow={stations[stage].of}>
                {stations[stage].key}
              </span>
              <small>{stations[stage].under}</small>
            </NavLink>
            {stage === 'order' && anything && (
              <small className={css.scope} title={loaded.meal.name}>
                the meal: <b>{loaded.meal.name}</b>
              </small>
            )}
            {stage === 'meat' && working && (
              <small className={css.working} role="status">
                working it out
              </small>
            )}
            {stage === 'meat' && anything && (
              <small className={css.scope} title={batch.name}>
                {isExample ? 'an example' : 'this pot'}: <b>{isExample ? EXAMPLE : batch.name}</b>
              </small>
            )}
          </li>
        ))}
      </ol>
      {painted && anything ? (
        <Suspense fallback={place}>
          <MealProvider open={open} figures={figures}>
            <Ribbons strands={strands} />
          </MealProvider>
        </Suspense>
      ) : (
        place
      )}
      <button
        type="button"
        className={clsx('link', css.strandsMore)}
        onClick={() => {
          setTable(true);
        }}
      >
        as a table
      </button>
      {table && (
        <Suspense>
          <StrandsTable
            strands={strands}
            onClose={() => {
              setTable(false);
            }}
          />
        </Suspense>
      )}
    </div>
  );
}

const EXAMPLE = '2.4 kg, blade, 24 tacos';
