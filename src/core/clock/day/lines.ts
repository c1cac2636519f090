import type { DayFacts } from './facts.ts';
import { handsOf, SLOT_MS, type Run } from './dayProblem.ts';
import type { Line, Placed } from './line.ts';
import { SLOT } from './schedule/problem.ts';
import type { Task } from './task.ts';

const MS = 60_000;

/** Every part of every task at its moment, in the order of the day. */
export function linesOf(
  tasks: readonly Task[],
  { schedule, origin }: Run,
  { pins }: DayFacts,
): readonly Line[] {
  return tasks
    .flatMap((task, i) => {
      const slot = schedule.starts[i] ?? -1;
      if (slot < 0) return [];
      const start = origin + slot * SLOT_MS;
      const wanting = handsOf(task);
      return task.parts.map(({ from, slack: _, ...part }): Line => {
        const u = wanting.findIndex(({ key }) => key === part.key);
        const by = u >= 0 ? (schedule.moved[i]?.[u] ?? 0) * SLOT : 0;
        const at = start + (from + by) * MS;
        return {
          ...part,
          task: task.id,
          ...(task.batch !== undefined && { batch: task.batch }),
          from: at,
          to: at + part.minutes * MS,
          begins: start,
          pinned: pins[task.id] !== undefined,
          single: task.parts.length === 1,
        };
      });
    })
    .sort((a, b) => a.from - b.from || a.to - b.to);
}

/** Every task from its start to its end. */
export function placedOf(tasks: readonly Task[], { schedule, origin }: Run): readonly Placed[] {
  return tasks.flatMap((task, i): Placed[] => {
    const slot = schedule.starts[i] ?? -1;
    if (slot < 0) return [];
    const from = task.begun ?? origin + slot * SLOT_MS;
    return [
      {
        task: task.id,
        ...(task.batch !== undefined && { batch: task.batch }),
        from,
        to: from + task.minutes * MS,
        ...(task.lidOn !== undefined && { lidOn: from + task.lidOn * MS }),
      },
    ];
  });
}

/** What is ready and waits longer than this for its plates is held hot, min. */
const HOLD = 20;

/** The lines with what is held hot until its plates are filled. */
export function withHolding(lines: readonly Line[]): readonly Line[] {
  const plates = lines.find(({ kind }) => kind === 'plates');
  if (!plates) return lines;
  const held = lines.flatMap((line): Line[] => {
    if (!line.task.endsWith('|together')) return [];
    const minutes = (plates.from - line.to) / MS;
    if (minutes < HOLD) return [];
    const { grams: _, ...rest } = line;
    return [
      {
        ...rest,
        key: `${line.key} hold`,
        words: 'Hold hot, above 57 °C',
        kind: 'rest',
        from: line.to,
        to: plates.from,
        minutes,
        hands: 0,
        single: false,
      },
    ];
  });
  return [...lines, ...held].sort((a, b) => a.from - b.from || a.to - b.to);
}
