import { valueAt, wholeAt } from '../columns/index.ts';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { boundOf, tailsOf } from './bound.ts';
import { place } from './place.ts';
import { mirrored, type Problem, type Schedule } from './problem.ts';

export interface Levelled {
  readonly schedule: Schedule;
  /** No schedule ends sooner than this slot. */
  readonly bound: number;
}

/** What a schedule costs: its end first, and then how far all its jobs are from the start. */
function costOf({ starts, end, placed }: Schedule, { jobs, horizon }: Problem): number {
  if (!placed) return 1e9;
  let sum = 0;
  for (let i = 0; i < starts.length; i += 1) sum += wholeAt(starts, i) + (jobs[i]?.length ?? 0);
  return end + sum / (1 + jobs.length) / (1 + horizon);
}

/** Of the tries, spent though nothing can end sooner. */
const POLISH = 0.2;

/** The plain list: what has most to follow it is taken first. */
export function greedy(problem: Problem): Schedule {
  return place(problem, ranksOf(problem));
}

function ranksOf({ jobs }: Problem): Float64Array {
  const tails = tailsOf(jobs);
  const most = Float64Array.from(jobs, (job, i) => -(wholeAt(tails, i) + job.length));
  if (jobs.every(({ wanted }) => wanted === undefined)) return most;
  const latest = latestStarts(jobs);
  // What nobody has given a time comes after what somebody waits for.
  return most.map((rank, i) => (valueAt(latest, i) < Infinity ? valueAt(latest, i) - BEFORE : rank));
}

/** What is wanted by a time goes before what is not: further than any day reaches, slots. */
const BEFORE = 1e6;

/** When each job must start at the latest for what is wanted by a time (minimum latest start, published: Kolisch 1996); ∞ where nothing is. */
function latestStarts(jobs: Problem['jobs']): Float64Array {
  const followers = jobs.map((): { job: number; lead: number }[] => []);
  for (const [i, job] of jobs.entries())
    for (const { job: before, lead } of job.after) followers[before]?.push({ job: i, lead });
  const starts = new Float64Array(jobs.length).fill(NaN);
  const startOf = (i: number): number => {
    const known = valueAt(starts, i);
    if (!Number.isNaN(known)) return known;
    const { wanted = Infinity, length } = jobs[i] ?? { length: 0 };
    const end = (followers[i] ?? []).reduce(
      (soonest, { job, lead }) => Math.min(soonest, startOf(job) + lead),
      wanted,
    );
    starts[i] = end - length;
    return end - length;
  };
  for (const i of jobs.keys()) startOf(i);
  return starts;
}

/**
 * Levels the jobs: the greedy list, then so many other lists, each the best one so far with some ranks moved
 * (random keys), each pushed to the right and back to the left (forward-backward improvement, published: Tormos
 * and Lova 2001; Valls and others 2005). Once its end is at
 * the bound some more tries draw all other jobs together. The same problem gives the same schedule.
 */
export function level(problem: Problem, tries: number): Levelled {
  const bound = boundOf(problem);
  let ranks = ranksOf(problem);
  let best = place(problem, ranks);
  let cost = costOf(best, problem);
  const random = xoroshiro128plus(20);
  const unit = () => (random.next() >>> 0) / 2 ** 32;
  const n = problem.jobs.length;
  const take = (schedule: Schedule, by: Float64Array) => {
    const costs = costOf(schedule, problem);
    if (costs >= cost) return;
    [best, cost, ranks] = [schedule, costs, by];
  };
  for (let i = 0; i < tries && (best.end > bound || i < POLISH * tries); i += 1) {
    const other = ranks.slice();
    const spread = 1 + (best.placed ? best.end : problem.horizon);
    for (let moves = 1 + Math.floor(unit() * 3); moves > 0; moves -= 1)
      other[Math.floor(unit() * n)] = (unit() - 1) * spread;
    const schedule = place(problem, other);
    take(schedule, other);
    if (schedule.placed && i % 4 === 0) {
      const [pushed, by] = pushedBack(problem, schedule);
      take(pushed, by);
    }
  }
  return { schedule: best, bound };
}

/** Everything as late as it goes, then as early again in the order of those starts. */
function pushedBack(problem: Problem, schedule: Schedule): [Schedule, Float64Array] {
  const { jobs, horizon } = problem;
  const ends = Float64Array.from(jobs, (job, i) => -(wholeAt(schedule.starts, i) + job.length));
  const right = place(mirrored(problem), ends);
  const starts = Float64Array.from(jobs, (job, i) => horizon - wholeAt(right.starts, i) - job.length);
  return [place(problem, starts), starts];
}
