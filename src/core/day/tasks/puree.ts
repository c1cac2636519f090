import type { BatchTask } from './draft.ts';
import { usual } from '../minutes.ts';
import { byHand } from './draft.ts';

/** What cooked in the pot to be blended into its liquid: lifted out, puréed and put back. */
export const purée: BatchTask = {
  draft: ({ purées: names }, id) =>
    names.length > 0
      ? byHand(id, 'broth', { what: 'blend', names }, usual.blend, ['pot'], {
          needs: [{ kind: 'blender', amount: 1, from: 0, to: usual.blend }],
        })
      : undefined,
  over: ({ jugged }) => jugged,
};
