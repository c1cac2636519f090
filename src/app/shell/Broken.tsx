import type { FallbackProps } from 'react-error-boundary';
import { useLocation } from 'react-router';
import { db } from '../browser/db.ts';
import { takeBackAndForget } from '../open/memory.ts';
import { saveMeal } from '../lists/data/saveMeal.ts';
import { useUndo } from '../open/useUndo.ts';
import { useMealName } from '../open/useMealName.ts';
import { BarePage } from './BarePage.tsx';

/** In the place of a page that cannot be drawn: nothing is lost, and there are ways on. */
export function Broken({ error, resetErrorBoundary }: FallbackProps) {
  const mealId = /^\/meals\/([^/]+)/.exec(useLocation().pathname)?.[1];
  const name = useMealName(mealId);
  const { undoWords } = useUndo(mealId);
  const what = name === undefined ? 'This page' : `“${name}”`;
  return (
    <BarePage
      title={`${what} cannot be drawn`}
      said={`What is stored is as it was. The fault: ${error instanceof Error ? error.message : String(error)}`}
    >
      {mealId !== undefined && name !== undefined && (
        <button
          type="button"
          className="btn act is-first"
          onClick={() => {
            saveMeal(db, mealId, name).catch(reportError);
          }}
        >
          Save it as a file
        </button>
      )}
      {undoWords !== undefined && (
        <button
          type="button"
          className="btn act"
          onClick={() => {
            takeBackAndForget(mealId).then(resetErrorBoundary, reportError);
          }}
        >
          Undo {undoWords}
        </button>
      )}
      {/* A whole new page: nothing of the broken one is left standing. */}
      <a className="btn act" href="/meals">
        To the meals
      </a>
    </BarePage>
  );
}
