import type { DayPlan } from '@/core/answers/index.ts';
import { isPlaceEdit } from '@/core/meal/index.ts';
import { noPlaceWords, placeWayWords } from '@/words/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { takeWay } from '../../open/edits/index.ts';
import { instantOf } from '../../open/dayPlans.ts';
import { useAnswer } from '../../open/useAnswer.ts';
import { useWall } from '../../open/useWall.ts';
import { FieldError } from '../../parts/FieldError.tsx';
import css from './clock.module.scss';

/** Pots that have no place in the day, said first, with what was tried and would take them in: a tap takes it. */
export function NoPlace({ day, now }: { readonly day: DayPlan; readonly now: number }) {
  const { loaded } = useOpenMeal();
  const wall = useWall(day.zone);
  const { unplanned } = day;
  const { data: ways, isPlaceholderData: isOld } = useAnswer(
    'placeWays',
    { now: instantOf(now), zone: day.zone, batches: unplanned?.batches ?? [] },
    { enabled: unplanned !== undefined },
  );
  if (!unplanned) return null;
  const names = unplanned.batches.flatMap((id) => loaded.batches.find((one) => one.id === id)?.name ?? []);
  return (
    <div className="problem">
      <FieldError>{noPlaceWords(names, unplanned.of, unplanned.held)}</FieldError>
      {ways === undefined && <p className="quiet">Trying ways out.</p>}
      <ul className={css.placeWays} data-old={isOld || undefined}>
        {(ways ?? []).map(({ way, left, serving }) => {
          const words = placeWayWords(way, left, wall.moment(serving, now));
          return (
            <li key={way}>
              {isPlaceEdit(way) ? (
                <button
                  type="button"
                  onClick={() => takeWay(loaded.meal.id, unplanned.batches, way, loaded.kitchen)}
                >
                  {words} <b>Do that</b>
                </button>
              ) : (
                <span>{words}</span>
              )}
            </li>
          );
        })}
      </ul>
    </div>
  );
}
