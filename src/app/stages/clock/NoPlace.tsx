import type { DayPlan } from '@/core/answers/index.ts';
import { isPlaceEdit } from '@/core/meal/index.ts';
import { noPlaceWords, placeWayWords } from '@/words/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { takeWay } from '../../open/edits/index.ts';
import { instantOf } from '../../open/dayPlans.ts';
import { useAnswer } from '../../open/useAnswer.ts';
import { useWall } from '../../open/useWall.ts';
import { FieldError } from '../../parts/FieldError.tsx';

/** Pots that have no place in the day, said first, with what was tried and would take them in. */
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
      {(ways ?? []).map(({ way, left, serving }) => (
        <p key={way} className="quiet" data-old={isOld || undefined}>
          {placeWayWords(way, left, wall.moment(serving, now))}{' '}
          {isPlaceEdit(way) && (
            <button
              type="button"
              className="btn btn-sm act"
              onClick={() => takeWay(loaded.meal.id, unplanned.batches, way, loaded.kitchen)}
            >
              Do that
            </button>
          )}
        </p>
      ))}
    </div>
  );
}
