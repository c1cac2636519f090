import { MINUTE_MS } from '../quantity/index.ts';
import type { DayFacts } from './facts.ts';
import { type ServedAt, sittingServed } from './sittings.ts';
import type { MetNeed, Resource } from './resources.ts';
import { SLOT, type Job, type Problem, type Schedule, type Span } from '../schedule/index.ts';
import { batchOf, taskId, type Task } from './task.ts';
import { minuteOfDay } from '../clock/index.ts';
import { hoursOn } from './hours.ts';

export const SLOT_MS = SLOT * MINUTE_MS;
/** Where the hours of work cannot be kept, somebody is up so long before the serving, min. */
const UP_BEFORE_SERVING = 8 * 60;

/** The tasks of a day with all that they may take. */
export interface Setting {
  readonly facts: DayFacts;
  readonly tasks: readonly Task[];
  /** What each task takes, and of what there is. */
  readonly needs: readonly (readonly MetNeed[])[];
  readonly resources: readonly Resource[];
  /** Nobody works outside the hours that were written; else close to the serving somebody is up, however late it is. */
  readonly keepsHours: boolean;
}
/** A schedule of them, and the moment of its first slot. */
export interface Run {
  readonly problem: Problem;
  /** Where each task lies among the jobs. */
  readonly places: readonly Place[];
  readonly schedule: Schedule;
  readonly origin: number;
  readonly serving: number;
  readonly gap: number;
}

/** Hands are the first resource; what the kitchens have follows in its order, and after it the hands of each further kitchen. */
const HANDS = 0;
const place = (resource: number) => resource + 1;
const handsIn = (at: string | undefined, { facts, resources }: Setting): number => {
  const kitchen = at === undefined ? -1 : facts.kitchens.findIndex(({ id }) => id === at);
  return kitchen < 0 ? HANDS : place(resources.length) + kitchen;
};
/** Whether a resource of a day with so many things is somebody’s hands. */
export const isHands = (resource: number, things: number): boolean =>
  resource === HANDS || resource >= place(things);

/**
 * A task among the jobs: tasks of which one goes on where the other ends are one job, so that nothing waits between
 * them.
 */
export interface Place {
  readonly job: number;
  /** It begins so many slots after its job. */
  readonly offset: number;
  /** Its hands are the uses of its job from this one on. */
  readonly hands: number;
}

const slots = (minutes: number) => Math.ceil(minutes / SLOT - 1e-6);

/** When the sittings are served, and whether what serves one ends by then, or is done no sooner than for then. */
export interface Bounded {
  readonly served: ServedAt;
  readonly hangs: boolean;
}

/** The tasks as jobs in slots from an origin. */
export function problemOf(
  setting: Setting,
  origin: number,
  horizon: number,
  earliest: number,
  { served, hangs }: Bounded,
): Problem {
  const { facts, resources } = setting;
  const chains = chainsOf(setting.tasks);
  const spans = spansOf(setting, chains);
  return {
    jobs: chains.map((chain, i) => ({
      ...jobOf(chain, i, setting, chains, spans, origin),
      ...boundsOf(chain, setting, origin, earliest, { served, hangs }),
    })),
    resources: [
      {
        name: 'hands',
        free: handsFree(facts, origin, horizon, setting.keepsHours || !hangs ? [] : [...served.values()]),
      },
      ...resources.map(({ kind, id, amount }) => ({
        name: `${kind} ${id}`,
        free: new Int16Array(horizon).fill(amount),
      })),
      ...facts.kitchens.map(({ id, hands, awake }) => ({
        name: `hands ${id}`,
        free: handsFree(
          { ...facts, hands, awake },
          origin,
          horizon,
          setting.keepsHours || !hangs ? [] : [...served.values()],
        ),
      })),
    ],
    spans,
    horizon,
    earliest,
  };
}

/** The tasks of one job, by their places in the list, in the order in which they go on. */
type Chain = readonly number[];

const lengthOf = (task: Task | undefined): number => Math.max(1, slots(task?.minutes ?? 0));

/** What goes on where another ends stands in its chain; all else is a chain of its own. */
function chainsOf(tasks: readonly Task[]): readonly Chain[] {
  const next = new Map(
    tasks.flatMap(({ follows }, i) => (follows === undefined ? [] : [[follows, i] as const])),
  );
  return tasks.flatMap(({ follows }, head): Chain[] => {
    if (follows !== undefined) return [];
    const chain = [head];
    for (let at = next.get(tasks[head]?.id ?? ''); at !== undefined; at = next.get(tasks[at]?.id ?? ''))
      chain.push(at);
    return [chain];
  });
}

/** Slots from the start of its job to the start of a task of a chain. */
const offsetIn = (chain: Chain, task: number, tasks: readonly Task[]): number =>
  chain.slice(0, chain.indexOf(task)).reduce((sum, i) => sum + lengthOf(tasks[i]), 0);

/** Where each task lies among the jobs of `problemOf`. */
export function placesOf({ tasks }: Setting): readonly Place[] {
  const chains = chainsOf(tasks);
  return tasks.map((_, i) => {
    const job = chains.findIndex((chain) => chain.includes(i));
    const chain = chains[job] ?? [];
    const before = chain.slice(0, chain.indexOf(i));
    const hands = before.reduce((sum, at) => sum + (tasks[at] ? handsOf(tasks[at]).length : 0), 0);
    return { job, offset: offsetIn(chain, i, tasks), hands };
  });
}

/** A pot keeps its vessels until its batch is brought together, whatever lies between. */
function spansOf({ tasks, needs, resources }: Setting, chains: readonly Chain[]): readonly Span[] {
  const jobOfTask = (task: number) => chains.findIndex((chain) => chain.includes(task));
  return tasks.flatMap((task, i) => {
    const batch = batchOf(task);
    if (task.lidOn === undefined || batch === undefined) return [];
    const last = taskId({ kind: 'together', batch });
    const end = tasks.findIndex(({ id }) => id === last);
    if (end < 0) return [];
    const [from, to] = [jobOfTask(i), jobOfTask(end)];
    return (needs[i] ?? []).flatMap(({ anyOf }) => {
      const [first] = anyOf;
      return first !== undefined && resources[first]?.kind === 'vessel'
        ? [{ resource: place(first), from, to }]
        : [];
    });
  });
}

function jobOf(
  chain: Chain,
  index: number,
  setting: Setting,
  chains: readonly Chain[],
  spans: readonly Span[],
  origin: number,
): Job {
  const { facts, tasks, needs } = setting;
  const mine = chain.flatMap((at) => (tasks[at] ? [{ at, task: tasks[at] }] : []));
  const head = mine[0]?.task;
  const length = mine.reduce((sum, { task }) => sum + lengthOf(task), 0);
  // What a span holds its task need not hold as well.
  const held = new Set(spans.flatMap(({ from, resource }) => (from === index ? [resource] : [])));
  const hands = mine.flatMap(({ at, task }) => {
    const offset = offsetIn(chain, at, tasks);
    const end = offset + lengthOf(task);
    return handsOf(task).map(({ from: at, minutes, handsMin = minutes, hands: wanted, slack = 0 }) => {
      const from = Math.min(end - 1, offset + Math.floor(at / SLOT));
      const to = Math.min(end, offset + Math.floor(at / SLOT) + Math.max(1, slots(handsMin)));
      // However it is moved, it is done before its task ends and not before that begins.
      const room = Math.max(0, Math.min(from - offset, end - to));
      return {
        from,
        to,
        anyOf: [handsIn(task.at, setting)],
        amount: Math.min(wanted, facts.kitchens.find(({ id }) => id === task.at)?.hands ?? facts.hands),
        slack: Math.min(room, Math.floor(slack / SLOT)),
      };
    });
  });
  const things = mine.flatMap(({ at, task }) => {
    const offset = offsetIn(chain, at, tasks);
    return (needs[at] ?? []).map(({ anyOf, amount, from, to, setting }) => ({
      from: offset + Math.max(0, Math.floor(from / SLOT)),
      to: offset + Math.min(lengthOf(task), Math.max(1, slots(to))),
      anyOf: anyOf.map(place),
      amount,
      ...(setting !== undefined && { setting }),
    }));
  });
  return {
    id: head?.id ?? '',
    length,
    // Hands first: the plan reads off them how each part was moved.
    uses: [...hands, ...things].filter(({ anyOf: [first = -1] }) => !held.has(first)),
    after: mine.flatMap(({ at, task }) =>
      task.after.flatMap((id) => {
        const before = tasks.findIndex((other) => other.id === id);
        const job = chains.findIndex((other) => other.includes(before));
        if (before < 0 || job === index) return [];
        const other = chains[job] ?? [];
        const whole = other.reduce((sum, i) => sum + lengthOf(tasks[i]), 0);
        const ends = offsetIn(other, before, tasks) + lengthOf(tasks[before]);
        return [{ job, lead: whole - ends + offsetIn(chain, at, tasks) }];
      }),
    ),
    ...(head?.begun !== undefined && {
      fixed: Math.max(0, Math.ceil((head.begun - origin) / SLOT_MS)),
    }),
  };
}

/** Of several sittings, what serves one ends by then; run from now, it is not filled before it is wanted. */
function boundsOf(
  chain: Chain,
  { facts, tasks }: Setting,
  origin: number,
  earliest: number,
  { served, hangs }: Bounded,
): Pick<Job, 'due' | 'notBefore' | 'wanted'> {
  if (served.size < 2) return {};
  const [last] = chain.toReversed();
  const task = last === undefined ? undefined : tasks[last];
  const at = task && served.get(sittingServed(task.ref, facts) ?? NONE);
  if (!task || at === undefined) return {};
  const slot = Math.floor((at - origin) / SLOT_MS);
  if (hangs) return { due: slot };
  // What a dish is filled on is made just before it is filled.
  const { ref } = task;
  const fills =
    'dish' in ref && ref.kind !== 'plates'
      ? tasks.find((one) => one.ref.kind === 'plates' && one.ref.dish === ref.dish)
      : undefined;
  const length = chain.reduce((sum, i) => sum + lengthOf(tasks[i]), 0) + (fills ? lengthOf(fills) : 0);
  return { notBefore: Math.max(earliest, slot - length), wanted: slot };
}
/** No sitting is called so. */
const NONE = ' ';

/** The parts that want hands: the first uses of its job, in this order. */
export const handsOf = (task: Task) =>
  task.parts.filter(({ hands, handsMin }) => hands > 0 && handsMin !== 0);

/** Hands there are, slot by slot: none outside the hours, but for those close to a serving that is given. */
function handsFree(
  facts: DayFacts,
  origin: number,
  horizon: number,
  servings: readonly number[],
): Int16Array {
  const { hands, zone } = facts;
  const hour = 60 / SLOT;
  const hoursAt = hoursOn(facts);
  let first = 0;
  let [from, to] = facts.awake;
  return Int16Array.from({ length: horizon }, (_, slot) => {
    const at = origin + slot * SLOT_MS;
    // Read off the wall clock every hour, so that a change of the clocks moves the night with it.
    if (slot % hour === 0) {
      first = minuteOfDay(at, zone);
      [from, to] = hoursAt(at);
    }
    if (servings.some((serving) => serving > at && serving - at <= UP_BEFORE_SERVING * MINUTE_MS))
      return hands;
    const minute = (first + (slot % hour) * SLOT) % (24 * 60);
    return minute >= from && minute + SLOT <= to ? hands : 0;
  });
}
