import type { Line } from '@/core/day/index.ts';
import { momentOf, wallTimeOf } from '@/core/clock/index.ts';
import { doingWords } from '@/words/index.ts';
import { useOpenMeal } from '../../data/MealContext.ts';
import { editDay, editMeal, weigh } from '../../data/edits.ts';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import { WallField } from '../../parts/fields/WallField.tsx';
import { startTimer } from '../timers/timers.ts';
import { pinTask, unpinTask } from './pin.ts';
import { useWall } from '../../data/useWall.ts';

/** One task, opened: when, how long, done, and a timer on it. */
export function LineDetails({ line, zone }: { readonly line: Line; readonly zone: string }) {
  const { loaded, batch } = useOpenMeal();
  const { meal } = loaded;
  const wall = useWall(zone);
  const { ref, task, from, to, minutes, pinned, single } = line;
  const own = ref.kind === 'own' ? ref.own : undefined;
  return (
    <div className="choices">
      <span className="num">
        {wall.clock(from)} to {wall.clock(to)}
      </span>
      <WallField
        label="Starts"
        value={wallTimeOf(from, zone).local}
        onChange={(local) => {
          const moment = momentOf({ local, zone });
          if (moment !== undefined) pinTask(meal.id, task, moment, line);
        }}
      />
      {pinned && (
        <button type="button" className="link" onClick={() => unpinTask(meal.id, task)}>
          time it for me
        </button>
      )}
      {single && (
        <QuantityField
          label="Takes here"
          quantity={meal.day?.minutes?.[task]}
          measure="duration"
          placeholder={`${Math.round(minutes)} min`}
          chars={8}
          onChange={(quantity) => {
            editDay(
              meal.id,
              'how long a task takes',
              (day) => {
                const { [task]: _, ...others } = day.minutes ?? {};
                return { ...day, minutes: quantity.text === '' ? others : { ...others, [task]: quantity } };
              },
              `minutes ${task}`,
            );
          }}
        />
      )}
      {minutes >= 5 && (
        <button
          type="button"
          className="btn btn-sm act"
          onClick={() => startTimer(doingWords(line.does), minutes)}
        >
          Timer, {Math.round(minutes)} min
        </button>
      )}
      <button
        type="button"
        className="btn btn-sm act"
        onClick={() => {
          weigh(meal.id, 'a task that is done', {
            batch: line.batch ?? batch.id,
            measures: { what: 'done', task },
            value: { text: 'done' },
            measure: 'time',
          });
        }}
      >
        Done
      </button>
      {own !== undefined && (
        <button
          type="button"
          className="link"
          onClick={() => {
            editMeal(meal.id, 'removing a task', (m) => ({
              ...m,
              day: { ...m.day, tasks: (m.day?.tasks ?? []).filter((one) => one.id !== own) },
            }));
          }}
        >
          remove it
        </button>
      )}
    </div>
  );
}
