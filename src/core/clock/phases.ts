import type { Moment, Phase } from '../batch/schema.ts';
import { middle } from '../quantity/index.ts';
import { openPhase } from './readiness.ts';

/** How long each phase lasts, min; the one that lasts until it is tender as long as that takes. */
export function phaseMinutes(cook: readonly Phase[], readyMin: number | undefined): readonly number[] {
  const open = openPhase(cook);
  return cook.map((phase) => middle(phase.minutes) ?? (phase === open ? (readyMin ?? 0) : 0));
}

/** Minutes after the start of a moment of the cook, never after its end. */
export function minutesOf(moment: Moment, lengths: readonly number[]): number {
  const before = lengths.slice(0, moment.phase).reduce((sum, length) => sum + length, 0);
  const length = lengths[moment.phase] ?? 0;
  const inPhase = moment.before === 'end' ? length - moment.minutes : moment.minutes;
  return before + Math.min(length, Math.max(0, inPhase));
}
