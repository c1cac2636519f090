import { lazy, Suspense } from 'react';
import type { DayPlan } from '@/core/answers/index.ts';
import { crewWords, heatWords } from '@/words/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { useSettings } from '../../open/useSettings.ts';
import { HeatRow } from './HeatRow.tsx';
import { LidPhases } from './LidPhases.tsx';
import { OwnTasks } from './OwnTasks.tsx';
import { NewTimer } from './timers/NewTimer.tsx';
import { Rings } from './timers/Rings.tsx';
import { useCooks } from './useCooks.ts';
import { Who } from './Who.tsx';
import css from './clock.module.scss';

const TakeAlong = lazy(() => import('./takeAlong/TakeAlong.tsx'));

const folds = [
  { value: 'lid', words: 'heat and lid' },
  { value: 'who', words: 'crew and timing' },
  { value: 'tasks', words: 'more tasks' },
  { value: 'timer', words: 'what rings' },
  { value: 'take', words: 'calendar, paper' },
  { value: 'service', words: 'serve now' },
] as const;
export type Fold = (typeof folds)[number]['value'];

interface Props {
  readonly fold: Fold | undefined;
  readonly onFold: (fold: Fold | undefined) => void;
  /** The day as it is taken along; undefined: there is none. */
  readonly day: DayPlan | undefined;
  readonly whose: string | undefined;
}

/** What else can be done, in one row at the foot of the day, and what of it is open. */
export function Foot({ fold, onFold, day, whose }: Props) {
  const { batch, loaded } = useOpenMeal();
  const { hours } = useSettings();
  const cooks = useCooks();
  const isOn = batch.lidOn !== undefined;
  return (
    <>
      <p className={css.foot}>
        {folds
          .filter(({ value }) => value !== 'take' || day)
          .map(({ value, words }) => (
            <button
              key={value}
              type="button"
              className="link"
              aria-expanded={fold === value}
              onClick={() => {
                onFold(fold === value ? undefined : value);
              }}
            >
              {words}
            </button>
          ))}
      </p>
      {fold === undefined && (
        <p className={css.asItIs}>
          {isOn && <span>{heatWords(batch)}</span>}
          <span>
            {crewWords(
              loaded.meal.day,
              hours,
              cooks.map(({ name }) => name),
            )}
          </span>
        </p>
      )}
      {fold === 'lid' && (
        <>
          {isOn && <HeatRow />}
          <LidPhases />
        </>
      )}
      {fold === 'who' && <Who />}
      {fold === 'tasks' && <OwnTasks />}
      {fold === 'timer' && (
        <>
          <Rings />
          <NewTimer />
        </>
      )}
      {fold === 'take' && day && (
        <Suspense fallback={<p className="quiet">One moment.</p>}>
          <TakeAlong day={day} whose={whose} />
        </Suspense>
      )}
    </>
  );
}
