import { lazy, Suspense, useState } from 'react';
import { NavLink } from 'react-router';
import { stages, type Stage } from '@/core/batch/stages.ts';
import { strandsOf } from '@/core/reckoning/pictures/strands.ts';
import { useOpenMeal } from '../../data/MealContext.ts';
import { usePainted } from '../../data/usePainted.ts';
import { stationFigures } from './stationFigures.ts';
import { Ribbons } from './Ribbons.tsx';

const StrandsTable = lazy(() => import('./StrandsTable.tsx'));

/** The strands of the open batch, and the eight stations that are the way through the work. */
export function StrandsPanel() {
  const open = useOpenMeal();
  const { loaded, batch, reckoning } = open;
  const [unrolled, setUnrolled] = useState(false);
  const [table, setTable] = useState(false);
  const strands = strandsOf(reckoning.ledger, batch.id);
  const painted = usePainted();
  const figures = stationFigures(open);
  const to = (stage: Stage) => `/meals/${loaded.meal.id}/batches/${batch.id}/${stage}`;
  return (
    <nav className={unrolled ? 'strands is-unrolled' : 'strands'} aria-label="The strands and their stations">
      <ol className="stations">
        {stages.map((stage) => (
          <li key={stage}>
            <NavLink to={to(stage)} className={({ isActive }) => (isActive ? 'is-open' : '')}>
              <span className="word">{stage}</span>
              <span className="key">{figures[stage].key}</span>
              <small>{figures[stage].under}</small>
            </NavLink>
          </li>
        ))}
      </ol>
      <button
        type="button"
        className="link unroll"
        aria-expanded={unrolled}
        onClick={() => {
          setUnrolled(!unrolled);
        }}
      >
        {unrolled ? 'fold the strands' : 'show the strands'}
      </button>
      <button
        type="button"
        className="link strands-more"
        onClick={() => {
          setTable(true);
        }}
      >
        in words
      </button>
      {painted && <Ribbons strands={strands} />}
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
