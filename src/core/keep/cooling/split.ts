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
 * it keeps it as it stands, or where even at once is too late.
 * @param nowMin how long it has cooled already
 */
export function latestSplit(
  before: CoolingCurve,
  nowMin: number,
  after: Omit<Cools, 'fromC'>,
  rate = 1,
): number | undefined {
  const hot = (hoursTo(before, limits.from) ?? 0) * 60;
  const keeps = (curve: CoolingCurve) =>
    (hoursTo(curve, limits.first) ?? Infinity) * 60 - hot <= limits.firstH * 60;
  if (keeps(before)) return undefined;
  let latest: number | undefined;
  for (let at = Math.ceil(nowMin / STEP_MIN) * STEP_MIN; at <= hot + limits.firstH * 60; at += STEP_MIN) {
    if (!keeps(withSplit(before, at, after, rate))) break;
    latest = at;
  }
  return latest;
}
