import { byHand, type BatchTask } from './draft.ts';

/** Spooning it off, min (common practice, no source). */
const MINUTES = 5;

/** The fat off: hot with a spoon, from a settled jug, or as a cap out of the cold. */
export const skim: BatchTask = {
  draft: (batch, id) =>
    batch.skim === 'leave'
      ? undefined
      : byHand(id, 'broth', { what: 'skim', cold: batch.skim === 'chill' }, MINUTES, [
          ['settle', 'chill', 'strain', 'purée', 'pot'],
        ]),
  over: ({ jugged }) => jugged,
};
