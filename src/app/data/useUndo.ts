import { useLiveQuery } from 'dexie-react-hooks';
import { nextActs, redo, undo } from '@/store/acts.ts';
import { db } from './db.ts';

const run = (way: typeof undo) => () => {
  way(db).catch((error: unknown) => {
    reportError(error);
  });
};

export const takeBack = run(undo);
export const doAgain = run(redo);

/** The words of the act that undo would take back and of the one redo would do again. */
export function useUndo() {
  const acts = useLiveQuery(() => nextActs(db), []);
  return { undoWords: acts?.undo?.words, redoWords: acts?.redo?.words, undo: takeBack, redo: doAgain };
}
