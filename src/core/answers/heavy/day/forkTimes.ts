import type { Feel } from '../../../meal/index.ts';
import { isOutThen, isTimed, looksFrom } from '../../../clock/index.ts';
import type { NominalBatch } from '../../../model/index.ts';
import { isTender } from '../../../tender/index.ts';

/** After a "not yet" nobody looks sooner, min. */
const NOT_SOONER = 20;
const MOST_LOOKS = 3;

/** A look and the lifting after it, min. */
const LOOK = 5;

/**
 * A cook with its time written is planned until the last of it; but a fork overrules a plan: what resists as that time
 * ends is cooked on until it is tender.
 */
export function readyAt(
  { batch, lengths, ready }: NominalBatch['plan'],
  chance: number,
  forks: readonly Feel[],
): number {
  const tender = ready?.odds.potAt(chance) ?? 24 * 60;
  if (!isTimed(batch)) return tender;
  const whole = lengths.reduce((sum, n) => sum + n, 0);
  if (isOutThen(batch)) return whole;
  const written = looksFrom(batch.cook)?.last ?? whole;
  const last = forks.at(-1);
  return last !== undefined && !isTender(last) && ready?.nextCheck !== undefined && ready.nextCheck > written
    ? tender
    : written;
}

/**
 * When to look: first where one in five would pass, at the first of what is written, or where a fork has said to; after each
 * "not yet" where half of what is left has passed, not sooner than 20 min; and once more as a written time ends, since a fork
 * decides. What comes out by the clock wants no look.
 */
export function looksOf(
  { ready, batch }: NominalBatch['plan'],
  since: number | undefined,
  braiseMin: number,
): readonly number[] {
  if (!ready || isOutThen(batch)) return [];
  const { odds, potFrom, firstCheck, nextCheck } = ready;
  let at = (nextCheck ?? looksFrom(batch.cook)?.first ?? firstCheck) - potFrom;
  // A look that was missed is now.
  if (since !== undefined && at < since) at = since;
  const looks: number[] = [];
  while (looks.length < MOST_LOOKS && at < braiseMin - LOOK) {
    looks.push(at);
    const passed = odds.potChance(at + potFrom);
    at = Math.max(at + NOT_SOONER, (odds.potAt((1 + passed) / 2) ?? Infinity) - potFrom);
  }
  const end = Math.max(since ?? 0, braiseMin - LOOK);
  const lastLook = looks.at(-1);
  // By the last of a written time somebody has looked.
  if (lastLook === undefined || (isTimed(batch) && end - lastLook >= NOT_SOONER)) looks.push(end);
  return looks;
}

export function lookAtOf({ ready, lots, cuts }: NominalBatch['plan']): string | undefined {
  if (!ready || ready.lots.length < 2) return undefined;
  return cuts[lots.findIndex(({ id }) => id === ready.lookAt)]?.name;
}
