import { handsHours, type Placed, taskId } from '../../../day/index.ts';
import type { Entry } from '../../../meal/index.ts';
import { momentOf } from '../../../clock/index.ts';
import { MINUTE_MS } from '../../../quantity/index.ts';
import type { Input, OpenedMeal } from '../../../model/index.ts';
import { type DayPlan, dayOf } from './day.ts';
import { placeWays } from './unplanned.ts';

/** A week before it is served nothing has begun. */
const BEFORE = 7 * 24 * 60 * MINUTE_MS;

/**
 * The moment that a meal's day is told at, epoch ms: its last entry, or when a lid went on or a task was begun; where there is none, well
 * before its start.
 */
export function nowOf({ meal, batches, entries }: Pick<Input, 'meal' | 'batches' | 'entries'>): number {
  const said = [
    ...entries.map(({ at }: Pick<Entry, 'at'>) => at),
    ...batches.flatMap(({ lidOn }) => lidOn ?? []),
    ...Object.values(meal.day?.begun ?? {}),
  ];
  if (said.length > 0) return Math.max(...said);
  const serving = meal.serving && momentOf(meal.serving);
  return serving === undefined ? 0 : Math.max(0, serving - BEFORE);
}

/** The day as `reckon` prints it; times are epoch ms. */
export function printedDay(meal: OpenedMeal, now: number, tries: number) {
  const plan = dayOf(meal, { now, tries });
  const lost = plan.unplanned?.batches ?? [];
  const left = new Set(lost);
  const ways = lost.length > 0 ? placeWays(meal, { now, batches: lost }) : [];
  const tasks = plan.placed
    .filter(({ ref }) => !('batch' in ref && left.has(ref.batch)))
    .toSorted((a, b) => a.from - b.from || a.to - b.to);
  return {
    handsHours: handsHours(plan.lines),
    day: tasks.map((task) => printedTask(task, plan)),
    unplanned: [
      ...lost.map((batch) => ({
        batch,
        why: 'no place in the day' as const,
        ways,
      })),
      ...plan.unknownBatches.map((batch) => ({ batch, why: 'no known time' as const, ways: [] })),
    ],
  };
}

function printedTask({ ref, from, to, takes, makes }: Placed, { lines }: DayPlan) {
  const id = taskId(ref);
  const batch = 'batch' in ref ? ref.batch : null;
  const own = `${batch ?? ''}|`;
  // Of its own pot a thing is called by its name alone.
  const called = (all: readonly string[]) =>
    all.map((one) => (one.startsWith(own) ? one.slice(own.length) : one));
  const who = lines.flatMap((line) => (line.task === id ? (line.who ?? []) : []));
  return {
    task: id,
    kind: ref.kind,
    batch,
    from,
    to,
    minutes: (to - from) / MINUTE_MS,
    who: [...new Set(who)],
    takes: called(takes),
    makes: called(makes),
  };
}
