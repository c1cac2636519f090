import type { Lid, Phase } from '../../batch/index.ts';
import { openPhase } from './phases.ts';

/**
 * The cook with its lid ajar or off for the last so many minutes; 0 leaves it on to the end. What else was
 * to happen after the phase that lasts until it is tender gives way to it.
 */
export function withLastMinutes(cook: readonly Phase[], lid: Lid, minutes: number): Phase[] {
  const open = openPhase(cook);
  if (!open) return [...cook];
  const upTo = cook.slice(0, cook.indexOf(open) + 1);
  if (minutes <= 0) return upTo;
  const { minutes: _, ...heat } = open;
  return [...upTo, { ...heat, lid, minutes: { text: `${minutes} min`, lo: minutes, hi: minutes } }];
}
