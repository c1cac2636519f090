import { MINUTE_MS } from '../quantity/index.ts';
import type { DayFacts } from './facts.ts';
import type { MetNeed, Resource } from './resources.ts';
import { SLOT, type Job, type Problem, type Schedule, type Span } from '../schedule/index.ts';
import { batchOf, taskId, type Task } from './task.ts';
import { minuteOfDay } from '../clock/index.ts';

export const SLOT_MS = SLOT * MINUTE_MS;
/** Close to the serving somebody is up, however late it is. */
const UP_BEFORE_SERVING = 6 * 60;

/** The tasks of a day with all that they may take. */
export interface Setting {
  readonly facts: DayFacts;
  readonly tasks: readonly Task[];
  /** What each task takes, and of what there is. */
  readonly needs: readonly (readonly MetNeed[])[];
  readonly resources: readonly Resource[];
}
/** A schedule of them, and the moment of its first slot. */
export interface Run {
  readonly problem: Problem;
  readonly schedule: Schedule;
  readonly origin: number;
  readonly serving: number;
  readonly gap: number;
}

/** Hands are the first resource; what the kitchen has follows in its order. */
export const HANDS = 0;
const place = (resource: number) => resource + 1;

const slots = (minutes: number) => Math.ceil(minutes / SLOT - 1e-6);

/** The tasks as jobs in slots from an origin. */
export function problemOf(
  setting: Setting,
  origin: number,
  horizon: number,
  earliest: number,
  serving: number | undefined,
): Problem {
  const { facts, tasks, resources } = setting;
  const spans = spansOf(setting);
  return {
    jobs: tasks.map((task, i) => jobOf(task, i, setting, spans, origin)),
    resources: [
      { name: 'hands', free: handsFree(facts, origin, horizon, serving) },
      ...resources.map(({ kind, id, amount }) => ({
        name: `${kind} ${id}`,
        free: new Int16Array(horizon).fill(amount),
      })),
    ],
    spans,
    horizon,
    earliest,
  };
}

/** A pot keeps its vessels until its batch is brought together, whatever lies between. */
function spansOf({ tasks, needs, resources }: Setting): readonly Span[] {
  return tasks.flatMap((task, from) => {
    const batch = batchOf(task);
    if (task.lidOn === undefined || batch === undefined) return [];
    const last = taskId({ kind: 'together', batch });
    const to = tasks.findIndex(({ id }) => id === last);
    if (to < 0) return [];
    return (needs[from] ?? []).flatMap(({ anyOf }) => {
      const [first] = anyOf;
      return first !== undefined && resources[first]?.kind === 'vessel'
        ? [{ resource: place(first), from, to }]
        : [];
    });
  });
}

function jobOf(
  task: Task,
  index: number,
  { facts, tasks, needs }: Setting,
  spans: readonly Span[],
  origin: number,
): Job {
  const length = Math.max(1, slots(task.minutes));
  // What a span holds its task need not hold as well.
  const held = new Set(spans.flatMap(({ from, resource }) => (from === index ? [resource] : [])));
  const hands = handsOf(task).map(({ from, minutes, hands: wanted, slack = 0 }) => ({
    from: Math.min(length - 1, Math.floor(from / SLOT)),
    to: Math.min(length, Math.floor(from / SLOT) + Math.max(1, slots(minutes))),
    anyOf: [HANDS],
    amount: Math.min(wanted, facts.hands),
    slack: Math.floor(slack / SLOT),
  }));
  const things = (needs[index] ?? []).map(({ anyOf, amount, from, to, setting }) => ({
    from: Math.max(0, Math.floor(from / SLOT)),
    to: Math.min(length, Math.max(1, slots(to))),
    anyOf: anyOf.map(place),
    amount,
    ...(setting !== undefined && { setting }),
  }));
  return {
    id: task.id,
    length,
    // Hands first: the plan reads off them how each part was moved.
    uses: [...hands, ...things].filter(({ anyOf: [first = -1] }) => !held.has(first)),
    after: task.after.flatMap((before) => {
      const job = tasks.findIndex(({ id }) => id === before);
      return job < 0 ? [] : [{ job, lead: 0 }];
    }),
    ...(task.begun !== undefined && { fixed: Math.max(0, Math.ceil((task.begun - origin) / SLOT_MS)) }),
  };
}

/** The parts that want hands: the first uses of its job, in this order. */
export const handsOf = (task: Task) => task.parts.filter(({ hands }) => hands > 0);

/** Hands there are, slot by slot: none at night. */
function handsFree(
  { hands, awake: [from, to], zone }: DayFacts,
  origin: number,
  horizon: number,
  serving: number | undefined,
): Int16Array {
  const hour = 60 / SLOT;
  let first = 0;
  return Int16Array.from({ length: horizon }, (_, slot) => {
    const at = origin + slot * SLOT_MS;
    // Read off the wall clock every hour, so that a change of the clocks moves the night with it.
    if (slot % hour === 0) first = minuteOfDay(at, zone);
    if (serving !== undefined && serving - at <= UP_BEFORE_SERVING * MINUTE_MS) return hands;
    const minute = (first + (slot % hour) * SLOT) % (24 * 60);
    return minute >= from && minute + SLOT <= to ? hands : 0;
  });
}
