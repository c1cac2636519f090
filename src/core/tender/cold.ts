import type { Phase } from '../batch/index.ts';
import { diffusivityOf, STEP, type Piece } from './curve.ts';
import { coreTemperature } from './heat/coreTemperature.ts';
import { courseOf, minutesOnBurner, type Course } from './heat/course.ts';
import type { PotHeat } from './heat/pot.ts';

/** From here on nothing grows (FDA Food Code 2022, 3-501.16, from memory), °C. */
export const SAFE = 57;
/** Followed for so long, min. */
const DAY = 12 * 60;
const HOUR = 60;

/** Asked at every keystroke: known while its course is. */
const kept = new WeakMap<Course, Map<string, number>>();

/**
 * Hours until the middle of a piece is out of reach of what grows between 5 and 57 °C: on the burner until the pot is hot, and then
 * in its heat. Undefined where a phase does not say how hot it is; 12 if it never is.
 * @param lengths of each phase, min
 */
export function hoursCold(
  phases: readonly Phase[],
  lengths: readonly number[],
  piece: Piece,
  pot: PotHeat,
  altitudeM: number,
): number | undefined {
  const course = courseOf(phases, lengths, pot, altitudeM, DAY / STEP + 1, STEP);
  if (!course) return undefined;
  const brick = { sides: piece.sides, diffusivity: diffusivityOf(piece.flesh) };
  const ofCourse = kept.get(course) ?? new Map<string, number>();
  kept.set(course, ofCourse);
  const key = `${brick.sides.join()} ${brick.diffusivity} ${piece.start}`;
  const known = ofCourse.get(key);
  if (known !== undefined) return known;
  const middle = coreTemperature(brick, course.temperature, piece.start, STEP);
  const steps = middle.findIndex((celsius) => celsius >= SAFE);
  const first = phases[0]?.heat;
  const onBurner = first === 'oven' || first === 'stove' ? minutesOnBurner(pot) : 0;
  const hours = ((steps < 0 ? DAY : steps * STEP) + onBurner) / HOUR;
  ofCourse.set(key, hours);
  return hours;
}
