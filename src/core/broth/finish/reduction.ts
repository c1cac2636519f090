import { MINUTE_MS } from '../../quantity/index.ts';
import { boilDownMinutes } from '../../clock/index.ts';

/** How much there was at a moment while it boils down. */
export interface Mark {
  /** Epoch, ms. */
  readonly at: number;
  readonly ml: number;
}

/** How a reduction stands, and how long it has to go. */
export interface Reduction {
  /** ml a minute, and whether marks of this pan have taught it. */
  readonly mlPerMin: number;
  readonly from: 'marks' | 'usual';
  /** ml there now, as the marks have it. */
  readonly nowMl: number;
  /** Minutes from now; p10 and p90 as far as the rate is known. Nought once it is there. */
  readonly minutes: { readonly mid: number; readonly p10: number; readonly p90: number };
  /** Epoch, ms. */
  readonly doneAt: number;
}

/** A hard boil, ml a minute (estimate), and how far pans and burners differ, relative, one standard deviation (estimate). */
const USUAL = 60 / boilDownMinutes(60);
const USUAL_SPREAD = 0.3;
/** A mark is read to this, ml, one standard deviation (estimate). */
const READ = 25;
/** Of a normal, p10 and p90 lie so far out. */
const TENTH = 1.2816;

/**
 * A liquid that boils down, by its marks: the rate is the straight line through them (least squares), weighed
 * against what burners usually do by how well each is known.
 * @param marks in order of time, on this heat
 * @param toMl what it is boiled down to
 * @param usual of the logarithm of the rate, as the log has taught
 * @param now epoch, ms
 * @returns undefined without a mark
 */
export function reductionBy(
  marks: readonly Mark[],
  toMl: number,
  now: number,
  usual: { readonly mean: number; readonly sd: number } = { mean: 0, sd: USUAL_SPREAD },
): Reduction | undefined {
  const last = marks.at(-1);
  if (!last) return undefined;
  const { rate, spread, taught } = rateOf(marks, USUAL * Math.exp(usual.mean), usual.sd);
  const nowMl = Math.max(0, last.ml - rate * Math.max(0, (now - last.at) / MINUTE_MS));
  const left = Math.max(0, nowMl - toMl);
  const mid = left / rate;
  return {
    mlPerMin: rate,
    from: taught ? 'marks' : 'usual',
    nowMl,
    minutes: { mid, p10: mid / (1 + TENTH * spread), p90: mid / Math.max(0.2, 1 - TENTH * spread) },
    doneAt: now + mid * MINUTE_MS,
  };
}

/** The rate, ml a minute, and its relative spread. */
function rateOf(
  marks: readonly Mark[],
  usual: number,
  usualSpread: number,
): { rate: number; spread: number; taught: boolean } {
  const minutes = marks.map(({ at }) => at / MINUTE_MS);
  const mean = (of: readonly number[]) => of.reduce((sum, x) => sum + x, 0) / of.length;
  const [t0, v0] = [mean(minutes), mean(marks.map(({ ml }) => ml))];
  const sxx = minutes.reduce((sum, t) => sum + (t - t0) ** 2, 0);
  if (marks.length < 2 || sxx <= 0) return { rate: usual, spread: usualSpread, taught: false };
  const sxy = marks.reduce((sum, { ml }, i) => sum + ((minutes[i] ?? t0) - t0) * (ml - v0), 0);
  const measured = -sxy / sxx;
  const [ofLine, ofUsual] = [READ / Math.sqrt(sxx), usualSpread * usual];
  const [a, b] = [1 / ofLine ** 2, 1 / ofUsual ** 2];
  const rate = Math.max(usual / 20, (a * measured + b * usual) / (a + b));
  return { rate, spread: Math.min(usualSpread, Math.sqrt(1 / (a + b)) / rate), taught: true };
}
