import type { FallbackProps } from 'react-error-boundary';
import { useLocation } from 'react-router';
import { db } from '../data/db.ts';
import { takeBackAndForget } from '../data/memory.ts';
import { saveMeal } from '../data/saveMeal.ts';
import { useUndo } from '../data/useUndo.ts';
import { useMealName } from '../data/useMealName.ts';
import { Brand } from './Brand.tsx';
import css from './shell.module.scss';

const say = (error: unknown) => {
  reportError(error);
};

/** In the place of a page that cannot be drawn: nothing is lost, and there are ways on. */
export function Broken({ error, resetErrorBoundary }: FallbackProps) {
  const mealId = /^\/meals\/([^/]+)/.exec(useLocation().pathname)?.[1];
  const name = useMealName(mealId);
  const { undoWords } = useUndo(mealId);
  const what = name === undefined ? 'This page' : `“${name}”`;
  return (
    <div className="frame">
      <header className={css.top}>
        <Brand />
      </header>
      <main id="sheet" className="sheet is-wide" tabIndex={-1}>
        <h1>{what} cannot be drawn</h1>
        <p role="alert">
          What is stored is as it was. The fault: {error instanceof Error ? error.message : String(error)}
        </p>
        <p>
          {mealId !== undefined && name !== undefined && (
            <button
              type="button"
              className="btn act is-first"
              onClick={() => {
                saveMeal(db, mealId, name).catch(say);
              }}
            >
              Save it as a file
            </button>
          )}{' '}
          {undoWords !== undefined && (
            <button
              type="button"
              className="btn act"
              onClick={() => {
                takeBackAndForget(mealId).then(resetErrorBoundary, say);
              }}
            >
              Undo {undoWords}
            </button>
          )}{' '}
          {/* A whole new page: nothing of the broken one is left standing. */}
          <a className="btn act" href="/meals">
            To the meals
          </a>
        </p>
      </main>
    </div>
  );
}
