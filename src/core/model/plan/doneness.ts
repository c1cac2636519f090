import type { Batch } from '../../meal/index.ts';
import { isOutThen } from '../../clock/index.ts';
import type { Readiness } from '../../tender/index.ts';

/**
 * How far a lot is where it comes out by the clock, tender or not; NaN of all else, and where a fork has found it tender: it is
 * cooked until it is tender, which is what the published yields are of. A written time alone says when to look.
 */
export function donenessOf(
  batch: Batch,
  ready: Readiness | undefined,
  lot: string,
  lengths: readonly number[],
): number {
  const i = ready?.lots.findIndex(({ id }) => id === lot) ?? -1;
  // A fork that found it tender has the last word, whatever was written.
  if (!ready || i < 0 || ready.lots[i]?.found || !isOutThen(batch)) return NaN;
  return ready.odds.farAt(
    i,
    lengths.reduce((sum, length) => sum + length, 0),
  );
}
