import clsx from 'clsx';
import { ChevronDown, ChevronUp } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { NavLink, useLocation } from 'react-router';
import { type Stage, stages } from '@/core/meal/index.ts';
import { stageOfAct } from '@/core/reckoning/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { usePainted } from '../../browser/usePainted.ts';
import { Upright } from './Upright.tsx';
import { useShownStrands } from './useShownStrands.ts';
import css from './strip.module.scss';

const Lying = lazy(() => import('./Lying.tsx'));

/**
 * On a phone the strands lie on their side at the foot, with all eight stations in sight: the open one grows out of the sheet and
 * carries its figure, another only where something waits there. The open one stands the strands upright, in the sheet’s place.
 */
export function Strip() {
  const { loaded, batch } = useOpenMeal();
  const { batchReckoning } = useFigures();
  const { strands, stations, anything } = useShownStrands();
  const { pathname } = useLocation();
  const painted = usePainted();
  // Where they were stood up: at another station they lie again.
  const [uprightAt, setUprightAt] = useState<string>();
  const isUpright = uprightAt === pathname;
  const at = stages.find((stage) => pathname.endsWith(`/${stage}`));
  const waits = stageOfAct(batchReckoning.next);
  const to = (stage: Stage) => `/meals/${loaded.meal.id}/batches/${batch.id}/${stage}`;
  if (isUpright)
    return (
      <nav className={css.standing} aria-label="The strands and their stations">
        <Upright />
        <button type="button" className={css.back} onClick={() => setUprightAt(undefined)}>
          <ChevronDown size={18} aria-hidden /> back to the {at ?? 'sheet'}
        </button>
      </nav>
    );
  return (
    <nav className={css.strip} aria-label="The strands and their stations">
      {painted && anything && (
        <Suspense>
          <Lying strands={strands} />
        </Suspense>
      )}
      <ol className={css.stations}>
        {stages.map((stage) => {
          const { key, of } = stations[stage];
          const figure = (stage === at || (stage === waits && key !== '–')) && (
            <span className={css.key} data-flow={of}>
              {key}
            </span>
          );
          return (
            <li key={stage} className={clsx(stage === at && css.isOpen, stage === waits && css.waits)}>
              {stage === at ? (
                <button
                  type="button"
                  aria-current="page"
                  aria-expanded={false}
                  aria-label={`${stage} ${key}: the strands`}
                  onClick={() => setUprightAt(pathname)}
                >
                  <span>
                    {stage} <ChevronUp size={16} aria-hidden />
                  </span>
                  {figure}
                </button>
              ) : (
                <NavLink to={to(stage)}>
                  <span>{stage}</span>
                  {figure}
                </NavLink>
              )}
            </li>
          );
        })}
      </ol>
    </nav>
  );
}
