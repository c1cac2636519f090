import { usual } from '../minutes.ts';
import { beforeTheLid, byItself, on, type BatchTask } from './draft.ts';

/** Out of the fridge for a while before the pan. */
export const stand: BatchTask = {
  draft: ({ steps }, id) => {
    const step = steps.find(({ what }) => what === 'stand out');
    return step && byItself(id, { what: 'sit out' }, step.most ?? usual.standOut, on('meat'));
  },
  over: beforeTheLid,
};
