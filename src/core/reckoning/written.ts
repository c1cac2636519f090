import { isOutThen, isTimed, looksFrom, openPhase } from '../clock/index.ts';
import type { BatchPlan } from '../model/index.ts';
import type { Range } from '../quantity/index.ts';
import type { Readiness } from '../tender/index.ts';

/** Nobody sets a clock finer, min. */
const ROUND = 5;

/** A cook's own time: it stands, with the chance that it gives and what would do beside it. */
export interface Written {
  /** From a hot pot, min; of a range the last. */
  readonly minutes: number;
  /** Where a range is written: from when to look. */
  readonly from: number | null;
  /** It comes out then, tender or not; else a fork decides. */
  readonly outThen: boolean;
  /** Chance that all is tender when it ends; null where nobody knows how hot it is. */
  readonly chance: number | null;
  /** Where a fork decides and it may not be tender then: minutes more, as likely as not; null: nothing is wanting. */
  readonly ifNotMin: number | null;
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
  const looks = looksFrom(batch.cook);
  if (!looks || !isTimed(batch)) return null;
  const outThen = isOutThen(batch);
  const whole = outThen ? lengths.reduce((sum, length) => sum + length, 0) : looks.last;
  const potFrom = ready?.potFrom ?? 0;
  const said = {
    minutes: whole - potFrom,
    from: !outThen && looks.first < looks.last ? looks.first - potFrom : null,
    outThen,
    ifNotMin: null,
    surer: null,
  };
  if (!ready) return { ...said, chance: null };
  // Forks have said so of all of it: nothing is left to be guessed.
  if (ready.lots.length > 0 && ready.lots.every(({ found }) => found)) return { ...said, chance: 1 };
  const chance = chanceBy(whole, ready, drawn);
  return {
    ...said,
    chance,
    ifNotMin: outThen ? null : ifNot(whole, ready),
    surer: surerThan(said.minutes, batch, tender),
  };
}

/** Minutes more until it is tender, as likely as not, where it is not by then; null where it nearly always is. */
function ifNot(whole: number, { odds }: Readiness): number | null {
  const passed = odds.potChance(whole);
  const at = passed < SURE ? odds.potAt((1 + passed) / 2) : undefined;
  return at === undefined ? null : Math.ceil((at - whole) / ROUND) * ROUND;
}
/** Sure enough that nobody asks what else. */
const SURE = 0.95;

function surerThan(
  minutes: number,
  { cook }: BatchPlan['batch'],
  tender: Range | undefined,
): Written['surer'] {
  const phase = openPhase(cook)?.minutes?.hi;
  if (tender?.p90 === undefined || phase === undefined) return null;
  const surer = Math.ceil(tender.p90 / ROUND) * ROUND;
  return surer > minutes + ROUND ? { minutes: surer, phaseMinutes: phase + surer - minutes } : null;
}

/** The share of the draws in which all is tender by then. */
function chanceBy(minutes: number, { odds, potFrom }: Readiness, drawn: Float64Array | undefined): number {
  if (!drawn) return odds.potChance(minutes);
  return drawn.reduce((sum, min) => sum + Number(min <= minutes - potFrom), 0) / drawn.length;
}
