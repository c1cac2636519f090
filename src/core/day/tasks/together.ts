import { usual } from '../minutes.ts';
import { on, POT_LIQUID, type BatchTask } from './draft.ts';

/** Stirring meat into its liquid, min (common practice, no source). */
const STIR = 5;

/** The meat back into its liquid, and hot. */
export const together: BatchTask = {
  draft: ({ chilled, sentCold, shredG }, id) => {
    const how = sentCold ? 'cold' : chilled ? 'reheated' : 'hot';
    const minutes = how === 'cold' ? STIR : how === 'reheated' ? usual.reheat : usual.together;
    return {
      minutes,
      ...on('meat', POT_LIQUID),
      needs: how === 'cold' ? [] : [{ kind: 'burner', amount: 1, from: 0, to: minutes }],
      parts: [
        {
          key: id,
          does: { what: 'bring together', how },
          kind: 'broth',
          from: 0,
          minutes: STIR,
          hands: 1,
          grams: shredG,
        },
        ...(minutes > STIR
          ? [
              {
                key: `${id}|heat`,
                does: { what: 'heats through' } as const,
                kind: 'broth' as const,
                from: STIR,
                minutes: minutes - STIR,
                hands: 0,
              },
            ]
          : []),
      ],
    };
  },
  over: () => false,
};
