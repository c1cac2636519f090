import { Redo2, Undo2 } from 'lucide-react';
import { useParams } from 'react-router';
import { useWatched } from '../../browser/watched.ts';
import { notKept } from '../../open/queue.ts';
import { useUndo } from '../../open/useUndo.ts';
import css from './top.module.scss';

/** What can be taken back, in a place of its own: it is kept while there is nothing. */
export function Undo() {
  const { mealId } = useParams();
  const { undoWords, redoWords, undo, redo } = useUndo(mealId);
  const { fault } = useWatched(notKept);
  const sound = fault === undefined;
  return (
    <span className={css.undoing}>
      {undoWords !== undefined && sound && (
        <button type="button" className={css.undo} onClick={undo} title={`Undo ${undoWords}`}>
          <Undo2 size={18} aria-hidden />
          <span>
            <b>undo</b> <small>{undoWords}</small>
          </span>
        </button>
      )}
      {redoWords !== undefined && sound && (
        <button
          type="button"
          className={css.redo}
          onClick={redo}
          aria-label={`Do again: ${redoWords}`}
          title={`Do again: ${redoWords}`}
        >
          <Redo2 size={18} aria-hidden />
        </button>
      )}
    </span>
  );
}

/** What is still on its way to the disk; usually over before anybody could read it. */
export function Saving() {
  const { pending, fault } = useWatched(notKept);
  if (pending === 0 || fault !== undefined) return null;
  return (
    <span className={css.saving} data-pending={pending}>
      saving
    </span>
  );
}
