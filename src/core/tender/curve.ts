import { tenderingAt } from './constants.ts';
import { courseOf, keyOfPhases, keyOfPot } from './heat/course.ts';
import type { PotHeat } from './heat/pot.ts';
import { coreTemperature } from './heat/coreTemperature.ts';
import { propertiesOf } from './heat/properties.ts';
import type { Phase } from '../meal/index.ts';
import { valueAt, valueBetween } from '../columns/index.ts';
import { bisect } from '../quantity/index.ts';
import type { Composition } from '@/reference/types.ts';

/** A piece on its way to tender. */
export interface Piece {
  /** cm. */
  readonly sides: readonly [number, number, number];
  readonly flesh: Composition;
  /** °C in its middle when it goes in. */
  readonly start: number;
  /** Against beef chuck = 1. */
  readonly toughness: number;
}

/** How far the middle of a piece has come at each step, for a rate and a toughness of one: 1 is tender. */
export type TendernessCurve = Float64Array;

/** Nobody waits longer, min: what is held at 60 °C pulls in a day or two (common practice, no source). */
export const LONGEST = 72 * 60;
/** Followed so long; by then its heat is even, and it goes on as it does there. */
const FOLLOWED = 24 * 60;
export const STEP = 4;
/** Conduction is worked out with the properties at the middle of the curve, °C. */
const HALF_WAY = 60;
/** Most have gone too far by here; what has not goes on as it does there. */
const FAR = 4;
const DAY_OF_WORK = 10 * 60;
const MANY = 400;

const diffusivities = new Map<string, number>();
/** m²/s, to three places. */
export function diffusivityOf(flesh: Composition): number {
  const key = `${flesh.water} ${flesh.protein} ${flesh.fat} ${flesh.ash}`;
  const known = diffusivities.get(key);
  if (known !== undefined) return known;
  const made = Number(propertiesOf(flesh, HALF_WAY).diffusivity.toPrecision(3));
  if (diffusivities.size > MANY) diffusivities.clear();
  diffusivities.set(key, made);
  return made;
}

const curves = new Map<string, TendernessCurve | undefined>();

/**
 * The way to tender through the phases of a cook, the last of which goes on; asked again of the same,
 * the answer is known. Undefined where a phase does not say how hot it is.
 * @param lengths of each phase, min
 */
export function tendernessCurve(
  phases: readonly Phase[],
  lengths: readonly number[],
  piece: Piece,
  pot: PotHeat,
  altitudeM: number,
): TendernessCurve | undefined {
  const sides = piece.sides.map((cm) => Math.round(cm * 10) / 10) as [number, number, number];
  const alpha = diffusivityOf(piece.flesh);
  const key = `${sides.join()} ${alpha} ${piece.start} ${altitudeM} ${lengths.join()} ${keyOfPot(pot)} ${keyOfPhases(phases)}`;
  if (curves.has(key)) return curves.get(key);
  if (curves.size > MANY) curves.clear();
  const curve = walk(phases, lengths, { sides, diffusivity: alpha }, piece.start, pot, altitudeM);
  curves.set(key, curve);
  return curve;
}

function walk(
  phases: readonly Phase[],
  lengths: readonly number[],
  brick: Parameters<typeof coreTemperature>[0],
  start: number,
  pot: PotHeat,
  altitudeM: number,
): TendernessCurve | undefined {
  const before = lengths.slice(0, -1).reduce((sum, length) => sum + length, 0);
  // Most are tender within a working day; only what is not is followed to the end.
  for (const minutes of [before + DAY_OF_WORK, before + FOLLOWED]) {
    const course = courseOf(phases, lengths, pot, altitudeM, Math.ceil(minutes / STEP) + 1, STEP);
    if (!course) return undefined;
    const temperature = coreTemperature(brick, course.temperature, start, STEP);
    const curve = new Float64Array(temperature.length);
    for (let i = 1; i < curve.length; i += 1) {
      const mean = (valueAt(temperature, i) + valueAt(temperature, i - 1)) / 2;
      curve[i] = valueAt(curve, i - 1) + tenderingAt(mean) * (STEP / 60);
    }
    if ((curve.at(-1) ?? 0) >= FAR || minutes > before + DAY_OF_WORK) return curve;
  }
  return undefined;
}

/** How far it has come after so many minutes of the cook; beyond what was followed it goes on as at its end. */
export const tendernessAt = (curve: TendernessCurve, minutes: number): number =>
  valueBetween(curve, minutes / STEP);

/** Minutes of the cook after which meat has come so far, going on as at the curve's end; undefined if it is not within three days. */
export function minutesTo(curve: TendernessCurve, far: number): number | undefined {
  const end = curve.length - 1;
  const last = valueAt(curve, end);
  if (!(last >= far)) {
    const step = end > 0 ? last - valueAt(curve, end - 1) : 0;
    const minutes = step > 0 ? (end + (far - last) / step) * STEP : Infinity;
    return minutes <= LONGEST ? minutes : undefined;
  }
  const [low, high] = bisect((half) => !(valueAt(curve, half) >= far), 0, end, 1);
  const [from = 0, to = 0] = [curve[low], curve[high]];
  return (low + (to > from ? Math.min(1, (far - from) / (to - from)) : 0)) * STEP;
}
