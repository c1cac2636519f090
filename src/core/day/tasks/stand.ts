import { beforeKind } from '../../work/index.ts';
import { beforeTheLid, byItself, on, type BatchTask } from './draft.ts';

/** Out of the fridge for a while before the pan. */
export const stand: BatchTask = {
  draft: ({ steps }, id) => {
    const step = steps.find(({ what }) => beforeKind(what).task === 'stand');
    return step && byItself(id, { what: 'sit out' }, step.most ?? beforeKind(step.what).minutes, on('meat'));
  },
  over: beforeTheLid,
};
