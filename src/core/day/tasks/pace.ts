import type { OwnTask } from '../../meal/index.ts';
import type { Task, TaskRef } from '../task.ts';

/** What the groups of the cook's own tasks begin with. */
const OWN = 'own ';
export const isOwn = (group: string): boolean => group.startsWith(OWN);

/**
 * By what the minutes of a task are learned: its step, a plate's filling, or the words of one of the cook's own. What runs by
 * itself takes what it takes, and pulling and skimming have figures of their own.
 */
export function paceGroup(ref: TaskRef, own: readonly OwnTask[]): string {
  switch (ref.kind) {
    case 'own':
      return `${OWN}${own.find(({ id }) => id === ref.own)?.words.toLowerCase() ?? ''}`;
    case 'after':
      return '';
    default:
      return ref.kind;
  }
}

/** Their pace is learned by weighings. */
const byWeight: ReadonlySet<TaskRef['kind']> = new Set(['pull', 'skim']);

/** Whether somebody is at it from its start to its end, so that the kitchen's hands are what it takes. */
export const isHandwork = ({ ref, parts }: Pick<Task, 'ref' | 'parts'>): boolean =>
  ref.kind !== 'pot' && !byWeight.has(ref.kind) && parts.every(({ hands }) => hands > 0);

/** A task that takes so many times as long. */
export const paced = (task: Task, by: number): Task => ({
  ...task,
  minutes: by * task.minutes,
  parts: task.parts.map((part) => ({
    ...part,
    from: by * part.from,
    minutes: by * part.minutes,
    ...(part.handsMin !== undefined && { handsMin: by * part.handsMin }),
  })),
  needs: task.needs.map((need) => ({ ...need, from: by * need.from, to: by * need.to })),
});
