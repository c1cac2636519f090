import { isHandwork, OWN_TASK, paceGroup, type Task, tasksOf } from '../../../day/index.ts';
import { type Input, openMeal } from '../../../model/index.ts';
import { dayFacts } from './facts.ts';

/** From five minutes to an hour, of a quarter (estimate). */
const ANYTHING = 1.2;

/** What a task by hand would take by the usual, and by what its minutes are learned. */
export interface ForetoldTask {
  readonly of: string;
  readonly minutes: number;
  /** How much tasks of that name may differ from it, where nothing foretells them. */
  readonly spread?: number;
}

/**
 * Minutes of all that hands do in a meal, by the task's name in the file: as planned before anything was begun, without what the
 * log has taught. Of the cook's own tasks nobody knows anything: what was written the last time is no measure of the next.
 */
export function foretoldTasks({ learned: _, ...input }: Input): ReadonlyMap<string, ForetoldTask> {
  const unbegun = openMeal({
    ...input,
    entries: [],
    batches: input.batches.map(({ lidOn: __, ...batch }) => batch),
  });
  const own = input.meal.day?.tasks ?? [];
  const facts = { ...dayFacts(unbegun, 0, 'UTC'), minutes: {}, pins: {} };
  return new Map(
    tasksOf(facts)
      .filter((task: Task) => isHandwork(task) && paceGroup(task.ref, own) !== '')
      .map(({ id, ref, minutes }) => {
        const of = paceGroup(ref, own);
        return [id, ref.kind === 'own' ? { of, minutes: OWN_TASK, spread: ANYTHING } : { of, minutes }];
      }),
  );
}
