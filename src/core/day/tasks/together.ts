import { usual } from '../minutes.ts';
import type { BatchTask } from './draft.ts';

/** Stirring meat into its liquid, min (common practice, no source). */
const STIR = 5;

/** The meat back into its liquid, and hot. */
export const together: BatchTask = {
  draft: ({ skim, shredG }, id) => {
    const cold = skim === 'chill';
    const minutes = cold ? usual.reheat : usual.together;
    return {
      minutes,
      after: ['pull', ['strain', 'pot'], 'chill', 'skim', 'reduce'],
      needs: [{ kind: 'burner', amount: 1, from: 0, to: minutes }],
      parts: [
        {
          key: id,
          does: { what: 'bring together', cold },
          kind: 'broth',
          from: 0,
          minutes: STIR,
          hands: 1,
          grams: shredG,
        },
      ],
    };
  },
  over: () => false,
};
