import type { Phase } from '../meal/index.ts';
import { diffusivityOf, STEP, type Piece } from './curve.ts';
import { coreTemperature, coreTemperatureAt } from './heat/coreTemperature.ts';
import { courseOf, minutesOnBurner } from './heat/course.ts';
import type { PotHeat } from './heat/pot.ts';

/** From here on nothing grows (FDA Food Code 2022, 3-501.16, from memory), °C. */
export const SAFE = 57;
/** Followed for so long, min. */
const DAY = 12 * 60;
const HOUR = 60;

/**
 * Hours until the middle of a piece is out of reach of what grows between 5 and 57 °C, where they are more than so many: on the
 * burner until the pot is hot, and then in its heat. Undefined where they are not, or where a phase does not say how hot it is;
 * 12 if it never is.
 * @param lengths of each phase, min
 * @param most h
 */
export function hoursColdBeyond(
  most: number,
  phases: readonly Phase[],
  lengths: readonly number[],
  piece: Piece,
  pot: PotHeat,
  altitudeM: number,
): number | undefined {
  const course = courseOf(phases, lengths, pot, altitudeM, DAY / STEP + 1, STEP);
  if (!course) return undefined;
  const brick = { sides: piece.sides, diffusivity: diffusivityOf(piece.flesh) };
  const first = phases[0]?.heat;
  const onBurner = first === 'oven' || first === 'stove' ? minutesOnBurner(pot) : 0;
  // Nearly all are hot by then: one look tells, where to follow them all the way takes a hundred.
  const last = Math.floor((most * HOUR - onBurner) / STEP);
  if (last >= 0 && coreTemperatureAt(brick, course.temperature, piece.start, STEP, last) >= SAFE)
    return undefined;
  const middle = coreTemperature(brick, course.temperature, piece.start, STEP);
  const steps = middle.findIndex((celsius) => celsius >= SAFE);
  const hours = ((steps < 0 ? DAY : steps * STEP) + onBurner) / HOUR;
  return hours > most ? hours : undefined;
}
