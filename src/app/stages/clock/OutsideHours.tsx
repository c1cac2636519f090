import { isChilled, withChilling } from '@/core/meal/index.ts';
import type { DayNote, DayPlan } from '@/core/answers/index.ts';
import { wallTimeOf } from '@/core/clock/index.ts';
import { dayNoteWords } from '@/words/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { editBatch, editDay, editMeal } from '../../open/edits/index.ts';
import { FieldError } from '../../parts/FieldError.tsx';
import { useWall } from '../../open/useWall.ts';

type Outside = Extract<DayNote, { what: 'outside' }>;

/** Somebody is needed outside the hours of work: said, with what would keep them, each in one tap. */
export function OutsideHours({ day }: { readonly day: DayPlan }) {
  const { loaded, batch } = useOpenMeal();
  const { meal } = loaded;
  const wall = useWall(day.zone);
  const note = day.notes.find((one): one is Outside => one.what === 'outside');
  if (!note) return null;
  const { serving, zone, hours } = note;
  return (
    <div className="problem">
      <FieldError>{dayNoteWords(note, wall, () => undefined)}</FieldError>
      <p className="remedies">
        {serving !== undefined && (
          <button
            type="button"
            className="btn btn-sm act"
            onClick={() => {
              editMeal(meal.id, 'the serving time', (m) => ({ ...m, serving: wallTimeOf(serving, zone) }));
            }}
          >
            Serve at {wall.moment(serving, day.serving)}
          </button>
        )}
        {!isChilled(batch) && (
          <button
            type="button"
            className="btn btn-sm act"
            onClick={() => {
              editBatch(batch.id, 'the day before', (b) => withChilling(b, true));
            }}
          >
            {batch.name} the day before, chilled
          </button>
        )}
        <button
          type="button"
          className="btn btn-sm act"
          onClick={() => {
            editDay(meal.id, 'the hours', ({ home: _, ...d }) => ({ ...d, ...hours }));
          }}
        >
          Work {hours.from} to {hours.to}
        </button>
      </p>
    </div>
  );
}
