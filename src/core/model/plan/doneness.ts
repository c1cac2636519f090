import type { Batch } from '../../meal/index.ts';
import { isTimed } from '../../clock/index.ts';
import type { Readiness } from '../../tender/index.ts';

/**
 * How far a lot is when a written time ends; NaN where none is written, or a fork has found it tender: then it is cooked until it
 * is tender, which is what the published yields are of.
 */
export function donenessOf(
  batch: Batch,
  ready: Readiness | undefined,
  lot: string,
  lengths: readonly number[],
): number {
  const i = ready?.lots.findIndex(({ id }) => id === lot) ?? -1;
  // A fork that found it tender has the last word, whatever was written.
  if (!ready || i < 0 || ready.lots[i]?.found || !isTimed(batch)) return NaN;
  return ready.odds.farAt(
    i,
    lengths.reduce((sum, length) => sum + length, 0),
  );
}
