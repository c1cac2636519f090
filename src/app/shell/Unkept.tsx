import { useEffect } from 'react';
import { useLocation } from 'react-router';
import { storageWords, unkeptWords } from '@/words/index.ts';
import { db } from '../browser/db.ts';
import { keepAgain, putAllBack, unkeptMeal } from '../open/memory.ts';
import { notKept } from '../open/queue.ts';
import { saveMeal } from '../lists/data/saveMeal.ts';
import { useWatched } from '../browser/watched.ts';
import { FieldError } from '../parts/FieldError.tsx';

/** What the store did not take: how much of it, why, and the ways to bring it to safety. */
export function Unkept() {
  const { fault, stuck, meal: lost } = useWatched(notKept);
  const open = /^\/meals\/([^/]+)/.exec(useLocation().pathname)?.[1];
  // What was lost is put back from any page.
  const mealId = lost ?? open;
  const isUnkept = fault !== undefined;
  useEffect(() => {
    if (!isUnkept) return;
    const ask = (event: BeforeUnloadEvent) => {
      event.preventDefault();
    };
    addEventListener('beforeunload', ask);
    return () => removeEventListener('beforeunload', ask);
  }, [isUnkept]);
  if (fault === undefined) return null;
  const { what, todo } = storageWords(fault);
  const meal = mealId === undefined ? undefined : unkeptMeal(mealId);
  return (
    <div className="faults" data-stuck={stuck}>
      <FieldError>
        {what} {stuck > 0 && unkeptWords(stuck)} {todo}
      </FieldError>{' '}
      <button
        type="button"
        className="btn btn-sm act"
        onClick={() => {
          (fault === 'cleared' && meal ? putAllBack(meal.meal.id) : keepAgain()).catch(reportError);
        }}
      >
        {fault === 'cleared' && meal ? 'Put it back' : 'Try again'}
      </button>{' '}
      {meal && (
        <button
          type="button"
          className="btn btn-sm act"
          onClick={() => {
            saveMeal(db, meal.meal.id, meal.meal.name).catch(reportError);
          }}
        >
          Save this meal as a file
        </button>
      )}
    </div>
  );
}
