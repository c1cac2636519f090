import { on, POT_LIQUID, type BatchTask } from './draft.ts';

/** Boiled down on a burner, with nobody beside it. */
export const reduce: BatchTask = {
  draft: ({ reduceMin: minutes }, id) =>
    minutes > 0
      ? {
          minutes,
          ...on(POT_LIQUID),
          needs: [{ kind: 'burner', amount: 1, from: 0, to: minutes }],
          parts: [{ key: id, does: { what: 'reduce' }, kind: 'broth', from: 0, minutes, hands: 0 }],
        }
      : undefined,
  over: ({ jugged }) => jugged,
};
