import { isHands, SLOT_MS, type Run } from './dayProblem.ts';
import type { Resource } from './resources.ts';
import type { Tight } from './line.ts';
import { greedy, mirrored, SLOT } from '../schedule/index.ts';

/** Worth a word, min. */
const WORTH = 20;

/** What there is too little of: the same day is tried with plenty of it, and what that saves is told. */
export function tightOf(
  { problem, schedule, serving, origin }: Run,
  resources: readonly Resource[],
): readonly Tight[] {
  const hangs = origin + problem.horizon * SLOT_MS === serving;
  const asked = hangs ? mirrored(problem) : problem;
  const now = Math.min(
    greedy(asked).end,
    hangs ? problem.horizon - Math.min(...schedule.starts) : schedule.end,
  );
  return problem.resources.flatMap((_, r) => {
    const hands = isHands(r, resources.length);
    const users = problem.jobs.filter(({ uses }) => uses.some(({ anyOf }) => anyOf.includes(r)));
    const spans = problem.spans.filter(({ resource }) => resource === r);
    if (users.length + spans.length < 2) return [];
    const plenty = {
      ...asked,
      resources: asked.resources.map((one, i) =>
        i === r ? { ...one, free: one.free.map((n) => (hands ? n * 2 : n + 1000)) } : one,
      ),
      // Plenty of an oven is as many ovens as there are heats.
      jobs: asked.jobs.map((job) => ({
        ...job,
        uses: job.uses.map((use) => {
          if (!use.anyOf.includes(r) || hands) return use;
          const { setting: _, ...rest } = use;
          return { ...rest, amount: 0 };
        }),
      })),
      spans: asked.spans.filter(({ resource }) => resource !== r),
    };
    const savesMin = (now - greedy(plenty).end) * SLOT;
    const of = hands ? 'hands' : resources[r - 1];
    return of !== undefined && savesMin >= WORTH ? [{ of, savesMin }] : [];
  });
}
