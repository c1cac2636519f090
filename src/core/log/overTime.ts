import type { Verdict } from '../meal/index.ts';
import type { Logged } from './digest.ts';
import { rawOf, yieldOf } from './list.ts';
import { type ShareRange, storyOf } from './story.ts';

/** One batch in time: what it yielded within the range foretold then, its cost, and its hour. */
export interface InTime {
  readonly batch: string;
  readonly name: string;
  readonly at: number;
  readonly share: number | undefined;
  readonly before: ShareRange | undefined;
  /** Of one serving, in the currency. */
  readonly cost: number | undefined;
  readonly tookMin: number | undefined;
  readonly foretoldMin: number | undefined;
}

/** A quarter of a year, and how its plates came out. */
export interface Quarter {
  readonly quarter: string;
  readonly counts: Readonly<Record<Verdict | 'unsaid', number>>;
}

/** The latest of these are drawn: more points than that nobody tells apart. */
const DRAWN = 60;

/** The batches of a cut (or of all), oldest first, for charts over time. */
export function overTime(digests: readonly Logged[], cut: string | undefined): readonly InTime[] {
  const mine = digests.filter(
    ({ cuts, leftOut }) => !leftOut && (cut === undefined || cuts.some((one) => one.cut === cut)),
  );
  const story = cut === undefined ? undefined : storyOf(digests, cut);
  return mine.slice(-DRAWN).map((digest) => ({
    batch: digest.batch,
    name: digest.name,
    at: digest.at,
    share: yieldOf(digest),
    before: story?.told.find((one) => one.digest === digest)?.before,
    cost: digest.cost,
    tookMin: digest.minutes?.took,
    foretoldMin: digest.minutes?.foretold,
  }));
}

/** Enough or short, by quarter, oldest first. */
export function quarters(digests: readonly Logged[]): readonly Quarter[] {
  const found = new Map<string, Record<Verdict | 'unsaid', number>>();
  for (const { at, closed } of digests) {
    const date = new Date(at);
    const quarter = `${String(date.getUTCFullYear())} ${String(Math.floor(date.getUTCMonth() / 3) + 1)}`;
    const counts = found.get(quarter) ?? { short: 0, 'just enough': 0, over: 0, unsaid: 0 };
    counts[closed?.verdict ?? 'unsaid'] += 1;
    found.set(quarter, counts);
  }
  return [...found].map(([quarter, counts]) => ({ quarter, counts })).slice(-QUARTERS);
}
const QUARTERS = 12;

/** What two or more batches are compared by. */
export interface Compared {
  readonly digest: Logged;
  readonly rawG: number;
  readonly shredG: number;
  readonly share: number | undefined;
  readonly liquidMl: number;
  readonly brothPerKg: number | undefined;
}

export const comparedOf = (digest: Logged): Compared => {
  const rawG = rawOf(digest);
  return {
    digest,
    rawG,
    shredG: digest.cuts.reduce((sum, one) => sum + one.shredG, 0),
    share: yieldOf(digest),
    liquidMl: digest.liquidMl.now,
    brothPerKg: rawG > 0 ? digest.liquidMl.now / (rawG / 1000) : undefined,
  };
};
