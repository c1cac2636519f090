import { batchTasks } from './batchTasks.ts';
import type { DayFacts } from './facts.ts';
import { beforePots, mealTasks } from './mealTasks.ts';
import type { Task } from './task.ts';

/** Every task that is not over, with the minutes and the start that somebody has written for it. */
export function tasksOf(facts: DayFacts): readonly Task[] {
  const { batches, hands, rooms, own, minutes, pins, over } = facts;
  const names = new Set(rooms.map(({ name }) => name));
  const first = beforePots(own);
  const all = [
    ...batches.flatMap((batch) =>
      batchTasks(batch, hands, names)
        .filter(({ id }) => !batch.over.has(id.slice(batch.id.length + 1)))
        .map((task) => (task.lidOn === undefined ? task : { ...task, after: [...task.after, ...first] })),
    ),
    ...mealTasks(facts),
  ].filter(({ id }) => !over.has(id));
  return all.map((task) => {
    const typed = minutes[task.id];
    const pin = pins[task.id];
    const sized = typed === undefined || task.parts.length !== 1 ? task : resized(task, typed);
    return pin === undefined || task.begun !== undefined ? sized : { ...sized, begun: pin };
  });
}

function resized(task: Task, minutes: number): Task {
  return {
    ...task,
    minutes: Math.max(minutes, task.minutes - (task.parts[0]?.minutes ?? 0)),
    parts: task.parts.map((part) => ({ ...part, minutes })),
    needs: task.needs.map((need) => ({ ...need, to: minutes })),
  };
}
