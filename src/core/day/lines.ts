import { entryAt } from '../columns/index.ts';
import { MINUTE_MS } from '../quantity/index.ts';
import type { DayFacts } from './facts.ts';
import { handsOf, SLOT_MS, type Run } from './dayProblem.ts';
import { type Line, pieceDone, type Placed } from './line.ts';
import { SLOT } from '../schedule/index.ts';
import { isSized } from './sized.ts';
import { batchOf, type Task } from './task.ts';

/** So near its end a piece is the last of its task, min. */
const NEAR = 1;

/** A task is over with the piece that it ends with; a fork is no end, for it may say "not yet". */
const endsWith = ({ minutes, parts }: Task, part: Task['parts'][number]): boolean =>
  parts.length === 1 ||
  part.closes === true ||
  (part.does.what !== 'look' && part.minutes > 0 && part.from + part.minutes >= minutes - NEAR);

/** Every part of every task that is not done at its moment, in the order of the day. */
export function linesOf(
  tasks: readonly Task[],
  { schedule, origin, places }: Run,
  { pins, over }: DayFacts,
): readonly Line[] {
  return tasks
    .flatMap((task, i) => {
      const place = places[i];
      const slot = schedule.starts[place?.job ?? -1] ?? -1;
      if (!place || slot < 0) return [];
      const start = origin + (slot + place.offset) * SLOT_MS;
      const wanting = handsOf(task);
      const batch = batchOf(task);
      return task.parts.flatMap((one): Line[] => {
        // What was ticked by itself is done, and the rest of its task goes on.
        if (over.has(pieceDone(one.key))) return [];
        const { from, slack: _, handsMin: __, closes: ___, sized: ____, ...part } = one;
        const u = wanting.findIndex(({ key }) => key === part.key);
        const by = u >= 0 ? entryAt(entryAt(schedule.moved, place.job), place.hands + u) * SLOT : 0;
        const at = start + (from + by) * MINUTE_MS;
        const line: Line = {
          ...part,
          ref: task.ref,
          task: task.id,
          ...(batch !== undefined && { batch }),
          from: at,
          to: at + part.minutes * MINUTE_MS,
          begins: start,
          pinned: pins[task.id] !== undefined,
          single: isSized(task, one),
          ends: endsWith(task, one),
        };
        return [line];
      });
    })
    .sort((a, b) => a.from - b.from || a.to - b.to);
}

/** Every task from its start to its end. */
export function placedOf(tasks: readonly Task[], { schedule, origin, places }: Run): readonly Placed[] {
  return tasks.flatMap((task, i): Placed[] => {
    const place = places[i];
    const slot = schedule.starts[place?.job ?? -1] ?? -1;
    if (!place || slot < 0) return [];
    const from = task.begun ?? origin + (slot + place.offset) * SLOT_MS;
    return [
      {
        ref: task.ref,
        takes: task.takes,
        makes: task.makes,
        from,
        to: from + task.minutes * MINUTE_MS,
        ...(task.lidOn !== undefined && { lidOn: from + task.lidOn * MINUTE_MS }),
      },
    ];
  });
}
