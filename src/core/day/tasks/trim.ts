import { trimMinutes } from '../minutes.ts';
import { beforeTheLid, boardFor, byHand, on, type BatchTask } from './draft.ts';

/** Trimmed, cut and salted on the board. */
export const trim: BatchTask = {
  draft: ({ rawG }, id) =>
    byHand(id, 'board', { what: 'trim' }, trimMinutes(rawG), on('meat'), {
      grams: rawG,
      needs: [boardFor(trimMinutes(rawG))],
    }),
  over: beforeTheLid,
};
