import type { Job, Problem, Schedule, Use } from './problem.ts';

/**
 * Serial schedule generation (published: Kolisch and Hartmann 1999): jobs are taken by their rank, each as soon
 * as all that it waits for is placed, and put at the first time at which everything it needs is free.
 * @param rank the smaller, the sooner it is taken
 */
export function place(problem: Problem, rank: Float64Array): Schedule {
  const { jobs, horizon } = problem;
  const bench = new Bench(problem);
  const starts = new Int32Array(jobs.length).fill(-1);
  const taken: number[][] = jobs.map(() => []);
  const moved: number[][] = jobs.map(() => []);
  let end = 0;
  const put = (i: number, job: Job, at: Placing) => {
    starts[i] = at.start;
    taken[i] = at.taken;
    moved[i] = at.moved;
    bench.take(i, job, at);
    end = Math.max(end, at.start + job.length);
  };
  for (const [i, job] of jobs.entries()) {
    // What has begun stands where it stands, whether there was room for it or not.
    if (job.fixed === undefined) continue;
    put(i, job, bench.placing(i, job, job.fixed) ?? bench.anyhow(job, job.fixed));
  }
  const order = [...jobs.keys()]
    .filter((i) => jobs[i]?.fixed === undefined)
    .sort((a, b) => (rank[a] ?? 0) - (rank[b] ?? 0));
  let left = order;
  while (left.length > 0) {
    let put1 = false;
    for (const i of left) {
      const job = jobs[i];
      if (!job || job.after.some(({ job: before }) => (starts[before] ?? -1) < 0)) continue;
      const soonest = job.after.reduce(
        (latest, { job: before, lead }) =>
          Math.max(latest, (starts[before] ?? 0) + (jobs[before]?.length ?? 0) - lead),
        problem.earliest,
      );
      const at = bench.first(i, job, soonest, horizon);
      if (!at) continue;
      put(i, job, at);
      put1 = true;
      left = left.filter((other) => other !== i);
      break;
    }
    if (!put1) break;
  }
  return { starts, taken, moved, end, placed: left.length === 0 };
}

interface Placing {
  readonly start: number;
  readonly taken: number[];
  readonly moved: number[];
}

/** What is free, slot by slot, while jobs are put down. */
class Bench {
  readonly #free: Int16Array[];
  readonly #setting: (Int16Array | undefined)[];
  readonly #problem: Problem;
  readonly #open = new Set<number>();
  #conflict = 0;

  constructor(problem: Problem) {
    this.#problem = problem;
    this.#free = problem.resources.map(({ free }) => free.slice());
    this.#setting = problem.resources.map(() => undefined);
  }

  /** The first start from which everything is free. */
  first(i: number, job: Job, soonest: number, horizon: number): Placing | undefined {
    let start = Math.max(0, soonest);
    while (start + job.length <= horizon) {
      const at = this.placing(i, job, start);
      if (at) return at;
      start = Math.max(start + 1, this.#conflict);
    }
    return undefined;
  }

  placing(i: number, job: Job, start: number): Placing | undefined {
    this.#conflict = start + 1;
    for (const { resource, from } of this.#problem.spans) {
      // Until its other end is placed nobody knows how long it is held.
      if (from === i && !this.#isFree(resource, start, this.#problem.horizon, 1, undefined)) return undefined;
    }
    const taken: number[] = [];
    const moved: number[] = [];
    const chosen = new Map<string, number>();
    for (const use of job.uses) {
      const found = this.#fit(use, start, chosen);
      if (!found) return undefined;
      taken.push(found.resource);
      moved.push(found.by);
    }
    return { start, taken, moved };
  }

  /** A place for what stands there already, free or not. */
  anyhow(job: Job, start: number): Placing {
    return { start, taken: job.uses.map(({ anyOf }) => anyOf[0] ?? 0), moved: job.uses.map(() => 0) };
  }

  #fit(use: Use, start: number, chosen: Map<string, number>) {
    const key = use.anyOf.join();
    const before = chosen.get(key);
    const from = start + use.from;
    const to = start + use.to;
    let conflict = Infinity;
    for (const resource of before === undefined ? use.anyOf : [before]) {
      for (const by of shifts(use.slack ?? 0)) {
        if (from + by < 0 || to + by > this.#problem.horizon) continue;
        if (this.#isFree(resource, from + by, to + by, use.amount, use.setting)) {
          chosen.set(key, resource);
          return { resource, by };
        }
        conflict = Math.min(conflict, this.#busy - use.from + 1 - (use.slack ?? 0) - by);
      }
    }
    if (conflict < Infinity && use.anyOf.length === 1) this.#conflict = Math.max(this.#conflict, conflict);
    return undefined;
  }

  #busy = 0;
  #isFree(resource: number, from: number, to: number, amount: number, setting: number | undefined): boolean {
    const free = this.#free[resource];
    const set = setting === undefined ? undefined : this.#setting[resource];
    if (!free) return false;
    // From the end: the last slot in the way tells how far to go on.
    for (let t = Math.min(to, free.length) - 1; t >= from; t -= 1) {
      if ((free[t] ?? 0) < amount || (set && set[t] !== 0 && set[t] !== setting)) {
        this.#busy = t;
        return false;
      }
    }
    return true;
  }

  take(i: number, job: Job, at: Placing): void {
    for (const [u, use] of job.uses.entries()) {
      const resource = at.taken[u] ?? 0;
      const by = at.start + (at.moved[u] ?? 0);
      this.#hold(resource, by + use.from, by + use.to, use.amount);
      if (use.setting === undefined) continue;
      const set = (this.#setting[resource] ??= new Int16Array(this.#problem.horizon));
      set.fill(use.setting, Math.max(0, by + use.from), Math.max(0, by + use.to));
    }
    const { spans, horizon } = this.#problem;
    for (const [s, { resource, from, to }] of spans.entries()) {
      const end = at.start + job.length;
      if (from === i) {
        this.#hold(resource, at.start, horizon, 1);
        this.#open.add(s);
      }
      if (to === i && this.#open.has(s)) this.#hold(resource, end, horizon, -1);
    }
  }

  #hold(resource: number, from: number, to: number, amount: number): void {
    const free = this.#free[resource];
    if (!free) return;
    for (let t = Math.max(0, from); t < Math.min(to, free.length); t += 1) free[t] = (free[t] ?? 0) - amount;
  }
}

/** 0, 1, −1, 2, −2, … */
function shifts(slack: number): readonly number[] {
  const known = allShifts[slack];
  if (known) return known;
  const made = [0];
  for (let by = 1; by <= slack; by += 1) made.push(by, -by);
  allShifts[slack] = made;
  return made;
}
const allShifts: number[][] = [];
