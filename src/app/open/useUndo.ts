import { nextActs } from '@/store/acts.ts';
import { db } from '../browser/db.ts';
import { doAgain, takeBack } from './memory.ts';
import { usePainted } from '../browser/usePainted.ts';
import { useStored } from '../browser/useStored.ts';

/** What can be taken back and done again: of a meal, or where none is open of what belongs to none. */
export function useUndo(mealId: string | undefined) {
  // Nobody takes anything back before there is a picture, and the disk is busy with the meal until then.
  const painted = usePainted();
  const acts = useStored(['undo', mealId, painted], () => (painted ? nextActs(db, mealId) : undefined));
  return {
    undoWords: acts?.undo?.words,
    redoWords: acts?.redo?.words,
    undo: () => takeBack(mealId),
    redo: () => doAgain(mealId),
  };
}
