import type { Batch } from '../../meal/index.ts';
import type { BatchPlan } from '../../model/index.ts';

/** Whether as few pots as can be, pots as equal as can be, or as much as can be before the day itself. */
export const splitWishes = ['fewest', 'equal', 'early'] as const;

export type SplitWish = (typeof splitWishes)[number];

export interface SplitAsk {
  /** The pots whose meat is dealt, together. */
  readonly batches: readonly string[];
  readonly wish: SplitWish;
  /** On so many days it may be cooked: the day of the sitting, and those before it, 1 to 3. */
  readonly days: number;
  /** What the cook has written stands: so many g in a vessel on a day; 0 leaves it out. */
  readonly locked?: readonly LockedPot[];
  /** At most so many of them in a kitchen on one of the days before, and at most so many on the day itself; absent: as there is room. */
  readonly mostPots?: number;
  readonly mostToday?: number;
}

export interface LockedPot {
  readonly batch: string;
  readonly vessel: string;
  readonly day: number;
  readonly g: number;
}

/** What would take in what has no place: each was dealt. */
export type SplitWay =
  | 'another day'
  | 'another oven'
  | 'two more burners'
  | 'more cold'
  | 'another such vessel';

/** One of the pots that a batch is dealt into. */
export interface SplitPot {
  readonly batch: string;
  readonly vessel: string;
  readonly name: string;
  /** Days before the sitting. */
  readonly day: number;
  /** g of each lot, in their order. */
  readonly lots: readonly number[];
  readonly g: number;
  /** What it could take. */
  readonly mostG: number;
}

export interface Split {
  readonly wish: SplitWish;
  readonly pots: readonly SplitPot[];
  /** What has no place, g of each lot. */
  readonly outside: readonly Outside[];
  readonly outsideG: number;
  /** Nothing better can be: it is proved. */
  readonly proved: boolean;
  /** Where it is not: fewer pots than these cannot be. */
  readonly leastPots?: number;
  /** Ways out of what lies outside, with what has no place then, g; only those that help. */
  readonly ways: readonly { readonly way: SplitWay; readonly outsideG: number }[];
}

export interface Outside {
  readonly batch: string;
  readonly lots: readonly number[];
}

/** A batch that is dealt, with its plan. */
export interface Dealing {
  readonly batch: Batch;
  readonly plan: BatchPlan;
}

/** A place that a part of a batch may have: a vessel on a day. */
export interface Place {
  readonly batch: string;
  readonly vessel: string;
  readonly name: string;
  /** The kitchen in which the vessel stands. */
  readonly at: string;
  readonly widthCm: number;
  readonly day: number;
  readonly mostG: number;
}

/** Nobody cooks less than this in a pot of its own, g (common practice, no source). */
export const LEAST = 500;

export const MOST_DAYS = 3;
