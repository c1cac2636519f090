import type { OwnTask } from '../../batch/schema.ts';
import { middle } from '../../quantity/index.ts';
import type { DayFacts } from './facts.ts';
import { plateMinutes } from './minutes.ts';
import { handsOn, type Task } from './task.ts';

const USUAL_OWN = 15;

/** What the meal asks once its batches are ready, and what the cook has written beside them. */
export function mealTasks(facts: DayFacts): readonly Task[] {
  const { dishes, own, batches, hands } = facts;
  const together = batches.map(({ id }) => ({ task: `${id}|together`, lead: 0 }));
  const served = own
    .filter(({ when }) => when === 'serving')
    .map(({ id }) => ({ task: `own|${id}`, lead: 0 }));
  const plates = dishes.map(({ id, name, kind, count }) => ({
    ...handsOn(`plates|${id}`, 'plates', `Fill ${count} × ${name}`, plateMinutes(kind, count, hands), {
      hands: Math.min(3, hands),
    }),
    after: [...together, ...served],
  }));
  return [...own.map(ownTask), ...plates];
}

function ownTask({ id, words, minutes, alone, needs }: OwnTask): Task {
  const length = middle(minutes) ?? USUAL_OWN;
  const task = handsOn(`own|${id}`, 'own', words, length);
  return {
    ...task,
    parts: task.parts.map((part) => ({ ...part, hands: alone ? 0 : 1 })),
    needs: needs
      ? [
          {
            anyOf: [needs === 'oven' ? 'oven' : needs],
            amount: needs === 'oven' ? OWN_WIDTH : 1,
            from: 0,
            to: length,
          },
        ]
      : [],
  };
}
/** A tray in the oven takes all of its width, cm. */
const OWN_WIDTH = 40;

/** The pots that wait for what must be done before them. */
export const beforePots = (
  own: readonly OwnTask[],
): readonly { readonly task: string; readonly lead: number }[] =>
  own.filter(({ when }) => when === 'the pot').map(({ id }) => ({ task: `own|${id}`, lead: 0 }));
