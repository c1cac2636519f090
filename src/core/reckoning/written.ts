import { isTimed, openPhase } from '../clock/index.ts';
import type { BatchPlan } from '../model/index.ts';
import { midpoint, type Range } from '../quantity/index.ts';
import type { Readiness } from '../tender/index.ts';

/** Nobody sets a clock finer, min. */
const ROUND = 5;

/** A cook's own time: it stands, with the chance that it gives and what would do beside it. */
export interface Written {
  /** From a hot pot, min. */
  readonly minutes: number;
  /** Chance that all is tender when it ends; null where nobody knows how hot it is. */
  readonly chance: number | null;
  /** Where it is too short for 90 in 100: what would do from a hot pot, and what is then written for the last phase, min. */
  readonly surer: { readonly minutes: number; readonly phaseMinutes: number } | null;
}

/**
 * What a written time gives; null where the cook lasts until it is tender.
 * @param tender minutes from a hot pot until all is tender
 * @param drawn the same in each draw; without it the chance is that which the draws stand for
 */
export function writtenOf(
  { batch, lengths, ready }: Pick<BatchPlan, 'batch' | 'lengths' | 'ready'>,
  tender: Range | undefined,
  drawn: Float64Array | undefined,
): Written | null {
  if (!isTimed(batch)) return null;
  const whole = lengths.reduce((sum, length) => sum + length, 0);
  if (!ready) return { minutes: whole, chance: null, surer: null };
  const minutes = whole - ready.potFrom;
  // Forks have said so of all of it: nothing is left to be guessed.
  if (ready.lots.length > 0 && ready.lots.every(({ found }) => found))
    return { minutes, chance: 1, surer: null };
  return { minutes, chance: chanceBy(whole, ready, drawn), surer: surerThan(minutes, batch, tender) };
}

function surerThan(
  minutes: number,
  { cook }: BatchPlan['batch'],
  tender: Range | undefined,
): Written['surer'] {
  const phase = midpoint(openPhase(cook)?.minutes);
  if (tender?.p90 === undefined || phase === undefined) return null;
  const surer = Math.ceil(tender.p90 / ROUND) * ROUND;
  return surer > minutes + ROUND ? { minutes: surer, phaseMinutes: phase + surer - minutes } : null;
}

/** The share of the draws in which all is tender by then. */
function chanceBy(minutes: number, { odds, potFrom }: Readiness, drawn: Float64Array | undefined): number {
  if (!drawn) return odds.potChance(minutes);
  return drawn.reduce((sum, min) => sum + Number(min <= minutes - potFrom), 0) / drawn.length;
}
