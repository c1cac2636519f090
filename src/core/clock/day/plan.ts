import { batchTasks } from './batchTasks.ts';
import type { DayFacts } from './facts.ts';
import { beforePots, mealTasks } from './mealTasks.ts';
import { fitted } from './rooms.ts';
import { greedy, level } from './schedule/level.ts';
import { mirrored, SLOT, type Job, type Problem, type Resource, type Schedule } from './schedule/problem.ts';
import type { Part, Task } from './task.ts';
import { minuteOfDay } from './zone.ts';

const MS = 60_000;
const SLOT_MS = SLOT * MS;
/** Two days before the serving and a night more: nobody begins sooner, slots. */
const HORIZON = (4 * 24 * 60) / SLOT;
/** Close to the serving somebody is up, however late it is. */
const UP_BEFORE_SERVING = 6 * 60;

/** One line of the day. */
export interface Line extends Omit<Part, 'from' | 'slack'> {
  readonly task: string;
  readonly batch?: string;
  /** Epoch ms. */
  readonly from: number;
  readonly to: number;
  /** When its task begins. */
  readonly begins: number;
  readonly pinned: boolean;
  /** Its own length may be written: it is a task of one piece. */
  readonly single: boolean;
}

export interface Stretch {
  readonly from: number;
  readonly to: number;
}

/** A task's start and end, and where its pot gets its lid. */
export interface Placed extends Stretch {
  readonly task: string;
  readonly batch?: string;
  readonly lidOn?: number;
}

export interface Day {
  /** Epoch ms: when it is served by this plan, and when the first task begins. */
  readonly serving: number;
  readonly begins: number;
  /** So much later than was asked, min. */
  readonly lateMin: number;
  /** It hangs from a serving time, or runs from now. */
  readonly hangs: boolean;
  /** No plan begins more than so much later, or serves so much sooner, min. */
  readonly gapMin: number;
  readonly lines: readonly Line[];
  readonly placed: readonly Placed[];
  /** When somebody must be there, and when nobody need be. */
  readonly here: readonly Stretch[];
  readonly free: readonly Stretch[];
  /** What the kitchen lacks; and what it has too little of, with the minutes that more of it would save. */
  readonly missing: readonly string[];
  readonly tight: readonly { readonly name: string; readonly savesMin: number }[];
  /** Not even in so many days could all be placed. */
  readonly stuck: boolean;
}

/**
 * The day: every task of the batches and the meal, hung from the serving time so that each begins as late as it
 * can, or run from now where that is asked or the time is past or too near.
 * @param now epoch ms
 * @param tries of the levelling; 0 gives the greedy list at once
 */
export function planDay(facts: DayFacts, now: number, tries: number): Day {
  const { tasks, rooms, missing } = fitted(tasksOf(facts), facts);
  const setting = { facts, tasks, rooms };
  const asked = facts.forward ? undefined : facts.serving;
  const hung = asked !== undefined && asked > now ? hang(setting, asked, now, tries) : undefined;
  const run = hung ?? forward(setting, now, tries);
  const lines = linesOf(tasks, run, facts);
  const here = together(lines.filter(({ hands, to }) => hands > 0 && to > now));
  return {
    serving: run.serving,
    begins: Math.min(run.serving, ...lines.map(({ from }) => from)),
    lateMin: asked === undefined ? 0 : Math.max(0, Math.round((run.serving - asked) / MS)),
    hangs: hung !== undefined,
    gapMin: run.gap * SLOT,
    lines,
    placed: placedOf(tasks, run),
    here,
    free: between(here),
    missing,
    tight: run.schedule.placed ? tightOf(setting, run) : [],
    stuck: !run.schedule.placed,
  };
}

/** Every task that is not over, with the minutes and the start that somebody has written for it. */
function tasksOf(facts: DayFacts): readonly Task[] {
  const { batches, hands, rooms, own, minutes, pins, over } = facts;
  const names = new Set(rooms.map(({ name }) => name));
  const first = beforePots(own);
  const all = [
    ...batches.flatMap((batch) =>
      batchTasks(batch, hands, names)
        .filter(({ id }) => !batch.over.has(id.slice(batch.id.length + 1)))
        .map((task) => (task.lidOn === undefined ? task : { ...task, after: [...task.after, ...first] })),
    ),
    ...mealTasks(facts),
  ].filter(({ id }) => !over.has(id));
  return all.map((task) => {
    const typed = minutes[task.id];
    const pin = pins[task.id];
    const sized = typed === undefined || task.parts.length !== 1 ? task : resized(task, typed);
    return pin === undefined || task.begun !== undefined ? sized : { ...sized, begun: pin };
  });
}

function resized(task: Task, minutes: number): Task {
  return {
    ...task,
    minutes: Math.max(minutes, task.minutes - (task.parts[0]?.minutes ?? 0)),
    parts: task.parts.map((part) => ({ ...part, minutes })),
    needs: task.needs.map((need) => ({ ...need, to: minutes })),
  };
}

interface Setting {
  readonly facts: DayFacts;
  readonly tasks: readonly Task[];
  readonly rooms: readonly { readonly name: string; readonly amount: number }[];
}
interface Run {
  readonly problem: Problem;
  readonly schedule: Schedule;
  readonly origin: number;
  readonly serving: number;
  readonly gap: number;
}

/** From the serving time backwards; undefined if it would have to begin before now. */
function hang(setting: Setting, serving: number, now: number, tries: number): Run | undefined {
  const origin = serving - HORIZON * SLOT_MS;
  const problem = problemOf(setting, origin, HORIZON, 0, serving);
  const back = mirrored(problem);
  const { schedule, bound } = level(back, tries);
  if (!schedule.placed) return undefined;
  const starts = schedule.starts.map((start, i) => HORIZON - start - (problem.jobs[i]?.length ?? 0));
  const moved = schedule.moved.map((row) => row.map((by) => -by));
  const early = problem.jobs.some((job, i) => {
    const start = starts[i] ?? 0;
    const past = job.fixed === undefined && origin + start * SLOT_MS < now - SLOT_MS;
    return (
      past ||
      job.after.some(
        ({ job: before, lead }) => (starts[before] ?? 0) + (problem.jobs[before]?.length ?? 0) - lead > start,
      )
    );
  });
  if (early) return undefined;
  return {
    problem,
    schedule: { ...schedule, starts, moved },
    origin,
    serving,
    gap: Math.max(0, schedule.end - bound),
  };
}

/** From now, as soon as it can be; then hung from the end of that, so that nothing waits longer than it must. */
function forward(setting: Setting, now: number, tries: number): Run {
  const begun = setting.tasks.flatMap(({ begun: at }) => (at === undefined ? [] : [at]));
  const from = Math.floor(Math.min(now, ...begun) / SLOT_MS) * SLOT_MS;
  const earliest = Math.ceil((now - from) / SLOT_MS);
  const horizon = HORIZON + earliest;
  const problem = problemOf(setting, from, horizon, earliest, undefined);
  const { schedule, bound } = level(problem, tries);
  const serving = from + schedule.end * SLOT_MS;
  const gap = Math.max(0, schedule.end - bound);
  const plain = { problem, schedule, origin: from, serving, gap };
  const hung = schedule.placed ? hang(setting, serving, now, Math.ceil(tries / 4)) : undefined;
  return hung ? { ...hung, gap } : plain;
}

function problemOf(
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
      ...(task.begun !== undefined && { fixed: Math.max(0, Math.floor((task.begun - origin) / SLOT_MS)) }),
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

const handsOf = (task: Task) => task.parts.filter(({ hands }) => hands > 0);

/** Hands there are, slot by slot: none at night. */
function handsFree(
  { hands, awake: [from, to], zone }: DayFacts,
  origin: number,
  horizon: number,
  serving: number | undefined,
): Int16Array {
  const first = minuteOfDay(origin, zone);
  return Int16Array.from({ length: horizon }, (_, slot) => {
    const at = origin + slot * SLOT_MS;
    if (serving !== undefined && serving - at <= UP_BEFORE_SERVING * MS) return hands;
    // The change of the clocks moves a night by an hour at most.
    const minute = (first + slot * SLOT) % (24 * 60);
    return minute >= from && minute + SLOT <= to ? hands : 0;
  });
}

function linesOf(tasks: readonly Task[], { schedule, origin }: Run, { pins }: DayFacts): readonly Line[] {
  return tasks
    .flatMap((task, i) => {
      const slot = schedule.starts[i] ?? -1;
      if (slot < 0) return [];
      const start = task.begun ?? origin + slot * SLOT_MS;
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

function placedOf(tasks: readonly Task[], { schedule, origin }: Run): readonly Placed[] {
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

/** What is nearer than this is one stretch; a shorter break is none, min. */
const NEAR = 10;
const BREAK = 30;

function together(lines: readonly Line[]): readonly Stretch[] {
  const found: { from: number; to: number }[] = [];
  for (const { from, to } of lines.toSorted((a, b) => a.from - b.from)) {
    const last = found.at(-1);
    if (last && from - last.to <= NEAR * MS) last.to = Math.max(last.to, to);
    else found.push({ from, to });
  }
  return found;
}

const between = (here: readonly Stretch[]): readonly Stretch[] =>
  here.flatMap(({ to: from }, i) => {
    const next = here[i + 1];
    return next && next.from - from >= BREAK * MS ? [{ from, to: next.from }] : [];
  });

/** What a second of a thing would save, min: tried with plenty of it. */
const WORTH = 20;
function tightOf({ facts }: Setting, { problem, schedule, serving, origin }: Run): Day['tight'] {
  const hangs = origin + problem.horizon * SLOT_MS === serving;
  const asked = hangs ? mirrored(problem) : problem;
  const now = Math.min(
    greedy(asked).end,
    hangs ? problem.horizon - Math.min(...schedule.starts) : schedule.end,
  );
  return problem.resources.flatMap(({ name }, r) => {
    const users = problem.jobs.filter(({ uses }) => uses.some(({ anyOf }) => anyOf.includes(r)));
    if (users.length < 2) return [];
    const plenty = {
      ...asked,
      resources: asked.resources.map((one, i) =>
        i === r ? { ...one, free: one.free.map((n) => (r === 0 ? n * 2 : n + 1000)) } : one,
      ),
      // Plenty of an oven is as many ovens as there are heats.
      jobs: asked.jobs.map((job) => ({
        ...job,
        uses: job.uses.map((use) => (use.anyOf.includes(r) && r > 0 ? { ...use, amount: 0 } : use)),
      })),
      spans: asked.spans.filter(({ resource }) => resource !== r),
    };
    const savesMin = (now - greedy(plenty).end) * SLOT;
    return savesMin >= WORTH && facts.batches.length > 0 ? [{ name, savesMin }] : [];
  });
}
