import { valueAt } from '../columns/index.ts';
import { learnSpreads } from '../model/index.ts';
import type { CutInLog, Logged } from './digest.ts';
import type { Evidence } from './evidence.ts';
import { knownOf } from './learn.ts';

/** One tenth of a normal lies further out than so many standard deviations. */
const TENTH = 1.2816;
/** So many of the latest are told one by one. */
const TOLD = 12;

/** A share of what was bought, as a range: 80 in 100 lie in it. */
export interface ShareRange {
  readonly mean: number;
  readonly p10: number;
  readonly p90: number;
}

/** One batch of a cut: what it gave, and what the log foretold of it before. */
export interface Told {
  readonly digest: Logged;
  /** Shred of raw, as it was weighed; undefined where only plates were counted. */
  readonly share: number | undefined;
  readonly before: ShareRange;
  /** How much it counts, 0 to 1; 0 also where it was left out by hand. */
  readonly weight: number;
}

/** What this kitchen gets of one cut, and how that came to be known. */
export interface CutStory {
  readonly cut: string;
  readonly name: string;
  /** Batches that count. */
  readonly n: number;
  /** Shred of raw by the tables, picked and trimmed as these batches were. */
  readonly published: ShareRange;
  readonly now: ShareRange;
  readonly told: readonly Told[];
}

interface Of {
  readonly digest: Logged;
  readonly evidence: Evidence;
}

const yieldsOf = (digests: readonly Logged[]): readonly Of[] =>
  digests.flatMap((digest) =>
    digest.evidence.filter(({ what }) => what === 'y').map((evidence) => ({ digest, evidence })),
  );

const inCut = ({ cuts }: Logged, cut: string): CutInLog | undefined => {
  const some = cuts.filter((one) => one.cut === cut);
  const [first] = some;
  return (
    first && {
      ...first,
      rawG: some.reduce((sum, { rawG }) => sum + rawG, 0),
      plannedG: some.reduce((sum, { plannedG }) => sum + plannedG, 0),
      shredG: some.reduce((sum, { shredG }) => sum + shredG, 0),
    }
  );
};

/** The middle and range of a cut's next batch, of what it is by the tables. */
function rangeAfter(evidence: readonly Evidence[], cut: string, published: number): ShareRange {
  const spread = evidence.find(({ of }) => of === cut)?.spread ?? learnSpreads.y.group;
  const known = knownOf('y', evidence);
  const { mean, shared, own } = known.groups.get(cut) ?? { ...known.unseen, own: spread };
  const sd = Math.hypot(shared, own, known.scale * learnSpreads.y.own);
  const at = (z: number) => published * Math.exp(mean + z * sd);
  return { mean: at(0), p10: at(-TENTH), p90: at(TENTH) };
}

/**
 * What a kitchen gets of a cut: what the tables say, each of its latest batches beside what was foretold of it then, and
 * the range now. Of the batches before those it tells the sum alone.
 * @param digests all of the log, in order of time
 */
export function storyOf(digests: readonly Logged[], cut: string): CutStory | undefined {
  const mine = digests.filter((digest) => inCut(digest, cut));
  const shares = mine.flatMap((digest) => {
    const of = inCut(digest, cut);
    return of && of.rawG > 0 ? [{ digest, of, planned: of.plannedG / of.rawG }] : [];
  });
  const [first] = shares;
  if (!first) return undefined;
  const mean = shares.reduce((sum, { planned }) => sum + planned, 0) / shares.length;
  const all = yieldsOf(digests);
  const counts = (some: readonly Of[]) =>
    some.filter(({ digest }) => !digest.leftOut).map((one) => one.evidence);
  const counted = all.filter(({ digest }) => !digest.leftOut);
  const { weights } = knownOf(
    'y',
    counted.map(({ evidence }) => evidence),
  );
  const weightOf = new Map(
    counted.map(({ digest, evidence }, i) => [evidence.of === cut ? digest : undefined, valueAt(weights, i)]),
  );
  const told = shares.slice(-TOLD).map(({ digest, of, planned }): Told => ({
    digest,
    share: digest.weighed ? of.shredG / of.rawG : undefined,
    before: rangeAfter(counts(all.filter((one) => one.digest.at < digest.at)), cut, planned),
    weight: weightOf.get(digest) ?? 0,
  }));
  return {
    cut,
    name: first.of.name,
    n: counted.filter((one, i) => one.evidence.of === cut && valueAt(weights, i) > 0).length,
    published: rangeAfter([], cut, mean),
    now: rangeAfter(counts(all), cut, mean),
    told,
  };
}

/** Cuts of the log, those that were cooked most first. */
export function cutsInLog(
  digests: readonly Logged[],
): readonly { readonly cut: string; readonly name: string }[] {
  const counts = new Map<string, { name: string; n: number }>();
  for (const { cuts } of digests)
    for (const { cut, name } of cuts) {
      if (cut === '') continue;
      counts.set(cut, { name, n: (counts.get(cut)?.n ?? 0) + 1 });
    }
  return [...counts].sort(([, a], [, b]) => b.n - a.n).map(([cut, { name }]) => ({ cut, name }));
}
