import { split, type Split, type SplitAsk, withSplit } from '../../event/index.ts';
import { type Input, openMeal, type OpenedMeal } from '../../model/index.ts';
import { placeOf } from '../../meal/index.ts';
import type { LpSolver } from '../../plates/index.ts';
import { dayOf } from './day/day.ts';

export interface DealAsk extends SplitAsk {
  /** Nobody works after this time on days on which nobody is served; the plan itself is asked whether that can be kept. */
  readonly home?: { readonly by: string; readonly now: number; readonly zone: string };
}

/** A deal, and whether those who cook it are home by the hour that was wished. */
export interface Deal extends Split {
  readonly home?: {
    readonly by: string;
    /** The plan keeps the hour, and serves in time. */
    readonly kept: boolean;
    /** Epoch ms: the first work outside the hours, where that is what it lacks. */
    readonly late: number | undefined;
    /** Epoch ms: when the work begins. */
    readonly begins: number;
  };
}

/** So often with fewer pots a day, until the hour is kept. */
const TRIES = 3;

/**
 * The meat of batches dealt over vessels and days (`split`); where somebody wants to be home by an hour, the day is planned with it,
 * and while it cannot be kept less is cooked at once on the days before.
 */
export function deal(meal: OpenedMeal, ask: DealAsk, solver?: LpSolver): Deal | undefined {
  const { home } = ask;
  const first = split(meal, ask, solver);
  if (!home || !first) return first;
  let best = tried(meal, first, home);
  for (let i = 0; i < TRIES && best.home?.kept === false; i += 1) {
    const most = mostAtOnce(meal.input, best) - 1;
    const next = most < 1 ? undefined : split(meal, { ...ask, mostPots: most }, solver);
    if (!next || next.outsideG > first.outsideG + 1) break;
    best = tried(meal, next, home);
  }
  return best;
}

/** The day with the deal taken, and all home by the hour. */
function tried({ input }: OpenedMeal, found: Split, { by, now, zone }: NonNullable<DealAsk['home']>): Deal {
  let made = 0;
  const { meal, batches } = withSplit(input.meal, input.batches, found, () => `dealt ${String((made += 1))}`);
  const opened = openMeal({ ...input, meal: { ...meal, day: { ...meal.day, home: by } }, batches });
  const { outside, begins, sittings, unplanned } = dayOf(opened, { now, tries: 0, zone });
  const inTime = !unplanned && sittings.every(({ lateMin }) => lateMin <= 0);
  return { ...found, home: { by, kept: inTime && !outside, late: outside?.first, begins } };
}

/** The most pots that a kitchen cooks on one of the days before. */
function mostAtOnce({ kitchen }: Input, { pots }: Split): number {
  const many = new Map<string, number>();
  for (const { vessel, day } of pots)
    if (day > 0) {
      const at = placeOf(kitchen.vessels.find(({ id }) => id === vessel)?.at, kitchen);
      const key = `${at} ${String(day)}`;
      many.set(key, (many.get(key) ?? 0) + 1);
    }
  return Math.max(0, ...many.values());
}
