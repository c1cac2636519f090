import { type OwnTask, SHELF } from '../../meal/index.ts';
import { midpoint } from '../../quantity/index.ts';
import type { Unordered } from '../materials.ts';
import { taskId } from '../task.ts';
import { OWN_TASK } from '../minutes.ts';
import { byHand, on } from './draft.ts';

/** A tray in the oven takes all of its width, cm (estimate). */
const OWN_WIDTH = 40;

/** A task of the cook's own. */
export function ownTask({ id: own, words, minutes: typed, alone, needs }: OwnTask): Unordered {
  const ref = { kind: 'own', own } as const;
  const id = taskId(ref);
  const minutes = midpoint(typed) ?? OWN_TASK;
  const { parts } = byHand(id, 'own', { what: 'own', words }, minutes, on(), { hands: alone ? 0 : 1 });
  const amount = needs === 'oven' ? OWN_WIDTH : needs === 'fridge shelf' ? SHELF.widthCm : 1;
  return {
    ref,
    id,
    minutes,
    parts,
    needs: needs ? [{ kind: needs, amount, from: 0, to: minutes }] : [],
    takes: [],
    makes: [id],
  };
}

/** What those make that a pot waits for. */
export const beforeThePot = (own: readonly OwnTask[]): readonly string[] =>
  own.filter(({ when }) => when === 'the pot').map(({ id }) => taskId({ kind: 'own', own: id }));
