import { wholeAt, entryAt, valueAt } from '../columns/index.ts';
import { preparedOf, type Prepared } from './prepared.ts';
import type { Job, Problem, Schedule, Use } from './problem.ts';

/**
 * Serial schedule generation (published: Kolisch and Hartmann 1999): jobs are taken by their rank, each as soon
 * as all that it waits for is placed, and put at the first time at which everything it needs is free.
 * @param rank the smaller, the sooner it is taken
 */
export function place(problem: Problem, rank: Float64Array): Schedule {
  const { jobs, horizon } = problem;
  const prepared = preparedOf(problem);
  const bench = new Bench(problem, prepared);
  const starts = new Int32Array(jobs.length).fill(-1);
  const taken: number[][] = jobs.map(() => []);
  const moved: number[][] = jobs.map(() => []);
  const waits = prepared.waits.slice();
  let end = 0;
  const put = (i: number, job: Job, at: Placing) => {
    starts[i] = at.start;
    taken[i] = at.taken;
    moved[i] = at.moved;
    bench.take(i, job, at);
    for (const next of prepared.before[i] ?? []) waits[next] = wholeAt(waits, next) - 1;
    end = Math.max(end, at.start + job.length);
  };
  for (const [i, job] of jobs.entries()) {
    // What has begun stands where it stands, whether there was room for it or not.
    if (job.fixed === undefined) continue;
    put(i, job, bench.placing(i, job, job.fixed) ?? bench.anyhow(job, job.fixed));
  }
  const order = [...jobs.keys()]
    .filter((i) => jobs[i]?.fixed === undefined)
    .sort((a, b) => valueAt(rank, a) - valueAt(rank, b));
  // What found no room is asked again only when some has become free: until then there is less and less.
  const failed = new Int32Array(jobs.length).fill(-1);
  let left = order.length;
  let from = 0;
  while (left > 0) {
    while (wholeAt(starts, entryAt(order, from)) >= 0) from += 1;
    const before = left;
    for (let k = from; k < order.length; k += 1) {
      const i = order[k];
      if (i === undefined) break;
      const job = jobs[i];
      if (!job || wholeAt(starts, i) >= 0 || wholeAt(waits, i) > 0 || failed[i] === bench.freed) continue;
      const at = bench.first(i, job, soonestOf(job, problem, starts), horizon);
      if (!at) {
        failed[i] = bench.freed;
        continue;
      }
      put(i, job, at);
      left -= 1;
      break;
    }
    if (left === before) break;
  }
  return { starts, taken, moved, end, placed: left === 0 };
}

function soonestOf({ after, notBefore = 0 }: Job, { jobs, earliest }: Problem, starts: Int32Array): number {
  let soonest = Math.max(earliest, notBefore);
  for (const { job, lead } of after)
    soonest = Math.max(soonest, wholeAt(starts, job) + (jobs[job]?.length ?? 0) - lead);
  return soonest;
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
  readonly #prepared: Prepared;
  readonly #open = new Set<number>();
  /** By the list of a use, the resource that a use of the same job has taken of it; −1 while none has. */
  readonly #chosen: Int32Array;
  #conflict = 0;
  /** How often something has become free again. */
  freed = 0;

  constructor(problem: Problem, prepared: Prepared) {
    this.#problem = problem;
    this.#prepared = prepared;
    this.#free = problem.resources.map(({ free }) => free.slice());
    this.#setting = problem.resources.map(() => undefined);
    this.#chosen = new Int32Array(prepared.lists).fill(-1);
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
    for (const resource of this.#prepared.holdsFrom[i] ?? []) {
      // Until its other end is placed nobody knows how long it is held: it must be free to the end.
      if (this.#isFree(resource, start, this.#problem.horizon, 1, undefined)) continue;
      this.#conflict = this.#busy + 1;
      return undefined;
    }
    const lists = this.#prepared.listOf[i] ?? [];
    const taken: number[] = [];
    const moved: number[] = [];
    let fits = true;
    for (let u = 0; fits && u < job.uses.length; u += 1) {
      const use = job.uses[u];
      if (!use) continue;
      const rivals = this.#prepared.rivals[i]?.[u] ?? none;
      const list = entryAt(lists, u);
      // What one task asks at one moment is done in a row where it may be moved, else as well as it can be.
      fits =
        (rivals.length > 0 && this.#fit(use, list, start, { job, rivals, moved })) ||
        this.#fit(use, list, start);
      taken.push(this.#resource);
      moved.push(this.#by);
    }
    for (const list of lists) this.#chosen[list] = -1;
    return fits ? { start, taken, moved } : undefined;
  }

  /** A place for what stands there already, free or not. */
  anyhow(job: Job, start: number): Placing {
    return { start, taken: job.uses.map(({ anyOf }) => entryAt(anyOf, 0)), moved: job.uses.map(() => 0) };
  }

  /** What the last use that fitted has taken, and how it was moved. */
  #resource = 0;
  #by = 0;
  #fit(use: Use, list: number, start: number, among?: Among): boolean {
    const before = this.#chosen[list] ?? -1;
    const { slack = 0, anyOf } = use;
    const by = shifts(slack);
    const from = start + use.from;
    const to = start + use.to;
    let conflict = Infinity;
    for (const one of before < 0 ? anyOf : anyOf.slice(0, 1)) {
      const resource = before < 0 ? one : before;
      for (const shift of by) {
        if (from + shift < 0 || to + shift > this.#problem.horizon) continue;
        const amount = use.amount + (among ? takenAmong(among, use.from + shift, use.to + shift) : 0);
        if (this.#isFree(resource, from + shift, to + shift, amount, use.setting)) {
          this.#chosen[list] = resource;
          this.#resource = resource;
          this.#by = shift;
          return true;
        }
        conflict = Math.min(conflict, this.#busy - use.from + 1 - slack - shift);
      }
    }
    // Where one of the list was taken already, another start may take another.
    if (!among && conflict < Infinity && (before < 0 || anyOf.length === 1))
      this.#conflict = Math.max(this.#conflict, conflict);
    return false;
  }

  #busy = 0;
  #isFree(resource: number, from: number, to: number, amount: number, setting: number | undefined): boolean {
    const free = this.#free[resource];
    const set = setting === undefined ? undefined : this.#setting[resource];
    if (!free) return false;
    // From the end: the last slot in the way tells how far to go on.
    for (let t = Math.min(to, free.length) - 1; t >= from; t -= 1) {
      const room = free[t];
      // Beyond the horizon there is no room.
      if (room === undefined || room < amount || (set && set[t] !== 0 && set[t] !== setting)) {
        this.#busy = t;
        return false;
      }
    }
    return true;
  }

  take(i: number, job: Job, at: Placing): void {
    for (let u = 0; u < job.uses.length; u += 1) {
      const use = job.uses[u];
      if (!use) continue;
      const resource = entryAt(at.taken, u);
      const by = at.start + entryAt(at.moved, u);
      this.#hold(resource, by + use.from, by + use.to, use.amount);
      if (use.setting === undefined) continue;
      const set = (this.#setting[resource] ??= new Int16Array(this.#problem.horizon));
      set.fill(use.setting, Math.max(0, by + use.from), Math.max(0, by + use.to));
    }
    const { spans, horizon } = this.#problem;
    for (const s of this.#prepared.spansAt[i] ?? []) {
      const span = spans[s];
      if (!span) continue;
      if (span.from === i) {
        this.#hold(span.resource, at.start, horizon, 1);
        this.#open.add(s);
      }
      if (span.to === i && this.#open.has(s)) {
        this.#hold(span.resource, at.start + job.length, horizon, -1);
        this.freed += 1;
      }
    }
  }

  #hold(resource: number, from: number, to: number, amount: number): void {
    const free = this.#free[resource];
    if (!free) return;
    const end = Math.min(to, free.length);
    for (let t = Math.max(0, from); t < end; t += 1) {
      const room = free[t];
      if (room !== undefined) free[t] = room - amount;
    }
  }
}

/** Uses of the same job that were fitted before, each with how it was moved. */
interface Among {
  readonly job: Job;
  readonly rivals: readonly number[];
  readonly moved: readonly number[];
}
const none: readonly number[] = [];

/** What those before it take of these slots, after the job's start. */
function takenAmong({ job, rivals, moved }: Among, from: number, to: number): number {
  let amount = 0;
  for (const v of rivals) {
    const other = job.uses[v];
    const by = moved[v] ?? 0;
    if (other && other.from + by < to && other.to + by > from) amount += other.amount;
  }
  return amount;
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
