import clsx from 'clsx';
import { Redo2, Undo2 } from 'lucide-react';
import { lazy, Suspense, type ReactNode } from 'react';
import { NavLink, useNavigate, useParams } from 'react-router';
import { newMeal } from '@/store/meals.ts';
import { db, isDemo } from '../browser/db.ts';
import { useNow } from '../browser/useNow.ts';
import { onDisk } from '../open/memory.ts';
import { notKept } from '../open/queue.ts';
import { todayName } from '../open/todayName.ts';
import { useWatched } from '../browser/watched.ts';
import { useUndo } from '../open/useUndo.ts';
import { usePainted } from '../browser/usePainted.ts';
import { Brand } from './Brand.tsx';
import { useWall } from '../open/useWall.ts';
import css from './shell.module.scss';

const Ringing = lazy(() => import('../stages/clock/timers/Ringing.tsx'));

/** The demo's kitchen has a clock of its own; it says so. */
function DemoClock() {
  const now = useNow();
  const wall = useWall();
  return (
    <span className="quiet">
      demo clock <b className="num">{wall.clock(now)}</b>
    </span>
  );
}

/** The top of every page: the stove, a new meal, and at the right what is kept for all meals. */
export function Top({ children }: { readonly children?: ReactNode }) {
  const navigate = useNavigate();
  const { mealId } = useParams();
  const { undoWords, redoWords, undo, redo } = useUndo(mealId);
  const painted = usePainted();
  const { pending, fault } = useWatched(notKept);
  const start = () => {
    onDisk(() => newMeal(db, todayName()))
      .then(({ mealId, batchId }) => navigate(`/meals/${mealId}/batches/${batchId}/meat`))
      .catch(reportError);
  };
  return (
    <header className={css.top}>
      <a className={css.skip} href="#sheet">
        To the sheet
      </a>
      <Brand />
      {children ?? <span className={css.stove} />}
      <nav className={css.topLinks} aria-label="Kept for all meals">
        {pending > 0 && fault === undefined && (
          <span className={clsx('quiet', css.saving)} data-pending={pending}>
            saving
          </span>
        )}
        {undoWords !== undefined && fault === undefined && (
          <button type="button" className={css.undo} onClick={undo} title={`Undo ${undoWords}`}>
            <Undo2 size={16} aria-hidden />
            <span>undo {undoWords}</span>
          </button>
        )}
        {redoWords !== undefined && fault === undefined && (
          <button
            type="button"
            className={css.undo}
            onClick={redo}
            aria-label={`Do again: ${redoWords}`}
            title={`Do again: ${redoWords}`}
          >
            <Redo2 size={16} aria-hidden />
          </button>
        )}
        <button type="button" onClick={start}>
          + meal
        </button>
        {isDemo && <DemoClock />}
        <NavLink to="/meals">{isDemo ? 'meals (demo)' : 'meals'}</NavLink>
        <NavLink to="/kitchen">kitchen</NavLink>
        <NavLink to="/shelf">shelf</NavLink>
        <NavLink to="/log">log</NavLink>
      </nav>
      {painted && (
        <Suspense>
          <Ringing />
        </Suspense>
      )}
    </header>
  );
}
