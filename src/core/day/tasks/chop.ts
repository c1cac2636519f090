import { chopMinutes } from '../minutes.ts';
import { beforeTheLid, byHand, type BatchTask } from './draft.ts';

/** The solids that go in, on the board. */
export const chop: BatchTask = {
  draft: ({ chopG }, id) =>
    chopG > 0 ? byHand(id, 'board', { what: 'chop' }, chopMinutes(chopG), [], { grams: chopG }) : undefined,
  over: beforeTheLid,
};
