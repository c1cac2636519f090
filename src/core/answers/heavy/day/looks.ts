import type { Feel } from '../../../meal/index.ts';
import { isTimed } from '../../../clock/index.ts';
import type { NominalBatch } from '../../../model/index.ts';
import { isTender } from '../../../tender/index.ts';

/** After a "not yet" nobody looks sooner, min. */
const NOT_SOONER = 20;
const MOST_LOOKS = 3;

/**
 * A cook with its time written is ready when that is over; but a fork overrules a plan: what resists as that time
 * ends is cooked on until it is tender.
 */
export function readyAt(
  { batch, lengths, ready }: NominalBatch['plan'],
  chance: number,
  forks: readonly Feel[],
): number {
  const tender = ready?.odds.potAt(chance) ?? 24 * 60;
  if (!isTimed(batch)) return tender;
  const written = lengths.reduce((sum, n) => sum + n, 0);
  const last = forks.at(-1);
  return last !== undefined && !isTender(last) && ready?.nextCheck !== undefined && ready.nextCheck > written
    ? tender
    : written;
}

/**
 * When to look: first where one in five would pass, or where a fork has said to; after each "not yet" where half
 * of what is left has passed, not sooner than 20 min.
 */
export function looksOf(
  { ready, batch }: NominalBatch['plan'],
  since: number | undefined,
  braiseMin: number,
): readonly number[] {
  if (!ready) return [];
  const { odds, potFrom, firstCheck, nextCheck } = ready;
  let at = (nextCheck ?? firstCheck) - potFrom;
  // A look that was missed is now.
  if (since !== undefined && at < since) at = since;
  const looks: number[] = [];
  while (looks.length < MOST_LOOKS && at < braiseMin - 5) {
    looks.push(at);
    const passed = odds.potChance(at + potFrom);
    at = Math.max(at + NOT_SOONER, (odds.potAt((1 + passed) / 2) ?? Infinity) - potFrom);
  }
  // A written time needs no look: it is the cook's word.
  return looks.length > 0 || isTimed(batch) ? looks : [Math.max(0, braiseMin - 5)];
}

export function lookAtOf({ ready, lots, cuts }: NominalBatch['plan']): string | undefined {
  if (!ready || ready.lots.length < 2) return undefined;
  return cuts[lots.findIndex(({ id }) => id === ready.lookAt)]?.name;
}
