import { bisect } from '../../quantity/index.ts';
import { celsiusAt, coolingCurve, type CoolingCurve, type Cools, hoursTo, STEP_MIN } from './cool.ts';
import { limits } from './limits.ts';

/** A curve that goes on otherwise from a moment: put into other pans, it is stirred through and starts there even. */
export function withSplit(
  before: CoolingCurve,
  minutes: number,
  after: Omit<Cools, 'fromC'>,
  rate = 1,
): CoolingCurve {
  const from = Math.min(before.length - 1, Math.max(0, Math.round(minutes / STEP_MIN)));
  const rest = coolingCurve({ ...after, fromC: celsiusAt(before, from * STEP_MIN) }, rate);
  return before.map((t, i) => (i <= from ? t : (rest[i - from] ?? t)));
}

/**
 * The latest moment at which it can still be split so that it keeps the first limit, min since it began; undefined where
 * it keeps it as it stands, or where even at once is too late. The later it is split, the later it is cold.
 * @param nowMin how long it has cooled already
 */
export function latestSplit(
  before: CoolingCurve,
  nowMin: number,
  after: Omit<Cools, 'fromC'>,
  rate = 1,
): number | undefined {
  const hot = (hoursTo(before, limits.from) ?? 0) * 60;
  const end = hot + limits.firstH * 60;
  if ((hoursTo(before, limits.first) ?? Infinity) * 60 <= end) return undefined;
  const keeps = (step: number) => {
    const at = step * STEP_MIN;
    const rest = coolingCurve({ ...after, fromC: celsiusAt(before, at) }, rate, limits.firstH);
    return at + (hoursTo(rest, limits.first) ?? Infinity) * 60 <= end;
  };
  const first = Math.ceil(nowMin / STEP_MIN);
  if (!keeps(first)) return undefined;
  return bisect(keeps, first, Math.max(first + 1, Math.ceil(end / STEP_MIN) + 1), 1)[0] * STEP_MIN;
}
