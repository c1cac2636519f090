import { usual } from '../minutes.ts';
import { beforeTheLid, byItself, type BatchTask } from './draft.ts';

/** What must be soaked before it goes in. */
export const soak: BatchTask = {
  draft: ({ soaks }, id) =>
    soaks.length > 0 ? byItself(id, { what: 'soak', names: soaks }, usual.soak, []) : undefined,
  over: beforeTheLid,
};
