import type { Job } from '../meal/index.ts';

/** So much meat is in somebody’s hands from a moment on, g. */
export interface InHand {
  readonly at: number;
  readonly g: number;
}

/**
 * The meat that is in somebody’s hands through their jobs: of each pot from their first job at it to the last, what it comes to at each. One row
 * a job, in their order.
 */
export function inHands(jobs: readonly Pick<Job, 'at' | 'pot' | 'meatG'>[]): readonly InHand[] {
  const last = new Map<string, number>();
  for (const { pot, meatG } of jobs) if (pot !== undefined && meatG !== undefined) last.set(pot, 0);
  jobs.forEach(({ pot }, i) => {
    if (pot !== undefined && last.has(pot)) last.set(pot, i);
  });
  const now = new Map<string, number>();
  return jobs.map(({ at, pot, meatG }, i) => {
    if (pot !== undefined && meatG !== undefined) now.set(pot, meatG);
    const g = [...now].reduce((sum, [id, its]) => ((last.get(id) ?? -1) >= i ? sum + its : sum), 0);
    return { at, g };
  });
}
