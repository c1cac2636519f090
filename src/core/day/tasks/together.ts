import type { Need } from '../resources.ts';
import type { Part } from '../task.ts';
import { usual } from '../minutes.ts';
import { on, POT_LIQUID, type BatchTask } from './draft.ts';

/** Stirring meat into its liquid, min (common practice, no source). */
const STIR = 5;

/** Meat and liquid stirred together and heated through on a burner; cold, stirred together alone. */
export function reheatParts(
  id: string,
  how: 'hot' | 'reheated' | 'cold',
  grams: number,
): { readonly minutes: number; readonly parts: readonly Part[]; readonly needs: readonly Need[] } {
  const minutes = how === 'cold' ? STIR : how === 'reheated' ? usual.reheat : usual.together;
  return {
    minutes,
    needs: how === 'cold' ? [] : [{ kind: 'burner', amount: 1, from: 0, to: minutes }],
    parts: [
      {
        key: id,
        does: { what: 'bring together', how },
        kind: 'broth',
        from: 0,
        minutes: STIR,
        hands: 1,
        grams,
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
}

/** The meat back into its liquid, and hot. */
export const together: BatchTask = {
  draft: ({ chilled, sentCold, shredG }, id) => ({
    ...on('meat', POT_LIQUID),
    ...reheatParts(id, sentCold ? 'cold' : chilled ? 'reheated' : 'hot', shredG),
  }),
  over: () => false,
};
