import { usual } from '../minutes.ts';
import { byItself, type BatchTask } from './draft.ts';

/** Until it can be touched. What is chilled goes on at once: nothing warm stands about. */
export const cool: BatchTask = {
  draft: ({ chilled }, id) => {
    const draft = byItself(id, { what: 'cool' }, usual.coolToTouch, ['pot']);
    return chilled ? { ...draft, follows: 'pot' } : draft;
  },
  over: ({ lifted }) => lifted,
};
