import type { DayFacts, DayRoom } from './facts.ts';
import { SLOT, type Job, type Problem, type Resource, type Schedule } from './schedule/problem.ts';
import type { Task } from './task.ts';
import { minuteOfDay } from './zone.ts';

const MS = 60_000;
export const SLOT_MS = SLOT * MS;
/** Close to the serving somebody is up, however late it is. */
const UP_BEFORE_SERVING = 6 * 60;

/** The tasks of a day with all that they may take. */
export interface Setting {
  readonly facts: DayFacts;
  readonly tasks: readonly Task[];
  readonly rooms: readonly DayRoom[];
}
/** A schedule of them, and the moment of its first slot. */
export interface Run {
  readonly problem: Problem;
  readonly schedule: Schedule;
  readonly origin: number;
  readonly serving: number;
  readonly gap: number;
}

/** The tasks as jobs in slots from an origin. */
export function problemOf(
  { facts, tasks, rooms }: Setting,
  origin: number,
  horizon: number,
  earliest: number,
  serving: number | undefined,
): Problem {
  const names = ['hands', ...rooms.map(({ name }) => name)];
  const index = new Map(names.map((name, i) => [name, i]));
  const byId = new Map(tasks.map(({ id }, i) => [id, i]));
  const resources: Resource[] = [
    { name: 'hands', free: handsFree(facts, origin, horizon, serving) },
    ...rooms.map(({ name, amount }) => ({ name, free: new Int16Array(horizon).fill(amount) })),
  ];
  const slots = (minutes: number) => Math.ceil(minutes / SLOT - 1e-6);
  const jobs = tasks.map((task): Job => {
    const length = Math.max(1, slots(task.minutes));
    return {
      id: task.id,
      length,
      // Hands first: the plan reads off them how each part was moved.
      uses: [
        ...handsOf(task).map(({ from, minutes, hands, slack = 0 }) => ({
          from: Math.min(length - 1, Math.floor(from / SLOT)),
          to: Math.min(length, Math.floor(from / SLOT) + Math.max(1, slots(minutes))),
          anyOf: [0],
          amount: Math.min(hands, facts.hands),
          slack: Math.floor(slack / SLOT),
        })),
        ...task.needs.map(({ anyOf, amount, from, to, setting }) => ({
          from: Math.max(0, Math.floor(from / SLOT)),
          to: Math.min(length, Math.max(1, slots(to))),
          anyOf: anyOf.map((name) => index.get(name) ?? 0),
          amount,
          ...(setting !== undefined && { setting }),
        })),
      ],
      after: task.after.flatMap(({ task: before, lead }) => {
        const job = byId.get(before);
        return job === undefined ? [] : [{ job, lead: Math.floor(lead / SLOT) }];
      }),
      ...(task.begun !== undefined && { fixed: Math.max(0, Math.ceil((task.begun - origin) / SLOT_MS)) }),
    };
  });
  const spans = tasks.flatMap((task, from) => {
    const to = byId.get(`${task.batch ?? ''}|together`);
    if (task.lidOn === undefined || to === undefined) return [];
    return task.needs
      .flatMap(({ anyOf: [name = ''] }) => (name.startsWith('vessel ') ? [index.get(name) ?? 0] : []))
      .map((resource) => ({ resource, from, to }));
  });
  // What a span holds its task need not hold as well.
  const spanned = new Map(spans.map(({ resource, from }) => [from, resource]));
  const kept = jobs.map((job, i) => {
    const held = spans.filter(({ from }) => from === i).map(({ resource }) => resource);
    return spanned.has(i)
      ? { ...job, uses: job.uses.filter(({ anyOf }) => !held.includes(anyOf[0] ?? -1)) }
      : job;
  });
  return { jobs: kept, resources, spans, horizon, earliest };
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
    if (serving !== undefined && serving - at <= UP_BEFORE_SERVING * MS) return hands;
    const minute = (first + (slot % hour) * SLOT) % (24 * 60);
    return minute >= from && minute + SLOT <= to ? hands : 0;
  });
}
