import type { Job, Problem } from './problem.ts';

/**
 * No schedule ends sooner: the longer of
 * the critical path, each job alone with the hours at which its resources are there at all; and for each
 * resource Jackson's preemptive schedule (published: Jackson 1955; Carlier 1982), in which its work may be cut
 * up and dealt to all of it at once, each piece after its head and with its tail to come.
 */
export function boundOf(problem: Problem): number {
  const heads = headsOf(problem);
  const tails = tailsOf(problem.jobs);
  const path = problem.jobs.reduce(
    (longest, job, i) => Math.max(longest, (heads[i] ?? 0) + job.length + (tails[i] ?? 0)),
    0,
  );
  return problem.resources.reduce(
    (longest, _, r) => Math.max(longest, preemptive(problem, r, heads, tails)),
    path,
  );
}

/** When each job could start at the soonest if nobody else wanted anything. */
function headsOf({ jobs, resources, horizon, earliest }: Problem): Int32Array {
  const heads = new Int32Array(jobs.length).fill(-1);
  const there = (job: Job, start: number) =>
    job.uses.every(({ anyOf, from, to, amount, slack = 0 }) =>
      anyOf.some((r) => {
        const free = resources[r]?.free;
        if (!free) return false;
        // A use that may be moved is looked at only in what it covers wherever it is moved to.
        for (let t = start + from + slack; t < start + to - slack; t += 1)
          if ((free[t] ?? 0) < amount) return false;
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
      earliest,
    );
    if (job.fixed !== undefined) start = job.fixed;
    else while (start + job.length <= horizon && !there(job, start)) start += 1;
    heads[i] = start;
    return start;
  };
  for (const i of jobs.keys()) headOf(i);
  return heads;
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

function preemptive(
  { jobs, resources, horizon }: Problem,
  r: number,
  heads: Int32Array,
  tails: Int32Array,
): number {
  const free = resources[r]?.free;
  if (!free) return 0;
  const works: Work[] = jobs.flatMap((job, i) =>
    job.uses.flatMap(({ anyOf, from, to, amount, slack = 0 }) =>
      // What could go elsewhere need not come here.
      anyOf.length === 1 && anyOf[0] === r
        ? [
            {
              head: Math.max(0, (heads[i] ?? 0) + from - slack),
              tail: Math.max(0, job.length - to - slack + (tails[i] ?? 0)),
              left: (to - from) * amount,
            },
          ]
        : [],
    ),
  );
  works.sort((a, b) => b.tail - a.tail);
  let latest = 0;
  let undone = works.length;
  for (let t = 0; t < horizon && undone > 0; t += 1) {
    let room = free[t] ?? 0;
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
