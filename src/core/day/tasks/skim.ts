import { SKIM_MINUTES } from '../minutes.ts';
import { byHand, on, POT_LIQUID, type BatchTask } from './draft.ts';

/** The fat off: hot with a spoon, from a settled jug, or as a cap out of the cold. */
export const skim: BatchTask = {
  draft: (batch, id) =>
    // What is chilled is skimmed in one go with its cooling, but for a cap, which comes off in the cold.
    batch.skim === 'leave' || (batch.chilled && batch.skim !== 'chill')
      ? undefined
      : byHand(
          id,
          'broth',
          { what: 'skim', cold: batch.skim === 'chill' },
          batch.skimPace * SKIM_MINUTES,
          on(POT_LIQUID),
        ),
  over: ({ jugged }) => jugged,
};
