import type { Line } from './line.ts';

/**
 * What of a day is still to do: what does not end before this moment, and what somebody began and has not said to be done.
 * @param begun epoch ms, by task: when somebody said that it began
 */
export const stillToDo = (
  lines: readonly Line[],
  now: number,
  begun: Readonly<Record<string, number>> = {},
): readonly Line[] => lines.filter(({ to, task }) => to > now || task in begun);
