import { cookOf } from '../clock/index.ts';
import { standingEntries } from '../meal/index.ts';
import { type BatchPlan, learnSpreads, openMeal, type OpenedMeal, tenderGroup } from '../model/index.ts';
import { type Range, Z90 } from '../quantity/index.ts';
import type { Readiness } from '../tender/index.ts';

/** How long a lot took until it was tender, min of the cook: as foretold, and as its forks leave it. */
interface TenderTimes {
  readonly lot: string;
  readonly foretold: Range;
  readonly took: Range;
}

/**
 * The times of the lots that a fork was in. Both are of the one reckoning of doneness, before the forks and after them: a fork
 * that finds meat tender long after it was foretold says little, and one between two looks says much. Without a fork nothing is
 * said, whatever time was written and whenever it was lifted.
 */
export function tenderTimes({ input, now }: OpenedMeal, { id }: BatchPlan): readonly TenderTimes[] {
  const forks = standingEntries(input.entries).filter(
    ({ batch, measures }) => batch === id && measures.what === 'check',
  );
  const seen = now.find((one) => one.id === id)?.ready;
  if (forks.length === 0 || !seen) return [];
  const before = openMeal({ ...input, entries: [] }).planned.find((one) => one.id === id)?.ready;
  return seen.lots.flatMap(({ id: lot, tender: took }): TenderTimes[] => {
    const foretold = tenderOf(before, lot);
    const isSeen = forks.some(
      ({ measures }) => measures.what === 'check' && (measures.lot === undefined || measures.lot === lot),
    );
    return foretold && isSeen ? [{ lot, foretold, took }] : [];
  });
}

const tenderOf = (ready: Readiness | undefined, lot: string): Range | undefined =>
  ready?.lots.find(({ id }) => id === lot)?.tender;

/** How long the pot took until all that was looked at was tender, min of the cook; undefined where nobody looked. */
export function potTimes(
  meal: OpenedMeal,
  plan: BatchPlan,
): { readonly foretold: number; readonly took: number } | undefined {
  const times = tenderTimes(meal, plan);
  if (times.length === 0) return undefined;
  return {
    foretold: Math.max(...times.map(({ foretold }) => foretold.mid)),
    took: Math.max(...times.map(({ took }) => took.mid)),
  };
}

interface TenderEvidence {
  readonly what: 'tender';
  readonly of: string;
  readonly value: number;
  readonly noise: number;
}

/** Less than this a fork did not tell, of the precision that was there before (estimate). */
const TOLD = 0.02;

/**
 * How long each cut took against what was foretold, by its heat: what the forks alone say, the posterior less the prior
 * (normal in the logarithm of the time; precision and mean of the quotient of two normals).
 */
export function fromForks(meal: OpenedMeal, plan: BatchPlan): TenderEvidence[] {
  if (plan.batch.lidOn === undefined || cookOf(plan.batch.cook).phases.length === 0) return [];
  const said = new Map<string, TenderEvidence>();
  for (const { lot, foretold, took } of tenderTimes(meal, plan)) {
    const cut = plan.lots.find(({ id }) => id === lot)?.cut ?? '';
    const of = tenderGroup(plan.batch, cut);
    const [before, after] = [logOf(foretold), logOf(took)];
    const precision = 1 / after.variance - 1 / before.variance;
    if (!(precision > TOLD / before.variance)) continue;
    const value = (after.mean - before.mean) / after.variance / precision;
    const noise = Math.hypot(learnSpreads.tender.own, Math.sqrt(1 / precision));
    // Of several lots of one cut the one that says most.
    if (noise < (said.get(of)?.noise ?? Infinity)) said.set(of, { what: 'tender', of, value, noise });
  }
  return [...said.values()];
}

function logOf({ mid, p10 = mid, p90 = mid }: Range): { readonly mean: number; readonly variance: number } {
  const sd = Math.log(p90 / p10) / (2 * Z90);
  return { mean: Math.log(mid), variance: Math.max(1e-6, sd ** 2) };
}
