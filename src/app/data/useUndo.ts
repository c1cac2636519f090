import { useLiveQuery } from 'dexie-react-hooks';
import { nextActs } from '@/store/acts.ts';
import { db } from './db.ts';
import { doAgain, takeBack } from './memory.ts';

/** What can be taken back and done again: of a meal, or where none is open of what belongs to none. */
export function useUndo(mealId: string | undefined) {
  const acts = useLiveQuery(() => nextActs(db, mealId), [mealId]);
  return {
    undoWords: acts?.undo?.words,
    redoWords: acts?.redo?.words,
    undo: () => takeBack(mealId),
    redo: () => doAgain(mealId),
  };
}
