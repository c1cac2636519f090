import { MINUTE_MS } from '../quantity/index.ts';

/** °C that food held hot may not fall under, and °C it is reheated to (FDA Food Code 2022, 3-501.16 and 3-403.11, from memory). */
export const hotLimits = { hold: 57, reheat: 74 } as const;

/** Hours that it may stand under the limit before it is heated or thrown away (USDA's two-hour rule, from memory). */
const GRACE_H = 2;
/** A reading older than this says nothing of now, h (common practice, no source). */
const OLD_H = 1;

/** How something that is held hot stands. */
export interface HotWatch {
  readonly celsius: number;
  /** Epoch, ms. */
  readonly at: number;
  readonly says: 'reheated' | 'hot' | 'below' | 'too long below';
  /** Epoch, ms, when it was first read below, and until when it can still be heated. */
  readonly below: { readonly since: number; readonly until: number } | undefined;
  readonly isOld: boolean;
}

/**
 * What the readings of something held hot say of it now. Once it was read below the limit, the clock runs until it is read
 * reheated: warm again is not enough.
 * @param readings epoch, ms, and °C, in any order
 */
export function hotWatch(
  readings: readonly { readonly at: number; readonly celsius: number }[],
  now: number,
): HotWatch | undefined {
  const all = readings.toSorted((a, b) => a.at - b.at);
  const last = all.at(-1);
  if (!last) return undefined;
  const since = all.reduce<number | undefined>(
    (from, { at, celsius }) =>
      celsius >= hotLimits.reheat ? undefined : (from ?? (celsius < hotLimits.hold ? at : undefined)),
    undefined,
  );
  const below = since === undefined ? undefined : { since, until: since + GRACE_H * 60 * MINUTE_MS };
  const says = below
    ? now > below.until
      ? 'too long below'
      : 'below'
    : last.celsius >= hotLimits.reheat
      ? 'reheated'
      : 'hot';
  return { ...last, says, below, isOld: now - last.at > OLD_H * 60 * MINUTE_MS };
}
