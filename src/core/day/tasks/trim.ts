import { trimMinutes } from '../minutes.ts';
import { beforeTheLid, byHand, type BatchTask } from './draft.ts';

/** Trimmed, cut and salted on the board. */
export const trim: BatchTask = {
  draft: ({ rawG }, id) => byHand(id, 'board', { what: 'trim' }, trimMinutes(rawG), [], { grams: rawG }),
  over: beforeTheLid,
};
