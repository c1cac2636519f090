import { wholeAt } from '../columns/index.ts';
import type { Job, Problem } from './problem.ts';

/**
 * No schedule ends sooner: the longer of
 * the critical path, each job with the hours at which its resources are there at all, and after all the work
 * that must be done before it; and for each resource Jackson's preemptive schedule (published: Jackson 1955;
 * Carlier 1982), in which its work may be cut up and dealt to all of it at once, each piece after its head and
 * with its tail to come.
 */
export function boundOf(problem: Problem): number {
  const { jobs, resources } = problem;
  const heads = headsOf(problem);
  const tails = tailsOf(jobs);
  const path = jobs.reduce(
    (longest, job, i) => Math.max(longest, wholeAt(heads, i) + job.length + wholeAt(tails, i)),
    0,
  );
  const works = worksOf(jobs, jobs.keys(), heads, (i) => wholeAt(tails, i));
  return resources.reduce(
    (longest, _, r) => Math.max(longest, preemptive(problem, r, works.get(r) ?? [])),
    path,
  );
}

/** When each job could start at the soonest: after what it waits for, and all the work that this is made of. */
function headsOf(problem: Problem): Int32Array {
  const { jobs, resources, horizon, earliest } = problem;
  const heads = new Int32Array(jobs.length).fill(-1);
  const there = (job: Job, start: number) =>
    job.uses.every(({ anyOf, from, to, amount, slack = 0 }) =>
      anyOf.some((r) => {
        const free = resources[r]?.free;
        if (!free) return false;
        // A use that may be moved is looked at only in what it covers wherever it is moved to.
        for (let t = start + from + slack; t < start + to - slack; t += 1)
          if (wholeAt(free, t) < amount) return false;
        return true;
      }),
    );
  const headOf = (i: number): number => {
    const known = heads[i] ?? -1;
    if (known >= 0) return known;
    const job = jobs[i];
    if (!job) return 0;
    let start = job.after.reduce(
      (latest, { job: before, lead }) =>
        Math.max(latest, headOf(before) + (jobs[before]?.length ?? 0) - lead),
      Math.max(earliest, job.notBefore ?? 0),
    );
    const upTo = waysTo(jobs, i);
    if (upTo.size > 1)
      for (const [r, works] of worksOf(jobs, upTo.keys(), heads, (before) => upTo.get(before) ?? 0))
        if (works.length > 1) start = Math.max(start, preemptive(problem, r, works));
    if (job.fixed !== undefined) start = job.fixed;
    else while (start + job.length <= horizon && !there(job, start)) start += 1;
    heads[i] = start;
    return start;
  };
  for (const i of jobs.keys()) headOf(i);
  return heads;
}

/** All that a job waits for, with the longest way from the end of each to the job's start. */
function waysTo(jobs: readonly Job[], i: number): ReadonlyMap<number, number> {
  const ways = new Map<number, number>();
  const go = (job: number, way: number) => {
    for (const { job: before, lead } of jobs[job]?.after ?? []) {
      const longer = way - lead;
      if ((ways.get(before) ?? -Infinity) >= longer) continue;
      ways.set(before, longer);
      go(before, longer + (jobs[before]?.length ?? 0));
    }
  };
  go(i, 0);
  return ways;
}

/** What must still follow a job's end. */
export function tailsOf(jobs: readonly Job[]): Int32Array {
  const tails = new Int32Array(jobs.length).fill(-1);
  const followers = jobs.map((): { job: number; lead: number }[] => []);
  for (const [i, job] of jobs.entries())
    for (const { job: before, lead } of job.after) followers[before]?.push({ job: i, lead });
  const tailOf = (i: number): number => {
    const known = tails[i] ?? -1;
    if (known >= 0) return known;
    const tail = (followers[i] ?? []).reduce(
      (longest, { job, lead }) => Math.max(longest, (jobs[job]?.length ?? 0) - lead + tailOf(job)),
      0,
    );
    tails[i] = tail;
    return tail;
  };
  for (const i of jobs.keys()) tailOf(i);
  return tails;
}

interface Work {
  readonly head: number;
  readonly tail: number;
  left: number;
}

/** What some jobs want of each resource, each piece with its head and its tail. */
function worksOf(
  jobs: readonly Job[],
  some: Iterable<number>,
  heads: Int32Array,
  tailOf: (job: number) => number,
): ReadonlyMap<number, Work[]> {
  const works = new Map<number, Work[]>();
  for (const i of some) {
    const job = jobs[i];
    if (!job) continue;
    for (const { anyOf, from, to, amount, slack = 0 } of job.uses) {
      const [r, elsewhere] = anyOf;
      // What could go elsewhere need not come here.
      if (r === undefined || elsewhere !== undefined) continue;
      const work: Work = {
        head: Math.max(0, wholeAt(heads, i) + from - slack),
        tail: job.length - to - slack + tailOf(i),
        left: (to - from) * amount,
      };
      const others = works.get(r);
      if (others) others.push(work);
      else works.set(r, [work]);
    }
  }
  return works;
}

function preemptive({ resources, horizon }: Problem, r: number, works: Work[]): number {
  const free = resources[r]?.free;
  if (!free) return 0;
  works.sort((a, b) => b.tail - a.tail);
  let latest = 0;
  let undone = works.length;
  for (let t = 0; t < horizon && undone > 0; t += 1) {
    let room = wholeAt(free, t);
    for (const work of works) {
      if (room <= 0) break;
      if (work.left <= 0 || work.head > t) continue;
      const done = Math.min(room, work.left);
      work.left -= done;
      room -= done;
      if (work.left > 0) continue;
      undone -= 1;
      latest = Math.max(latest, t + 1 + work.tail);
    }
  }
  return latest;
}
