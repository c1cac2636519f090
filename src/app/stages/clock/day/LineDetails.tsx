import { useState } from 'react';
import { doneAs, type Line } from '@/core/day/index.ts';
import { minutesHere } from '@/core/log/index.ts';
import { type AnyReading, MINUTE_MS, type Quantity, readAny } from '@/core/quantity/index.ts';
import { momentOf, wallTimeOf } from '@/core/clock/index.ts';
import { doingWords, fromBatches } from '@/words/index.ts';
import { clockNow } from '../../../browser/clock.ts';
import { useOpenMeal } from '../../../open/MealContext.ts';
import { editDay, editMeal, weigh } from '../../../open/edits/index.ts';
import { Cautions } from '../../../parts/Cautions.tsx';
import { QuantityField } from '../../../parts/fields/QuantityField.tsx';
import { WallField } from '../../../parts/fields/WallField.tsx';
import { startTimer } from '../../../browser/timers.ts';
import { GiveTo } from './GiveTo.tsx';
import { beginTask, pinTask, unpinTask } from './pin.ts';
import { useNow } from '../../../browser/useNow.ts';
import { useWall } from '../../../open/useWall.ts';

/** What a task took is minutes, unless it says otherwise. */
const BARE = /^\d+([.,]\d+)?$/;
const readsMinutes = (text: string): AnyReading => {
  const reading = readAny(BARE.test(text.trim()) ? `${text} min` : text, ['duration']);
  return reading.ok ? { ...reading, quantity: { ...reading.quantity, text } } : reading;
};

/** A start that was only planned counts no minutes: how long ago it was begun, min, where somebody has said. */
function useSince(begun: number | undefined): number | undefined {
  const now = useNow();
  return begun === undefined ? undefined : Math.max(0, now - begun) / MINUTE_MS;
}

const minutesOf = (n: number): Quantity => ({ text: `${String(Math.round(n))} min`, lo: n, hi: n });

interface OfLine {
  readonly line: Line;
}

/** One task, opened: when, how long, done, and a timer on it. */
export function LineDetails({ line, zone }: OfLine & { readonly zone: string }) {
  const { loaded } = useOpenMeal();
  const { meal } = loaded;
  const wall = useWall(zone);
  const { ref, task, from, to, minutes } = line;
  return (
    <>
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
        {line.pinned && (
          <button type="button" className="link" onClick={() => unpinTask(meal.id, task)}>
            time it for me
          </button>
        )}
        {line.hands > 0 && <GiveTo task={task} who={line.who} />}
        <TakesHere line={line} />
        {minutes >= 5 && (
          <button
            type="button"
            className="btn btn-sm act"
            onClick={() => startTimer(doingWords(line.does), Math.round(minutes))}
          >
            Timer, {Math.round(minutes)} min
          </button>
        )}
        <BegunAndDone line={line} />
        {ref.kind === 'own' && <RemoveOwn own={ref.own} />}
      </div>
      <Cautions at={{ task: line.does.what }} batch={line.batch} />
    </>
  );
}

/** How long it takes in this kitchen: as it is written, or as past batches say. */
function TakesHere({ line: { ref, task, minutes, single } }: OfLine) {
  const { loaded } = useOpenMeal();
  const { meal } = loaded;
  const here = minutesHere(loaded.learned, ref, meal.day?.tasks ?? []);
  const usually = here?.minutes === undefined ? undefined : 5 * Math.round(here.minutes / 5);
  const take = (quantity: Quantity) => {
    editDay(
      meal.id,
      'how long a task takes',
      (day) => {
        const { [task]: _, ...others } = day.minutes ?? {};
        return { ...day, minutes: quantity.text === '' ? others : { ...others, [task]: quantity } };
      },
      `minutes ${task}`,
    );
  };
  return (
    <>
      {single && (
        <QuantityField
          label="Takes here"
          quantity={meal.day?.minutes?.[task]}
          measure="duration"
          placeholder={`${Math.round(minutes)} min`}
          chars={8}
          onChange={take}
        />
      )}
      {here && usually === undefined && <span className="quiet">{fromBatches(here.n)}</span>}
      {here && usually !== undefined && (
        <button type="button" className="link" onClick={() => take(minutesOf(usually))}>
          {usually} min, {fromBatches(here.n)}
        </button>
      )}
    </>
  );
}

/** Begun, done, and how long it took: as somebody says it, else since it was begun. */
function BegunAndDone({ line }: OfLine) {
  const { loaded, batch } = useOpenMeal();
  const { meal } = loaded;
  const { ref, task } = line;
  const [took, setTook] = useState<Quantity>();
  const begun = meal.day?.begun?.[task];
  const since = useSince(begun);
  // A pot begins with its lid, and stands by itself.
  const isTimed = line.hands > 0 && ref.kind !== 'pot';
  const wrote = took !== undefined && took.text.trim() !== '';
  return (
    <>
      {isTimed && begun === undefined && (
        <button type="button" className="btn btn-sm act" onClick={() => beginTask(meal.id, task, clockNow())}>
          Begin now
        </button>
      )}
      {line.does.what !== 'hold' && (
        <button
          type="button"
          className="btn btn-sm act"
          disabled={wrote && took.lo === undefined}
          onClick={() => {
            weigh(meal.id, 'a task that is done', {
              batch: line.batch ?? batch.id,
              measures: { what: 'done', task: doneAs(line) },
              value: wrote ? took : since === undefined ? { text: 'done' } : minutesOf(since),
              measure: 'time',
            });
          }}
        >
          Done
        </button>
      )}
      {isTimed && (
        <QuantityField
          label="it took"
          quantity={took}
          measure="duration"
          reads={readsMinutes}
          placeholder={since === undefined ? 'min' : `${String(Math.round(since))} min`}
          chars={8}
          onChange={setTook}
        />
      )}
    </>
  );
}

function RemoveOwn({ own }: { readonly own: string }) {
  const { loaded } = useOpenMeal();
  return (
    <button
      type="button"
      className="link"
      onClick={() => {
        editMeal(loaded.meal.id, 'removing a task', (m) => ({
          ...m,
          day: { ...m.day, tasks: (m.day?.tasks ?? []).filter((one) => one.id !== own) },
        }));
      }}
    >
      remove it
    </button>
  );
}
