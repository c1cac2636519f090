import { writeMinutes } from '@/core/quantity/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { changeOpen } from './phaseEdits.ts';

/** A written time stands; beside it is the chance that it really gives, and the time that would do. */
export function Written() {
  const { batch } = useOpenMeal();
  const { batchReckoning } = useFigures();
  const { written } = batchReckoning.ready;
  // Without a heat nobody knows what it gives.
  if (!written || written.chance === null) return null;
  const { minutes, from, outThen, chance, ifNotMin, surer } = written;
  const text = surer && writeMinutes(surer.phaseMinutes).value;
  return (
    <p>
      {from !== null && `You look from ${writeMinutes(from).value}. `}
      After {writeMinutes(minutes).value}, as you wrote, all is tender{' '}
      <b className="num">{Math.round(100 * chance)} in 100</b>
      {surer ? <>; 90 in 100 after {writeMinutes(surer.minutes).value}. </> : '.'}
      {surer && text !== null && (
        <button
          type="button"
          className="link"
          onClick={() => {
            const longer = { text, lo: surer.phaseMinutes, hi: surer.phaseMinutes };
            changeOpen(batch.id, 'the time', (phase) => ({ ...phase, minutes: longer }));
          }}
        >
          take {text}
        </button>
      )}
      {outThen && ' It comes out then: what is not tender is chopped, sliced or put back.'}
      {ifNotMin !== null &&
        ` If it is not, it goes on: as likely as not ${writeMinutes(ifNotMin).value} more; or serve what is tender.`}
    </p>
  );
}
