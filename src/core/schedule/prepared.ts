import type { Problem, Use } from './problem.ts';

/** What every list of a problem asks of it, found once: levelling makes hundreds of lists of one problem. */
export interface Prepared {
  /** For each job, the jobs that wait for it, and for how many it waits itself. */
  readonly before: readonly (readonly number[])[];
  readonly waits: Int32Array;
  /** For each job, the spans that begin or end with it, and what those that begin hold. */
  readonly spansAt: readonly (readonly number[])[];
  readonly holdsFrom: readonly (readonly number[])[];
  /** For each job and use, which list of resources it takes one of: equal lists have one number. */
  readonly listOf: readonly (readonly number[])[];
  readonly lists: number;
  /** For each job and use, the uses before it of the same list that it may come upon, moved as both may be. */
  readonly rivals: readonly (readonly (readonly number[])[])[];
}

const known = new WeakMap<Problem, Prepared>();

export function preparedOf(problem: Problem): Prepared {
  const before = known.get(problem) ?? prepare(problem);
  known.set(problem, before);
  return before;
}

function prepare({ jobs, spans }: Problem): Prepared {
  const numbers = new Map<string, number>();
  const numberOf = (list: readonly number[]): number => {
    const key = list.join();
    const number = numbers.get(key) ?? numbers.size;
    numbers.set(key, number);
    return number;
  };
  const listOf = jobs.map(({ uses }) => uses.map(({ anyOf }) => numberOf(anyOf)));
  const before = jobs.map((): number[] => []);
  for (const [i, { after }] of jobs.entries()) for (const { job } of after) before[job]?.push(i);
  return {
    before,
    waits: Int32Array.from(jobs, ({ after }) => after.length),
    spansAt: jobs.map((_, i) => [...spans.keys()].filter((s) => spans[s]?.from === i || spans[s]?.to === i)),
    holdsFrom: jobs.map((_, i) => spans.filter(({ from }) => from === i).map(({ resource }) => resource)),
    listOf,
    lists: numbers.size,
    rivals: jobs.map(({ uses }, i) => uses.map((_, u) => rivalsOf(uses, listOf[i] ?? [], u))),
  };
}

function rivalsOf(uses: readonly Use[], lists: readonly number[], u: number): readonly number[] {
  const use = uses[u];
  if (!use) return [];
  const [from, to] = [use.from - (use.slack ?? 0), use.to + (use.slack ?? 0)];
  return uses.slice(0, u).flatMap((other, v) => {
    const slack = other.slack ?? 0;
    const meet = other.from - slack < to && other.to + slack > from;
    return meet && lists[v] === lists[u] ? [v] : [];
  });
}
