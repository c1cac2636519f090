import clsx from 'clsx';
import { lazy, Suspense, useEffect, useRef, useState } from 'react';
import { NavLink, useParams } from 'react-router';
import { type Stage, stages } from '@/core/meal/index.ts';
import { strandsOf } from '@/core/ledger/index.ts';
import { MealProvider, useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { useExample } from '../../open/useExample.ts';
import { usePainted } from '../../browser/usePainted.ts';
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
  const figures = useFigures();
  const { loaded, batch } = open;
  // Where nothing is written the example of the placeholders is drawn, pale.
  const example = useExample(open);
  const shown = example ?? { open, figures };
  const { reckoning } = shown.figures;
  const [unrolled, setUnrolled] = useState(false);
  const [table, setTable] = useState(false);
  const strands = strandsOf(reckoning.ledger, shown.open.batch.id);
  const painted = usePainted();
  const anything = strands.raw.grams > 0 || strands.pour.grams > 0 || reckoning.meal.needG > 0;
  const stations = stationFigures(shown.open, shown.figures);
  const strip = useRef<HTMLOListElement>(null);
  const { stage: at } = useParams();
  // On a phone the stations are a strip: the open one is in sight.
  useEffect(() => {
    const open = strip.current?.querySelector('[aria-current="page"]');
    if (innerWidth <= 900) open?.scrollIntoView({ inline: 'center', block: 'nearest' });
  }, [at]);
  const to = (stage: Stage) => `/meals/${loaded.meal.id}/batches/${batch.id}/${stage}`;
  return (
    <nav
      className={clsx(css.strands, unrolled && css.isUnrolled, example && css.isExample)}
      aria-label="The strands and their stations"
    >
      <ol className={css.stations} ref={strip}>
        {stages.map((stage) => (
          <li key={stage}>
            <NavLink to={to(stage)} className={({ isActive }) => (isActive ? css.isOpen : '')}>
              <span className={css.word}>{stage}</span>
              <span className={css.key} data-flow={stations[stage].of}>
                {stations[stage].key}
              </span>
              <small>{stations[stage].under}</small>
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
        {unrolled ? 'hide the strands' : 'show the strands'}
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
          <MealProvider open={shown.open} figures={shown.figures}>
            <Ribbons strands={strands} />
          </MealProvider>
        </Suspense>
      ) : (
        place
      )}
      {example && <p className={css.exampleWords}>2.4 kg, blade, 24 tacos: an example</p>}
      {figures.working && (
        <p className={css.working} role="status">
          working it out
        </p>
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
