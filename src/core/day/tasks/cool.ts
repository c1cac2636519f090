import { usual } from '../minutes.ts';
import { byItself, type BatchTask } from './draft.ts';

/** Until it can be touched. */
export const cool: BatchTask = {
  draft: (_, id) => byItself(id, { what: 'cool' }, usual.coolToTouch, ['pot']),
  over: ({ lifted }) => lifted,
};
