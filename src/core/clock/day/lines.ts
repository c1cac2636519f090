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

/** What waits longer than this is held hot, min. */
const HOLD = 20;
/** Raw or half-raw meat that waits longer than this goes back into the cold, min. */
const COLD = 60;

/**
 * The lines with what is held hot: meat that waits in its pot to be cooled and pulled, and what is brought together
 * until its plates are filled; and meat that goes back into the cold before the pot.
 */
export function withHolding(lines: readonly Line[]): readonly Line[] {
  const plates = lines.find(({ kind }) => kind === 'plates');
  const hold = (line: Line, until: number | undefined, words: string): Line[] => {
    const minutes = until === undefined ? 0 : (until - line.to) / MS;
    if (until === undefined || minutes < HOLD) return [];
    const { grams: _, ...rest } = line;
    const hot = words.includes('57 °C') && { held: true as const };
    const held = { key: `${line.key} hold`, words, kind: 'rest' as const, hands: 0, single: false, ...hot };
    return [{ ...rest, ...held, from: line.to, to: until, minutes }];
  };
  const held = lines.flatMap((line) => {
    if (line.key === `${line.batch ?? ''}|pot|lift`) {
      const cool = lines.find(({ key }) => key === `${line.batch ?? ''}|cool`);
      return hold(line, cool?.from, 'Keep it hot in its liquid, above 57 °C');
    }
    if (/\|(trim|sear)$/.test(line.task)) {
      const next = lines.find(
        ({ batch, from, task }) =>
          batch === line.batch && from >= line.to && /\|(brine|marinate|stand|smoke|sear|pot)$/.test(task),
      );
      const long = next !== undefined && next.from - line.to >= COLD * MS;
      return long ? hold(line, next.from, 'In the fridge until then') : [];
    }
    return line.task.endsWith('|together') ? hold(line, plates?.from, 'Hold hot, above 57 °C') : [];
  });
  return [...lines, ...held].sort((a, b) => a.from - b.from || a.to - b.to);
}
