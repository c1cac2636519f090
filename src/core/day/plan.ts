import { wholeAt } from '../columns/index.ts';
import { MINUTE_MS } from '../quantity/index.ts';
import { placesOf, problemOf, SLOT_MS, type Run, type Setting } from './dayProblem.ts';
import type { DayFacts } from './facts.ts';
import type { Line, Placed, Interval, Tight } from './line.ts';
import { withHolding } from './holding.ts';
import { linesOf, placedOf } from './lines.ts';
import { meetNeeds, type Lack } from './resources.ts';
import { level, mirrored, place, SLOT } from '../schedule/index.ts';
import { gaps, mergeIntervals } from './intervals.ts';
import { batchOf, type Task } from './task.ts';
import { tasksOf } from './tasks/index.ts';
import { HELD_LONG } from './minutes.ts';
import { askedAt, lastOf, type ServedAt, sittingServed } from './sittings.ts';
import { tightOf } from './tight.ts';
import { withNames } from './who.ts';
import { minuteOfDay } from '../clock/index.ts';
import { hoursOn } from './hours.ts';

/** Two days before the serving and a night more: nobody begins sooner, slots. */
const HORIZON = (4 * 24 * 60) / SLOT;
/** Of an event, from so long before its first sitting to its last; no more than a fortnight in all, slots. */
function horizonOf(served: ServedAt, from = Infinity): number {
  if (served.size < 2) return HORIZON;
  const first = Math.min(from, ...served.values());
  const span = Math.ceil(((lastOf(served) ?? first) - first) / SLOT_MS);
  return HORIZON + Math.min(HORIZON * 3, Math.max(0, span));
}

/** A sitting as the plan serves it. */
export interface ServedSitting {
  readonly id: string;
  /** Epoch ms: when it is served by this plan, and when it was asked for. */
  readonly serving: number;
  readonly asked: number | undefined;
  readonly lateMin: number;
}

export interface Day {
  /** Every sitting, in the order in which they are served. */
  readonly sittings: readonly ServedSitting[];
  /** Epoch ms: when the last is served by this plan, and when the first task begins. */
  readonly serving: number;
  readonly begins: number;
  /** So much later than was asked, the worst of them, min. */
  readonly lateMin: number;
  /** It hangs from a serving time, or runs from now. */
  readonly hangs: boolean;
  /** No plan begins more than so much later, or serves so much sooner, min. */
  readonly gapMin: number;
  readonly lines: readonly Line[];
  readonly placed: readonly Placed[];
  /** When somebody must be there, and when nobody need be. */
  readonly here: readonly Interval[];
  readonly free: readonly Interval[];
  /** What the kitchen lacks; and what it has too little of, with the minutes that more of it would save. */
  readonly lacks: readonly Lack[];
  readonly tight: readonly Tight[];
  /** The batches of which something could not even in so many days be placed. */
  readonly unplaced: readonly string[];
  /** The hours of work cannot be kept; what could be done instead. */
  readonly outside: Outside | undefined;
}

/**
 * The day: every task of the batches and the meal, hung from the serving time so that each begins as late as it
 * can, or run from now where that is asked or the time is past or too near.
 * @param now epoch ms
 * @param tries of the levelling; 0 gives the greedy list at once
 */
export function planDay(facts: DayFacts, now: number, tries: number): Day {
  const tasks = atOnce(tasksOf(facts), now);
  const { met, resources, lacks } = meetNeeds(
    tasks.map(({ needs }) => needs),
    facts.resources,
    tasks.map(({ at = '' }) => at),
  );
  const setting: Setting = { facts, tasks, needs: met, resources, keepsHours: true };
  const asked: ServedAt = facts.forward ? new Map() : askedAt(facts);
  const last = lastOf(asked);
  const hung = last !== undefined && last > now ? hangInHours(setting, asked, now, tries) : undefined;
  const run = hung?.run ?? freely(setting, now, tries, asked);
  const sittings = servedIn(run, setting, asked);
  const unplaced = unplacedIn(tasks, run);
  // Nobody trims and browns what will not be cooked: of a pot without a place nothing is told, unless it has begun.
  const begun = new Set(tasks.flatMap((task) => (task.begun === undefined ? [] : (batchOf(task) ?? []))));
  const isTold = (batch = '') => !unplaced.includes(batch) || begun.has(batch);
  const told = toldOf(setting, run, now, sittings).filter(({ batch }) => isTold(batch));
  const lines = namedByKitchen(told, tasks, facts);
  const here = mergeIntervals(lines.filter((line) => wantsSomebody(line) && line.to > now));
  return {
    sittings,
    serving: run.serving,
    begins: Math.min(run.serving, ...lines.map(({ from }) => from)),
    lateMin: Math.max(0, ...sittings.map(({ lateMin }) => lateMin)),
    hangs: hung !== undefined || run.serving === last,
    outside: hung?.outside,
    gapMin: run.gap * SLOT,
    lines,
    placed: placedOf(tasks, run),
    here,
    free: gaps(here),
    lacks,
    tight: run.schedule.placed ? tightOf(run, resources) : [],
    unplaced,
  };
}

/** Who does what, in each kitchen those who work there. */
function namedByKitchen(lines: readonly Line[], tasks: readonly Task[], facts: DayFacts): readonly Line[] {
  const { cooks, hands, kitchens } = facts;
  if (kitchens.length === 0) return withNames(lines, tasks, cooks, hands);
  const places = new Map(tasks.map(({ id, at = '' }) => [id, at]));
  const named = [{ id: '', cooks, hands }, ...kitchens].flatMap((kitchen) => {
    const own = lines.filter(({ task }) => (places.get(task) ?? '') === kitchen.id);
    const done = withNames(own, tasks, kitchen.cooks, kitchen.hands);
    return own.map((line, i) => [line, done[i] ?? line] as const);
  });
  const by = new Map(named);
  return lines.map((line) => by.get(line) ?? line);
}

/** An oven is switched on in passing: no pair of hands is taken by it, and yet somebody is there. */
const wantsSomebody = ({ hands, does }: Line): boolean => hands > 0 || does.what === 'heat the oven';

function unplacedIn(tasks: readonly Task[], { schedule, places }: Run): readonly string[] {
  const left = tasks.filter((_, i) => (schedule.starts[places[i]?.job ?? -1] ?? -1) < 0);
  return [...new Set(left.flatMap((task) => batchOf(task) ?? []))];
}

/**
 * What cannot wait begins now, and before it, one after the other, what it still waits for: browned meat is not kept until
 * somebody would chop its onions.
 */
function atOnce(tasks: readonly Task[], now: number): readonly Task[] {
  const byId = new Map(tasks.map((task) => [task.id, task]));
  const begins = new Map<string, number>();
  let free = now;
  const begin = (id: string): void => {
    const task = byId.get(id);
    if (!task || task.begun !== undefined || begins.has(id)) return;
    for (const before of [...task.after, task.follows ?? '']) begin(before);
    begins.set(id, free);
    free += Math.ceil(task.minutes / SLOT) * SLOT * MINUTE_MS;
  };
  for (const task of tasks)
    if (task.atOnce) {
      free = now;
      begin(task.id);
    }
  return tasks.map((task) => {
    const at = begins.get(task.id);
    return at === undefined || task.follows !== undefined ? task : { ...task, begun: at };
  });
}

/** When a schedule serves each sitting: when it was asked for, or once all is done that serves it. */
function servedIn(run: Run, { facts, tasks }: Setting, asked: ServedAt): readonly ServedSitting[] {
  const { origin, places, schedule } = run;
  const ends = new Map<string, number>();
  for (const [i, task] of tasks.entries()) {
    const sitting = sittingServed(task.ref, facts);
    const place = places[i];
    const slot = schedule.starts[place?.job ?? -1] ?? -1;
    if (sitting === undefined || !place || slot < 0) continue;
    const end = origin + (slot + place.offset) * SLOT_MS + task.minutes * MINUTE_MS;
    ends.set(sitting, Math.max(ends.get(sitting) ?? 0, end));
  }
  const { sittings } = facts;
  return sittings
    .map(({ id }): ServedSitting => {
      const wanted = asked.get(id);
      const done = Math.ceil((ends.get(id) ?? wanted ?? run.serving) / SLOT_MS) * SLOT_MS;
      const serving = sittings.length < 2 ? run.serving : Math.max(wanted ?? 0, done);
      const late = wanted === undefined ? 0 : Math.round((serving - wanted) / MINUTE_MS);
      return { id, serving, asked: wanted, lateMin: Math.max(0, late) };
    })
    .sort((a, b) => a.serving - b.serving);
}

const toldOf = (
  setting: Setting,
  run: Run,
  now: number,
  sittings: readonly ServedSitting[] = servedIn(run, setting, askedAt(setting.facts)),
): readonly Line[] =>
  withHolding(linesOf(setting.tasks, run, setting.facts), setting.facts, now, (ref) => {
    const sitting = sittingServed(ref, setting.facts);
    return sittings.find(({ id }) => id === sitting)?.serving ?? run.serving;
  });

const isHotHold = ({ does }: Line) => does.what === 'hold' && does.where !== 'in the fridge';
const holdsLong = (lines: readonly Line[]): boolean =>
  lines.some((line) => isHotHold(line) && line.minutes > HELD_LONG);

/**
 * Hung from the serving within the hours of work, if that can be done without holding anything hot for half a day; else from
 * the next serving that keeps them, with what the asked one would take. The hours are the cook's: no plan works outside of
 * them while there is one that does not.
 */
function hangInHours(
  setting: Setting,
  asked: ServedAt,
  now: number,
  tries: number,
): { readonly run: Run; readonly outside?: Outside | undefined } | undefined {
  const good = (run: Run | undefined): run is Run =>
    run !== undefined && !holdsLong(toldOf(setting, run, now));
  // The quick list tells whether it can be done; only then is it worth levelling.
  const quick = hang(setting, asked, now, 0);
  const kept = good(quick) ? (tries > 0 ? hang(setting, asked, now, tries) : quick) : undefined;
  if (good(kept)) return { run: kept };
  const open = hang({ ...setting, keepsHours: false }, asked, now, 0);
  if (!open) return quick && { run: quick };
  const outside = outsideOf(setting.facts, toldOf(setting, open, now), now);
  // Nothing that wants hands lies outside the hours after all.
  if (!outside) return { run: hang({ ...setting, keepsHours: false }, asked, now, tries) ?? open };
  const [serving = 0, another] = asked.values();
  // Which of several sittings could be later is nobody's to say but the cook's.
  if (another !== undefined) return { run: open, outside };
  for (let later = LATER; later <= LATEST; later += LATER) {
    const at = serving + later * MINUTE_MS;
    const then: ServedAt = new Map([...asked.keys()].map((id) => [id, at]));
    const run = hang(setting, then, now, 0);
    if (!good(run)) continue;
    const levelled = tries > 0 ? hang(setting, then, now, tries) : run;
    return { run: good(levelled) ? levelled : run, outside: { ...outside, serving: at } };
  }
  return { run: open, outside };
}

/** Outside the hours somebody would have to be there; what would keep them. */
export interface Outside {
  /** Epoch ms: the first moment outside the hours, where it is served as asked. */
  readonly first: number;
  /** Minutes of the day between which it could be. */
  readonly hours: readonly [number, number];
  /** Epoch ms: the next serving that keeps the hours as they are, which is planned; undefined if none within half a day does. */
  readonly serving: number | undefined;
}

/** A later serving is tried so often, min, and so far. */
const LATER = 15;
const LATEST = 12 * 60;
const DAY = 24 * 60;

/** Undefined where nothing that wants hands lies outside the hours. */
function outsideOf(facts: DayFacts, lines: readonly Line[], now: number): Outside | undefined {
  const { awake, zone } = facts;
  const hoursAt = hoursOn(facts);
  const wanting = lines
    .filter(({ hands, to }) => hands > 0 && to > now)
    .map(({ from, to }) => {
      const begins = minuteOfDay(from, zone);
      return { from, begins, ends: Math.min(DAY - 1, Math.ceil(begins + (to - from) / MINUTE_MS)) };
    });
  // A slot that is begun is finished.
  const beyond = wanting.filter(({ from, begins, ends }) => {
    const [first, last] = hoursAt(from);
    return begins < first || ends > last + SLOT;
  });
  const [first] = beyond;
  if (!first) return undefined;
  const hours = [
    Math.min(awake[0], ...beyond.map(({ begins }) => begins)),
    Math.max(awake[1], ...beyond.map(({ ends }) => ends)),
  ] as const;
  return { first: first.from, hours, serving: undefined };
}

/** From the last serving backwards; undefined if it would have to begin before now. */
function hang(setting: Setting, served: ServedAt, now: number, tries: number): Run | undefined {
  const serving = lastOf(served) ?? now;
  const horizon = horizonOf(served);
  const origin = serving - horizon * SLOT_MS;
  const problem = problemOf(setting, origin, horizon, 0, { served, hangs: true });
  const back = mirrored(problem);
  const { schedule, bound } = level(back, tries);
  if (!schedule.placed) return undefined;
  const starts = schedule.starts.map((start, i) => horizon - start - (problem.jobs[i]?.length ?? 0));
  const moved = schedule.moved.map((row) => row.map((by) => -by));
  const early = problem.jobs.some((job, i) => {
    const start = wholeAt(starts, i);
    const past = job.fixed === undefined && origin + start * SLOT_MS < now - SLOT_MS;
    return (
      past ||
      job.after.some(
        ({ job: before, lead }) =>
          wholeAt(starts, before) + (problem.jobs[before]?.length ?? 0) - lead > start,
      )
    );
  });
  if (early) return undefined;
  return {
    problem,
    places: placesOf(setting),
    schedule: { ...schedule, starts, moved },
    origin,
    serving,
    gap: Math.max(0, schedule.end - bound),
  };
}

/** Everything as late as it goes before that slot, in the order in which it ends. */
function pushedLate(run: Run, horizon: number): Run | undefined {
  const { problem, schedule } = run;
  const cut = {
    ...problem,
    // What serves a sitting is not pushed beyond it.
    jobs: problem.jobs.map(({ notBefore, ...job }, i) =>
      notBefore === undefined
        ? job
        : { ...job, due: job.length + Math.max(notBefore, wholeAt(schedule.starts, i)) },
    ),
    horizon,
    resources: problem.resources.map(({ name, free }) => ({ name, free: free.slice(0, horizon) })),
  };
  const { jobs } = problem;
  const rank = Float64Array.from(jobs, (job, i) => -(wholeAt(schedule.starts, i) + job.length));
  const back = place(mirrored(cut), rank);
  const starts = back.starts.map((start, i) => horizon - start - (jobs[i]?.length ?? 0));
  const early = jobs.some((job, i) => job.fixed === undefined && (starts[i] ?? -1) < problem.earliest);
  const broken = jobs.some((job, i) =>
    job.after.some(
      ({ job: before, lead }) =>
        wholeAt(starts, before) + (jobs[before]?.length ?? 0) - lead > wholeAt(starts, i),
    ),
  );
  if (!back.placed || early || broken) return undefined;
  const moved = back.moved.map((row) => row.map((by) => -by));
  return { ...run, problem: cut, schedule: { ...back, starts, moved, end: horizon } };
}

/**
 * From now; but where nothing has begun, no time was asked and nobody said to start now, a day that would hold a pot hot through the
 * night begins the next morning.
 */
function freely(setting: Setting, now: number, tries: number, asked: ServedAt): Run {
  const run = forward(setting, now, tries, asked);
  const { facts, tasks } = setting;
  const isFree = asked.size === 0 && !facts.forward && tasks.every(({ begun }) => begun === undefined);
  if (!isFree || !holdsLong(toldOf(setting, run, now))) return run;
  const wait = (facts.awake[0] - minuteOfDay(now, facts.zone) + DAY) % DAY;
  const next = forward(setting, now + wait * MINUTE_MS, tries);
  return holdsLong(toldOf(setting, next, now)) ? run : next;
}

/**
 * From now, as soon as it can be; then hung from the end of that, so that nothing waits longer than it must. What is ready before
 * the serving that was asked for is served when it was asked for.
 */
function forward(setting: Setting, now: number, tries: number, asks: ServedAt = new Map()): Run {
  const asked = lastOf(asks);
  const begun = setting.tasks.flatMap(({ begun: at }) => (at === undefined ? [] : [at]));
  const from = Math.floor(Math.min(now, ...begun) / SLOT_MS) * SLOT_MS;
  const earliest = Math.ceil((now - from) / SLOT_MS);
  const horizon = horizonOf(asks, from) + earliest;
  const problem = problemOf(setting, from, horizon, earliest, { served: asks, hangs: false });
  const { schedule, bound } = level(problem, tries);
  const serving = from + schedule.end * SLOT_MS;
  const gap = Math.max(0, schedule.end - bound);
  const plain = { problem, places: placesOf(setting), schedule, origin: from, serving, gap };
  if (asked !== undefined && schedule.placed && serving <= asked) {
    const until = Math.floor((asked - from) / SLOT_MS);
    return { ...(pushedLate(plain, until) ?? plain), serving: asked };
  }
  const served = new Map(
    servedIn(plain, setting, asks).map((one) => [one.id, Math.min(serving, one.serving)] as const),
  );
  const hung = schedule.placed ? hang(setting, served, now, Math.ceil(tries / 4)) : undefined;
  return hung ? { ...hung, gap } : (pushedLate(plain, schedule.end) ?? plain);
}
