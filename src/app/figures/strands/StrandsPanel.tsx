import clsx from 'clsx';
import { lazy, Suspense, useState } from 'react';
import { NavLink } from 'react-router';
import { type Stage, stages } from '@/core/batch/index.ts';
import { strandsOf } from '@/core/ledger/index.ts';
import { useOpenMeal } from '../../data/MealContext.ts';
import { usePainted } from '../../data/usePainted.ts';
import { stationFigures } from './stationFigures.ts';
import css from './strands.module.scss';

// Drawn once the first picture stands; its curves would be a twelfth of what loads first.
const Ribbons = lazy(() => import('./Ribbons.tsx'));
const StrandsTable = lazy(() => import('./StrandsTable.tsx'));

/** Where the strands will stand. */
const place = <svg className={css.ribbons} aria-hidden />;

/** The strands of the open batch, and the eight stations that are the way through the work. */
export function StrandsPanel() {
  const open = useOpenMeal();
  const { loaded, batch, reckoning } = open;
  const [unrolled, setUnrolled] = useState(false);
  const [table, setTable] = useState(false);
  const strands = strandsOf(reckoning.ledger, batch.id);
  const painted = usePainted();
  const anything = strands.raw.grams > 0 || strands.pour.grams > 0 || reckoning.meal.needG > 0;
  const figures = stationFigures(open);
  const to = (stage: Stage) => `/meals/${loaded.meal.id}/batches/${batch.id}/${stage}`;
  return (
    <nav
      className={unrolled ? clsx(css.strands, css.isUnrolled) : css.strands}
      aria-label="The strands and their stations"
    >
      <ol className={css.stations}>
        {stages.map((stage) => (
          <li key={stage}>
            <NavLink to={to(stage)} className={({ isActive }) => (isActive ? css.isOpen : '')}>
              <span className={css.word}>{stage}</span>
              <span className={css.key}>{figures[stage].key}</span>
              <small>{figures[stage].under}</small>
            </NavLink>
          </li>
        ))}
      </ol>
      <button
        type="button"
        className={clsx('link', css.unroll)}
        aria-expanded={unrolled}
        onClick={() => {
          setUnrolled(!unrolled);
        }}
      >
        {unrolled ? 'fold the strands' : 'show the strands'}
      </button>
      <button
        type="button"
        className={clsx('link', css.strandsMore)}
        onClick={() => {
          setTable(true);
        }}
      >
        as a table
      </button>
      {painted && anything ? (
        <Suspense fallback={place}>
          <Ribbons strands={strands} />
        </Suspense>
      ) : (
        place
      )}
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
    </nav>
  );
}
