import type { DayFacts } from '../facts.ts';
import { plateMinutes } from '../minutes.ts';
import { taskId, type Task } from '../task.ts';
import { byHand } from './draft.ts';

/** More hands than these get in each other's way (common practice, no source). */
const MOST_HANDS = 3;

/** Each dish's plates, filled when every batch is brought together and what is served with them is done. */
export function platesTasks({ dishes, own, batches, hands }: DayFacts): readonly Task[] {
  const after = [
    ...batches.map(({ id }) => taskId({ kind: 'together', batch: id })),
    ...own.filter(({ when }) => when === 'serving').map(({ id }) => taskId({ kind: 'own', own: id })),
  ];
  return dishes.map(({ id: dish, name, kind, count }): Task => {
    const ref = { kind: 'plates', dish } as const;
    const id = taskId(ref);
    const minutes = plateMinutes(kind, count, hands);
    const does = { what: 'fill', name, count } as const;
    const { parts } = byHand(id, 'plates', does, minutes, [], { hands: Math.min(MOST_HANDS, hands) });
    return { ref, id, minutes, parts, needs: [], after };
  });
}
