import { type OwnTask, SHELF } from '../../meal/index.ts';
import { midpoint } from '../../quantity/index.ts';
import type { Unordered } from '../materials.ts';
import { taskId } from '../task.ts';
import { OWN_TASK } from '../minutes.ts';
import { byHand, on } from './draft.ts';

/** A tray in the oven takes all of its width, cm (estimate). */
const OWN_WIDTH = 40;

/** A task of the cook's own, as often as it is done: its hands and its place are free between two times. */
export function ownTask({ id: own, words, minutes: typed, alone, needs, again }: OwnTask): Unordered {
  const ref = { kind: 'own', own } as const;
  const id = taskId(ref);
  const minutes = midpoint(typed) ?? OWN_TASK;
  const every = Math.max(minutes, midpoint(again?.every) ?? 0);
  const starts = Array.from({ length: again?.times ?? 1 }, (_, i) => i * every);
  const one = byHand(id, 'own', { what: 'own', words }, minutes, on(), { hands: alone ? 0 : 1 });
  const amount =
    needs === 'oven' ? OWN_WIDTH : needs === 'fridge shelf' || needs === 'freezer shelf' ? SHELF.widthCm : 1;
  return {
    ref,
    id,
    minutes: (starts.at(-1) ?? 0) + minutes,
    parts: one.parts.flatMap((part) =>
      starts.map((from, i) => ({ ...part, from, ...(i > 0 && { key: `${id}|${String(i + 1)}` }) })),
    ),
    needs: needs ? starts.map((from) => ({ kind: needs, amount, from, to: from + minutes })) : [],
    takes: [],
    makes: [id],
  };
}

/** What those make that a pot waits for. */
export const beforeThePot = (own: readonly OwnTask[]): readonly string[] =>
  own.filter(({ when }) => when === 'the pot').map(({ id }) => taskId({ kind: 'own', own: id }));
