import { usual } from '../minutes.ts';
import { byItself, type BatchTask } from './draft.ts';

/** A jug that stands until the fat is on top. */
export const settle: BatchTask = {
  draft: ({ skim }, id) =>
    skim === 'settle'
      ? byItself(id, { what: 'settle' }, usual.settle, [['strain', 'purée', 'pot']])
      : undefined,
  over: ({ jugged }) => jugged,
};
