import type { Lid, Phase } from '../../meal/index.ts';
import { midpoint } from '../../quantity/index.ts';
import { isSmoke, openPhase, withMain } from './phases.ts';

const timed = (minutes: number) => ({ text: `${minutes} min`, lo: minutes, hi: minutes });

/**
 * The cook with its lid ajar or off for the last so many minutes; 0 leaves it on to the end. What else was
 * to happen after the phase that lasts until it is tender gives way to it. A time that was written stays the whole: the
 * last minutes are of it, never more than it.
 */
export function withLastMinutes(cook: readonly Phase[], lid: Lid, minutes: number): Phase[] {
  const open = openPhase(cook);
  if (!open) return [...cook];
  const before = cook.slice(0, cook.indexOf(open));
  if (minutes <= 0) return [...before, open];
  const { minutes: written, main: _, ...heat } = open;
  const whole = midpoint(written);
  // What stood at the end is the same end, shorter or longer.
  const id = cook[before.length + 1]?.id ?? `end of ${open.id}`;
  const last: Phase = { ...heat, id, lid, minutes: timed(minutes) };
  if (whole === undefined) return withMain([...before, open, last], open);
  if (minutes >= whole) return [...before, { ...open, lid }];
  const shorter = { ...open, minutes: timed(whole - minutes) };
  return withMain([...before, shorter, last], shorter);
}

/** The cook with its lid on all through; in the open smoke there is no pot to cover. */
export const covered = (cook: readonly Phase[]): Phase[] =>
  cook.map((phase) => (isSmoke(phase) ? phase : { ...phase, lid: 'on' }));
