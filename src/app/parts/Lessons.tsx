import { useEffect, useState } from 'react';
import { openPhase } from '@/core/clock/index.ts';
import { type Lesson, withLesson } from '@/core/meal/index.ts';
import { usualItems } from '@/core/pot/index.ts';
import { lessonsAt } from '@/core/answers/index.ts';
import { TEXT_MOST } from '@/core/quantity/index.ts';
import { useOpenMeal } from '../open/MealContext.ts';
import { editBatch, editKitchen } from '../open/edits/index.ts';
import { clockNow } from '../browser/clock.ts';
import { LessonSetsField } from './LessonSetsField.tsx';
import { useSaidSets } from './useSaidSets.ts';
import css from './parts.module.scss';

/**
 * Notes that were made at this step before, with the same cut, heat or dish, what they offer as this time's choice, and
 * room for another.
 */
export function Lessons({ step }: { readonly step: Lesson['step'] }) {
  const { loaded, batch } = useOpenMeal();
  const [writing, setWriting] = useState(false);
  const said = useSaidSets();
  const kinds = [...new Set(loaded.meal.dishes.map(({ kind }) => kind))];
  const lessons = lessonsAt(loaded.kitchen, batch, kinds, step);
  useEffect(() => {
    const press = ({ key, target }: KeyboardEvent) => {
      if (target instanceof HTMLElement && target.matches('input, select, textarea')) return;
      if (key === 'n') setWriting(true);
    };
    document.addEventListener('keyup', press);
    return () => document.removeEventListener('keyup', press);
  }, []);
  const change = (words: string, to: (before: readonly Lesson[]) => Lesson[]) =>
    editKitchen(words, (kitchen) => ({ ...kitchen, lessons: to(kitchen.lessons ?? []) }), loaded.meal.id);
  const add = (text: string, tag: string, sets: Lesson['sets']) => {
    const cuts = new Set(batch.lots.map(({ cut }) => cut));
    const [cut] = cuts;
    const heat = openPhase(batch.cook)?.heat;
    const [dish] = kinds;
    const lesson: Lesson = {
      id: crypto.randomUUID(),
      at: clockNow(),
      step,
      text,
      ...(tag !== '' && { tag }),
      ...(sets && { sets }),
      ...(cuts.size === 1 && cut !== undefined && cut !== '' && { cut }),
      ...(heat && { heat }),
      ...(kinds.length === 1 && dish && { dish }),
    };
    change('a note for next time', (before) => [...before, lesson]);
    setWriting(false);
  };
  return (
    <div className={css.lessons}>
      {lessons.map(({ lesson: { id, text, tag, sets: offered }, offers }) => (
        <p key={id}>
          <b>{tag === undefined ? 'Noted before' : `Noted before, ${tag}`}:</b> {text}{' '}
          {offers && offered && (
            <button
              type="button"
              className="btn btn-sm act"
              onClick={() =>
                editBatch(batch.id, 'what was noted for this time', (b) =>
                  withLesson(b, offered, usualItems, () => crypto.randomUUID()),
                )
              }
            >
              Use {said(offered)}
            </button>
          )}{' '}
          <button
            type="button"
            className="link quiet"
            onClick={() => change('dropping a note', (before) => before.filter((one) => one.id !== id))}
          >
            remove it
          </button>
        </p>
      ))}
      {writing ? (
        <NoteForm step={step} onNote={add} onNothing={() => setWriting(false)} />
      ) : (
        <button type="button" className="link quiet" onClick={() => setWriting(true)}>
          a note for next time
        </button>
      )}
    </div>
  );
}

interface NoteProps {
  readonly step: Lesson['step'];
  readonly onNote: (text: string, tag: string, sets: Lesson['sets']) => void;
  readonly onNothing: () => void;
}

/** A note is written: in words, with a tag, or as a choice for next time. */
function NoteForm({ step, onNote, onNothing }: NoteProps) {
  const [sets, setSets] = useState<Lesson['sets']>();
  const said = useSaidSets();
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        const form = new FormData(event.currentTarget);
        const written = (of: string) => {
          const value = form.get(of);
          return typeof value === 'string' ? value.trim() : '';
        };
        const text = written('note') || (sets ? said(sets) : '');
        if (text !== '') onNote(text, written('tag'), sets);
        else onNothing();
      }}
    >
      <label>
        For next time{' '}
        <input className="write" name="note" size={34} maxLength={TEXT_MOST} autoFocus autoComplete="off" />
      </label>
      <label>
        tag <input className="write" name="tag" size={8} maxLength={40} autoComplete="off" />
      </label>
      <LessonSetsField step={step} onSet={setSets} />
      <button type="submit" className="btn act">
        Note it
      </button>
    </form>
  );
}
