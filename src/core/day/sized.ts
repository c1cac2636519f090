import type { Part, Task } from './task.ts';

/** Whether a piece's length may be written: a task's only one, or the one that says so. */
export const isSized = ({ parts }: Pick<Task, 'parts'>, part: Part): boolean =>
  parts.length === 1 || part.sized === true;
