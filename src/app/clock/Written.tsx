import { openPhase } from '@/core/clock/index.ts';
import { writeMinutes } from '@/core/quantity/index.ts';
import { useOpenMeal } from '../data/MealContext.ts';
import { changeOpen } from './phaseEdits.ts';

/** Nobody sets a clock finer, min. */
const ROUND = 5;

/** A written time stands; beside it is the chance that it really gives, and the time that would do. */
export function Written() {
  const { batch, batchReckoning } = useOpenMeal();
  const { chance, writtenMin, min } = batchReckoning.ready;
  if (chance === null || writtenMin === null) return null;
  const late = min?.p90 === undefined ? undefined : Math.ceil(min.p90 / ROUND) * ROUND;
  const more = late === undefined ? 0 : late - writtenMin;
  const own = openPhase(batch.cook)?.minutes?.lo;
  const text = own === undefined ? '' : writeMinutes(own + more).value;
  return (
    <p>
      After {writeMinutes(writtenMin).value}, as you wrote, all is tender{' '}
      <b className="num">{Math.round(100 * chance)} in 100</b>
      {late !== undefined && more > ROUND && (
        <>
          ; 90 in 100 after {writeMinutes(late).value}.{' '}
          <button
            type="button"
            className="link"
            onClick={() => {
              const minutes = { text, lo: (own ?? 0) + more, hi: (own ?? 0) + more };
              changeOpen(batch.id, 'the time', (phase) => ({ ...phase, minutes }));
            }}
          >
            take {text}
          </button>
        </>
      )}
      {more <= ROUND && '.'}
    </p>
  );
}
