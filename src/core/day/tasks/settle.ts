import { usual } from '../minutes.ts';
import { byItself, on, POT_LIQUID, type BatchTask } from './draft.ts';

/** A jug that stands until the fat is on top. */
export const settle: BatchTask = {
  draft: ({ skim, chilled }, id) =>
    // What is chilled settles in one go with its cooling.
    skim === 'settle' && !chilled
      ? byItself(id, { what: 'settle' }, usual.settle, on(POT_LIQUID))
      : undefined,
  over: ({ jugged }) => jugged,
};
