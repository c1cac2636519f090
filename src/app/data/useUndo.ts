import { useLiveQuery } from 'dexie-react-hooks';
import { nextActs } from '@/store/acts.ts';
import { db } from './db.ts';
import { doAgain, takeBack } from './memory.ts';

/** The words of the act that undo would take back and of the one redo would do again. */
export function useUndo() {
  const acts = useLiveQuery(() => nextActs(db), []);
  return { undoWords: acts?.undo?.words, redoWords: acts?.redo?.words, undo: takeBack, redo: doAgain };
}
