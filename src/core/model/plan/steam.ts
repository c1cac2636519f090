import type { Batch, Phase } from '../../meal/index.ts';
import type { SteamCourse } from '../../broth/index.ts';
import { cookOf, lengthsUntil, openPhase } from '../../clock/index.ts';
import { entryAt, valueBetween } from '../../columns/index.ts';
import { midpoint } from '../../quantity/index.ts';
import {
  assumed,
  belowTheBoil,
  boilingAt,
  type Course,
  courseOf,
  type PotHeat,
  STEP,
} from '../../tender/index.ts';

/** The open phase is followed so long, min; by then it steams as it goes on to. */
const LONGEST = 12 * 60;

/** Ovens are set to this, °C (common practice, no source). */
const OVEN_STEP = 5;

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
 * @param lifted after so many minutes it left the heat; undefined: as planned
 */
export function planSteam(
  batch: Batch,
  pot: PotHeat,
  planned: readonly number[],
  lifted: number | undefined,
  altitudeM: number,
): PlannedSteam | undefined {
  const phases = batch.cook.map(assumed);
  const lengths = lifted === undefined ? planned : lengthsUntil(cookOf(batch.cook), lifted);
  const open = openPhase(batch.cook);
  const at = open ? batch.cook.indexOf(open) : 0;
  const isKnown = lifted !== undefined || midpoint(open?.minutes) !== undefined;
  const total = lengths.reduce((sum, length) => sum + length, 0);
  const stepsTo = (minutes: number) => Math.ceil(minutes / STEP) + 2;
  const course = courseOf(phases, lengths, pot, altitudeM, stepsTo(total), STEP);
  if (!course) return undefined;
  const gone = (minutes: number) => readAt(course.steam, minutes);
  const boilsCovered = boilsOf(course, phases, pot, total, altitudeM);
  const none = { stepMin: STEP, grams: new Float64Array(1) };
  if (isKnown) return { fixed: gone(total), open: none, minutesFixed: total, minutesOpen: 0, boilsCovered };

  const before = lengths.slice(0, at).reduce((sum, length) => sum + length, 0);
  const until = before + entryAt(lengths, at);
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
    minutesFixed: total - entryAt(lengths, at),
    minutesOpen: entryAt(lengths, at),
    boilsCovered,
  };
}

/** What is told of a pot that boils under its lid while it cooks. */
function boilsOf(
  { boilsCovered, steam }: Course,
  phases: readonly Phase[],
  pot: PotHeat,
  total: number,
  altitudeM: number,
): BoilsCovered | undefined {
  const minutes = (boilsCovered?.step ?? Infinity) * STEP;
  const phase = phases[boilsCovered?.phase ?? -1];
  if (!phase || minutes > total) return undefined;
  const below = belowTheBoil(phase, pot, boilingAt(altitudeM));
  const perStep = readAt(steam, minutes + STEP) - readAt(steam, minutes);
  return {
    minutes,
    // To ten grams: steam is known to a quarter of itself.
    perHour: Math.round((perStep * (60 / STEP)) / 10) * 10,
    coolerC: below === undefined ? undefined : Math.floor(below / OVEN_STEP) * OVEN_STEP,
  };
}

/** A course of this module's steps, at a minute between two. */
const readAt = (course: Float64Array, minutes: number): number => valueBetween(course, minutes / STEP);
