import { byItself, on, type BatchTask } from './draft.ts';

/** Until it can be touched. What is chilled goes on at once: nothing warm stands about. */
export const cool: BatchTask = {
  draft: ({ chilled, staysInPot, coolMin }, id) => {
    if (staysInPot || (coolMin <= 0 && !chilled)) return undefined;
    const draft = byItself(id, { what: 'cool' }, coolMin, on('meat'));
    return chilled ? { ...draft, follows: 'pot' } : draft;
  },
  over: ({ lifted }) => lifted,
};
