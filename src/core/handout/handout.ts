import { dateOf } from '../clock/index.ts';
import type { Handout } from '../meal/index.ts';
import type { DealtJob } from './jobs.ts';

/** A day on which somebody has something to do, "2026-12-05", and how much. */
export interface DayOfJobs {
  readonly date: string;
  readonly jobs: number;
}

export const jobsFor = (jobs: readonly DealtJob[], who: string): readonly DealtJob[] =>
  jobs.filter(({ by }) => by.includes(who));

/** The days of somebody’s jobs, in their order. */
export function daysOf(jobs: readonly DealtJob[], zone: string): readonly DayOfJobs[] {
  const days = new Map<string, number>();
  for (const { at } of jobs) days.set(dateOf(at, zone), (days.get(dateOf(at, zone)) ?? 0) + 1);
  return [...days].map(([date, count]) => ({ date, jobs: count }));
}

type Head = Omit<Handout, 'format' | 'version' | 'pots' | 'jobs'>;

/** One person’s part of one day: the jobs, the pots that they are of, and nothing of anybody else. */
export function handoutOf(
  head: Head,
  jobs: readonly DealtJob[],
  date: string,
  pots: readonly Handout['pots'][number][],
): Handout {
  const own = jobsFor(jobs, head.who.id).filter(({ at }) => dateOf(at, head.zone) === date);
  const of = new Set(own.map(({ pot }) => pot));
  return {
    format: 'slow-spoon handout',
    version: 1,
    ...head,
    pots: pots.filter(({ id }) => of.has(id)),
    jobs: own.map(({ by: _, ...job }) => job),
  };
}
