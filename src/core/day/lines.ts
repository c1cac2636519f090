import { entryAt } from '../columns/index.ts';
import { MINUTE_MS } from '../quantity/index.ts';
import type { DayFacts } from './facts.ts';
import { handsOf, SLOT_MS, type Run } from './dayProblem.ts';
import type { Line, Placed } from './line.ts';
import { SLOT } from '../schedule/index.ts';
import { batchOf, type Doing, type Task, type TaskRef } from './task.ts';

/** Every part of every task at its moment, in the order of the day. */
export function linesOf(
  tasks: readonly Task[],
  { schedule, origin, places }: Run,
  { pins }: DayFacts,
): readonly Line[] {
  return tasks
    .flatMap((task, i) => {
      const place = places[i];
      const slot = schedule.starts[place?.job ?? -1] ?? -1;
      if (!place || slot < 0) return [];
      const start = origin + (slot + place.offset) * SLOT_MS;
      const wanting = handsOf(task);
      const batch = batchOf(task);
      return task.parts.map(({ from, slack: _, handsMin: __, ...part }): Line => {
        const u = wanting.findIndex(({ key }) => key === part.key);
        const by = u >= 0 ? entryAt(entryAt(schedule.moved, place.job), place.hands + u) * SLOT : 0;
        const at = start + (from + by) * MINUTE_MS;
        return {
          ...part,
          ref: task.ref,
          task: task.id,
          ...(batch !== undefined && { batch }),
          from: at,
          to: at + part.minutes * MINUTE_MS,
          begins: start,
          pinned: pins[task.id] !== undefined,
          single: task.parts.length === 1,
        };
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
        from,
        to: from + task.minutes * MINUTE_MS,
        ...(task.lidOn !== undefined && { lidOn: from + task.lidOn * MINUTE_MS }),
      },
    ];
  });
}

/** What waits longer than this is held hot, min (estimate). */
const HOLD = 20;
/** Raw or half-raw meat that waits longer than this goes back into the cold, min (estimate). */
const COLD = 60;

/**
 * The lines with what is held hot: meat that waits in its pot to be cooled and pulled, and what is brought together
 * until its plates are filled; and meat that goes back into the cold before the pot.
 */
export function withHolding(lines: readonly Line[]): readonly Line[] {
  const held = lines.flatMap((line): Line[] => {
    const wait = waitAfter(line, lines);
    if (!wait || wait.until - line.to < wait.least * MINUTE_MS) return [];
    const { grams: _, ...rest } = line;
    return [
      {
        ...rest,
        key: `${line.key} hold`,
        does: { what: 'hold', where: wait.where },
        kind: 'rest',
        hands: 0,
        single: false,
        from: line.to,
        to: wait.until,
        minutes: (wait.until - line.to) / MINUTE_MS,
      },
    ];
  });
  return [...lines, ...held].sort((a, b) => a.from - b.from || a.to - b.to);
}

interface Wait {
  readonly until: number;
  readonly where: Extract<Doing, { what: 'hold' }>['where'];
  /** A shorter wait is none, min. */
  readonly least: number;
}

/** Before these raw or browned meat may lie for a while. */
const intoHeat = new Set<TaskRef['kind']>(['brine', 'marinate', 'stand', 'smoke', 'sear', 'pot']);

/** Until when, and where, what a line leaves behind has to wait. */
function waitAfter(line: Line, lines: readonly Line[]): Wait | undefined {
  const { batch, ref, does } = line;
  if (does.what === 'lift') {
    const cool = lines.find((other) => other.batch === batch && other.does.what === 'cool');
    return cool && { until: cool.from, where: 'in its liquid', least: HOLD };
  }
  if (ref.kind === 'trim' || ref.kind === 'sear') {
    const next = lines.find(
      (other) => other.batch === batch && other.from >= line.to && intoHeat.has(other.ref.kind),
    );
    return next && { until: next.from, where: 'in the fridge', least: COLD };
  }
  if (ref.kind !== 'together') return undefined;
  const plates = lines.find(({ kind }) => kind === 'plates');
  const cold = does.what === 'bring together' && does.how === 'cold';
  if (!plates || (!cold && does.what !== 'heats through')) return undefined;
  return { until: plates.from, where: cold ? 'in the fridge' : 'hot', least: HOLD };
}
