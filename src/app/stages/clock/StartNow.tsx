import { MINUTE_MS } from '@/core/quantity/index.ts';
import { lidOnAct } from '@/words/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { editBatch } from '../../open/edits/index.ts';
import { clockNow } from '../../browser/clock.ts';
import { askToNotify } from '../../browser/timers.ts';

/** The pot is hot: from here its minutes count, and forks have their place. */
export function StartNow() {
  const { batch } = useOpenMeal();
  return (
    <p className="asks">
      <button
        type="button"
        className="btn act"
        onClick={() => {
          askToNotify();
          const at = clockNow();
          editBatch(batch.id, 'the lid going on', (b) => ({ ...b, lidOn: at }));
        }}
      >
        {lidOnAct(batch.cook[0]?.heat)}
      </button>
      <button
        type="button"
        className="link"
        onClick={() => {
          askToNotify();
          const at = clockNow() - 30 * MINUTE_MS;
          editBatch(batch.id, 'the lid going on', (b) => ({ ...b, lidOn: at }));
        }}
      >
        it went on half an hour ago
      </button>
    </p>
  );
}
