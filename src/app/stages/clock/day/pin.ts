import { MINUTE_MS } from '@/core/quantity/index.ts';
import type { Line } from '@/core/day/index.ts';
import { editDay } from '../../../open/edits/index.ts';

/** Sets when a task is to start, so that this line of it falls on that moment. */
export function pinTask(
  mealId: string,
  task: string,
  moment: number,
  line: Pick<Line, 'from' | 'begins'>,
): void {
  const start = moment - (line.from - line.begins);
  editDay(
    mealId,
    'when a task starts',
    (day) => ({ ...day, pins: { ...day.pins, [task]: start } }),
    `pin ${task}`,
  );
}

/** Somebody is at a task since that moment: it stands there in the day, and its minutes are counted from it. */
export function beginTask(mealId: string, task: string, moment: number): void {
  editDay(mealId, 'beginning a task', (day) => ({
    ...day,
    pins: { ...day.pins, [task]: moment },
    begun: { ...day.begun, [task]: moment },
  }));
}

/** Moves a task by so many minutes from where it stands: by the store, for two presses may outrun the plan. */
export function nudgeTask(mealId: string, task: string, minutes: number, line: Pick<Line, 'begins'>): void {
  editDay(
    mealId,
    'when a task starts',
    (day) => ({
      ...day,
      pins: { ...day.pins, [task]: (day.pins?.[task] ?? line.begins) + minutes * MINUTE_MS },
    }),
    `pin ${task}`,
  );
}

/** Lets a task find its own time again. */
export function unpinTask(mealId: string, task: string): void {
  editDay(mealId, 'letting a task find its time', (day) => {
    const { [task]: _, ...pins } = day.pins ?? {};
    const { [task]: __, ...begun } = day.begun ?? {};
    return { ...day, pins, begun };
  });
}
