import type { Batch } from '../../batch/index.ts';
import type { SteamCourse } from '../../broth/index.ts';
import { openPhase } from '../../clock/index.ts';
import { midpoint, valueAt } from '../../quantity/index.ts';
import { assumed, belowTheBoil, boilingAt, courseOf, type PotHeat, STEP } from '../../tender/index.ts';

/** The open phase is followed so long, min; by then it steams as it goes on to. */
const LONGEST = 12 * 60;

/** A pot that boils under its lid: from which minute of the cook, what it loses an hour, g, and the oven that keeps it below, °C. */
export interface BoilsCovered {
  readonly minutes: number;
  readonly perHour: number;
  readonly coolerC: number | undefined;
}

/** What steam a cook gives, g, by its heat balance. */
export interface PlannedSteam {
  readonly fixed: number;
  /** Of the phase that lasts until it is tender; nothing has gone where every phase has its length. */
  readonly open: SteamCourse;
  readonly minutesFixed: number;
  readonly minutesOpen: number;
  /** It boils under its lid after so many minutes of the cook, and what it loses an hour then, g. */
  readonly boilsCovered: BoilsCovered | undefined;
}

/**
 * Steam over the phases: followed once as they are planned, and once with the open phase going on, so that each draw
 * reads off what its own minutes give. A phase that does not say how hot it is steams as it usually does.
 * @param lengths of each phase, min
 */
export function planSteam(
  batch: Batch,
  pot: PotHeat,
  lengths: readonly number[],
  altitudeM: number,
): PlannedSteam | undefined {
  const phases = batch.cook.map(assumed);
  const open = openPhase(batch.cook);
  const at = open ? batch.cook.indexOf(open) : 0;
  const timed = midpoint(open?.minutes) !== undefined;
  const total = lengths.reduce((sum, length) => sum + length, 0);
  const stepsTo = (minutes: number) => Math.ceil(minutes / STEP) + 2;
  const planned = courseOf(phases, lengths, pot, altitudeM, stepsTo(total), STEP);
  if (!planned) return undefined;
  const gone = (minutes: number) => readAt(planned.steam, minutes);
  const { boilsCovered: boils } = planned;
  const hour = 60 / STEP;
  const below = open && belowTheBoil(open, pot, boilingAt(altitudeM));
  const coolerC = below === undefined ? undefined : Math.floor(below / 5) * 5;
  const boilsCovered =
    boils === undefined || boils * STEP > total
      ? undefined
      : { minutes: boils * STEP, perHour: (gone((boils + 1) * STEP) - gone(boils * STEP)) * hour, coolerC };
  const none = { stepMin: STEP, grams: new Float64Array(1) };
  if (timed) return { fixed: gone(total), open: none, minutesFixed: total, minutesOpen: 0, boilsCovered };

  const before = lengths.slice(0, at).reduce((sum, length) => sum + length, 0);
  const until = before + valueAt(lengths, at);
  const going = courseOf(
    phases.slice(0, at + 1),
    lengths.slice(0, at + 1),
    pot,
    altitudeM,
    stepsTo(before + LONGEST),
    STEP,
  );
  if (!going) return undefined;
  const from = readAt(going.steam, before);
  const steps = Math.floor(LONGEST / STEP);
  const grams = Float64Array.from({ length: steps }, (_, i) => readAt(going.steam, before + i * STEP) - from);
  return {
    fixed: from + gone(total) - gone(until),
    open: { stepMin: STEP, grams },
    minutesFixed: total - valueAt(lengths, at),
    minutesOpen: valueAt(lengths, at),
    boilsCovered,
  };
}

/** A course at a minute between its steps. */
function readAt(course: Float64Array, minutes: number): number {
  const at = Math.min(course.length - 1.000001, Math.max(0, minutes / STEP));
  const i = Math.floor(at);
  const low = valueAt(course, i);
  return low + ((course[i + 1] ?? low) - low) * (at - i);
}
