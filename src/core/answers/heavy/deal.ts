import { type Split, type SplitAsk, splitOnce, withSplit, withWays } from '../../event/index.ts';
import { type Input, openMeal, type OpenedMeal } from '../../model/index.ts';
import { placeOf } from '../../meal/index.ts';
import type { LpSolver } from '../../plates/index.ts';
import { dayOf } from './day/day.ts';

export interface DealAsk extends SplitAsk {
  /** Epoch ms. */
  readonly now: number;
  readonly zone: string;
  /** "17:30": nobody works after it on days on which nobody is served. */
  readonly home?: string;
}

/** What the day's plan makes of a deal. */
export interface DealtDay {
  /** Epoch ms: when the work begins. */
  readonly begins: number;
  /** So many pots are left out, or would be held hot for half a day. */
  readonly unplaced: number;
  /** Epoch ms: the first work outside the hours; undefined where they are kept. */
  readonly late: number | undefined;
  /** Each sitting is served when it was asked for. */
  readonly inTime: boolean;
}

/** A deal, tried by the day's plan. */
export interface Deal extends Split {
  readonly home?: string;
  readonly day: DealtDay;
}

/**
 * So often it is dealt otherwise until the day has a place for all of it, each for so long; later than that nothing more is tried, s: all
 * of it is to be there in three.
 */
const TRIES = 3;
const [FIRST, NEXT, END] = [0.9, 0.3, 1.7];
/** Orders of the day that are tried for each: enough to tell what must be from what only the first list has. */
const ORDERS = 20;

const isGood = ({ unplaced, late, inTime }: DealtDay) => unplaced === 0 && late === undefined && inTime;

/**
 * The meat of batches dealt over vessels and days (`splitOnce`), and the day planned with it: room in an oven is not yet hands and hours.
 * While the day has no place for some of it, less is cooked on the day itself, then less at once on the days before.
 */
export function deal(meal: OpenedMeal, ask: DealAsk, solver?: LpSolver): Deal | undefined {
  const begun = performance.now();
  const first = splitOnce(meal, ask, solver, FIRST);
  if (!first) return undefined;
  let best = tried(meal, first, ask);
  let limits: Pick<SplitAsk, 'mostPots' | 'mostToday'> = {};
  for (let i = 0; i < TRIES && !isGood(best.day) && performance.now() - begun < END * 1000; i += 1) {
    limits = tighter(meal.input, best, limits);
    const next = splitOnce(meal, { ...ask, ...limits }, solver, NEXT);
    // Nothing is left out for the sake of the hours.
    if (!next || next.outsideG > first.outsideG + 1) break;
    const other = tried(meal, next, ask);
    if (worth(other.day) < worth(best.day)) best = other;
  }
  return withWays(meal, ask, best, solver);
}

/** What the day lacks: pots without a place before hours that are not kept. */
const worth = ({ unplaced, late, inTime }: DealtDay) =>
  4 * unplaced + 2 * Number(late !== undefined) + Number(!inTime);

/** Fewer pots on the day itself, then none; then fewer at once on the days before. */
function tighter(
  input: Input,
  { pots, day }: Deal,
  { mostPots, mostToday }: Pick<SplitAsk, 'mostPots' | 'mostToday'>,
): Pick<SplitAsk, 'mostPots' | 'mostToday'> {
  const today = pots.filter((pot) => pot.day === 0).length;
  if (mostToday === undefined && today > 0)
    return { mostToday: Math.max(0, today - Math.max(1, day.unplaced)) };
  if (mostToday !== 0) return { mostToday: 0 };
  return { mostToday, mostPots: Math.min(mostPots ?? Infinity, mostAtOnce(input, pots)) - 1 };
}

/** The day with the deal taken, and all home by the hour. */
function tried({ input }: OpenedMeal, found: Split, { home, now, zone }: DealAsk): Deal {
  let made = 0;
  const { meal, batches } = withSplit(input.meal, input.batches, found, () => `dealt ${String((made += 1))}`);
  const day = home === undefined ? meal.day : { ...meal.day, home };
  const opened = openMeal({ ...input, meal: { ...meal, ...(day && { day }) }, batches });
  const { outside, begins, sittings, unplanned } = dayOf(opened, { now, tries: ORDERS, zone });
  return {
    ...found,
    ...(home !== undefined && { home }),
    day: {
      begins,
      unplaced: unplanned?.batches.length ?? 0,
      late: outside?.first,
      inTime: sittings.every(({ lateMin }) => lateMin <= 0),
    },
  };
}

/** The most pots that a kitchen cooks on one of the days before. */
function mostAtOnce({ kitchen }: Input, pots: Split['pots']): number {
  const many = new Map<string, number>();
  for (const { vessel, day } of pots)
    if (day > 0) {
      const at = placeOf(kitchen.vessels.find(({ id }) => id === vessel)?.at, kitchen);
      const key = `${at} ${String(day)}`;
      many.set(key, (many.get(key) ?? 0) + 1);
    }
  return Math.max(0, ...many.values());
}
