/** Time is counted in slots of so many minutes: nobody starts a task at 14:07. */
export const SLOT = 5;

/** Something a job holds while it runs, from and to slots after its start. */
export interface Use {
  readonly from: number;
  readonly to: number;
  /** Any one of these resources; all uses of a job with the same list take the same one. */
  readonly anyOf: readonly number[];
  readonly amount: number;
  /** It may be moved so many slots either way. */
  readonly slack?: number;
  /** A thing that can be at one setting only at a time: an oven's heat. */
  readonly setting?: number;
}

/** A job that, once begun, runs through. Times are slots. */
export interface Job {
  readonly id: string;
  readonly length: number;
  readonly uses: readonly Use[];
  /** It starts no sooner than these end, less the lead: that much of it may run before. */
  readonly after: readonly { readonly job: number; readonly lead: number }[];
  /** It has begun, or somebody has said when: it starts then. */
  readonly fixed?: number;
  /** It starts no sooner than this slot, and ends no later than that one: what serves one sitting of several. */
  readonly notBefore?: number;
  readonly due?: number;
  /** It is wanted by this slot, and is late after it: what leads up to what is wanted first is taken first. */
  readonly wanted?: number;
}

export interface Resource {
  readonly name: string;
  /** How much of it there is in each slot. */
  readonly free: Int16Array;
}

/** A resource held from the start of one job to the end of another, whatever lies between: a pot with its liquid in it. */
export interface Span {
  readonly resource: number;
  readonly from: number;
  readonly to: number;
}

/** Jobs to be placed in [0, horizon) as early as they can be. */
export interface Problem {
  readonly jobs: readonly Job[];
  readonly resources: readonly Resource[];
  readonly spans: readonly Span[];
  readonly horizon: number;
  /** No job that is not fixed starts sooner. */
  readonly earliest: number;
}

/** Where each job starts; what could not be placed has −1. */
export interface Schedule {
  readonly starts: Int32Array;
  /** Which of its `anyOf` each use took, by job and use. */
  readonly taken: readonly (readonly number[])[];
  /** How each use was moved within its slack. */
  readonly moved: readonly (readonly number[])[];
  /** The end of the last job. */
  readonly end: number;
  readonly placed: boolean;
}

/**
 * The same problem with time running backwards: what hangs from a serving time is what starts from it there.
 * A schedule of the one is a schedule of the other, mirrored.
 */
export function mirrored({ jobs, resources, spans, horizon }: Problem): Problem {
  const after = jobs.map((): { job: number; lead: number }[] => []);
  for (const [i, job] of jobs.entries())
    for (const { job: before, lead } of job.after) after[before]?.push({ job: i, lead });
  return {
    jobs: jobs.map(({ fixed, notBefore, due, wanted: _, ...job }, i) => ({
      ...job,
      uses: job.uses.map((use) => ({ ...use, from: job.length - use.to, to: job.length - use.from })),
      after: after[i] ?? [],
      ...(fixed !== undefined && { fixed: horizon - fixed - job.length }),
      ...(due !== undefined && { notBefore: horizon - due }),
      ...(notBefore !== undefined && { due: horizon - notBefore }),
    })),
    resources: resources.map(({ name, free }) => ({ name, free: free.slice().reverse() })),
    spans: spans.map(({ resource, from, to }) => ({ resource, from: to, to: from })),
    horizon,
    earliest: 0,
  };
}
