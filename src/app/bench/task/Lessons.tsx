import { useEffect, useState } from 'react';
import { openPhase } from '@/core/clock/index.ts';
import type { AfterWhat } from '@/core/batch/index.ts';
import { lessonsAt } from '@/core/questions/index.ts';
import { TEXT_MOST } from '@/core/quantity/index.ts';
import { useOpenMeal } from '../../data/MealContext.ts';
import { editKitchen } from '../../data/edits.ts';
import { clockNow } from '../../data/clock.ts';
import css from './task.module.scss';

/** Notes that were made at this step before, with the same cut or heat, and room for another. */
export function Lessons({ step }: { readonly step: AfterWhat }) {
  const { loaded, batch } = useOpenMeal();
  const [writing, setWriting] = useState(false);
  const lessons = lessonsAt(loaded.kitchen, batch, step);
  useEffect(() => {
    const press = ({ key, target }: KeyboardEvent) => {
      if (target instanceof HTMLElement && target.matches('input, select, textarea')) return;
      if (key === 'n') setWriting(true);
    };
    document.addEventListener('keyup', press);
    return () => document.removeEventListener('keyup', press);
  }, []);
  const add = (text: string) => {
    const cuts = new Set(batch.lots.map(({ cut }) => cut));
    const [cut] = cuts;
    const heat = openPhase(batch.cook)?.heat;
    const lesson = {
      id: crypto.randomUUID(),
      at: clockNow(),
      step,
      text,
      ...(cuts.size === 1 && cut !== undefined && cut !== '' && { cut }),
      ...(heat && { heat }),
    };
    editKitchen(
      'a note for next time',
      (kitchen) => ({ ...kitchen, lessons: [...(kitchen.lessons ?? []), lesson] }),
      loaded.meal.id,
    );
    setWriting(false);
  };
  return (
    <div className={css.lessons}>
      {lessons.map(({ id, text }) => (
        <p key={id}>
          <b>Noted before:</b> {text}{' '}
          <button
            type="button"
            className="link quiet"
            onClick={() =>
              editKitchen(
                'dropping a note',
                (kitchen) => ({
                  ...kitchen,
                  lessons: (kitchen.lessons ?? []).filter((one) => one.id !== id),
                }),
                loaded.meal.id,
              )
            }
          >
            drop it
          </button>
        </p>
      ))}
      {writing ? (
        <form
          onSubmit={(event) => {
            event.preventDefault();
            const text = new FormData(event.currentTarget).get('note');
            if (typeof text === 'string' && text.trim() !== '') add(text.trim());
            else setWriting(false);
          }}
        >
          <label>
            For next time{' '}
            <input
              className="write"
              name="note"
              size={40}
              maxLength={TEXT_MOST}
              autoFocus
              autoComplete="off"
            />
          </label>
          <button type="submit" className="btn act">
            Note it
          </button>
        </form>
      ) : (
        <button type="button" className="link quiet" onClick={() => setWriting(true)}>
          a note for next time
        </button>
      )}
    </div>
  );
}
