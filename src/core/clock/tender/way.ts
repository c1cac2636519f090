import { tenderingAt } from './constants.ts';
import { surfaceOf } from '../heat/liquid.ts';
import { middleOf } from '../heat/middle.ts';
import { propertiesOf } from '../heat/properties.ts';
import type { Phase } from '../../batch/schema.ts';
import { middle } from '../../quantity/index.ts';
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
export type Way = Float64Array;

/** Nobody waits longer, min. */
export const LONGEST = 24 * 60;
export const STEP = 4;
/** Conduction is worked out with the properties at the middle of the way, °C. */
const HALF_WAY = 60;
/** The toughest cut by a slow lot has gone too far by here. */
const FAR = 4;
const DAY_OF_WORK = 10 * 60;
const MANY = 400;

const diffusivities = new Map<string, number>();
/** m²/s, to three places. */
function diffusivityOf(flesh: Composition): number {
  const key = `${flesh.water} ${flesh.protein} ${flesh.fat} ${flesh.ash}`;
  const known = diffusivities.get(key);
  if (known !== undefined) return known;
  const made = Number(propertiesOf(flesh, HALF_WAY).diffusivity.toPrecision(3));
  if (diffusivities.size > MANY) diffusivities.clear();
  diffusivities.set(key, made);
  return made;
}

const ways = new Map<string, Way | undefined>();

/**
 * The way to tender through the phases of a cook, the last of which goes on; asked again of the same,
 * the answer is known. Undefined where a phase does not say how hot it is.
 * @param lengths of each phase, min
 */
export function wayOf(
  phases: readonly Phase[],
  lengths: readonly number[],
  piece: Piece,
  altitudeM: number,
): Way | undefined {
  const sides = piece.sides.map((cm) => Math.round(cm * 10) / 10) as [number, number, number];
  const alpha = diffusivityOf(piece.flesh);
  // Asked at every keystroke for every lot: a key made by hand is made sooner.
  let key = `${sides.join()} ${alpha} ${piece.start} ${altitudeM} ${lengths.join()}`;
  for (const { heat, lid, setting } of phases)
    key += ` ${heat} ${lid} ${typeof setting === 'object' ? (middle(setting) ?? '') : (setting ?? '')}`;
  if (ways.has(key)) return ways.get(key);
  if (ways.size > MANY) ways.clear();
  const way = walk(phases, lengths, { sides, diffusivity: alpha }, piece.start, altitudeM);
  ways.set(key, way);
  return way;
}

function walk(
  phases: readonly Phase[],
  lengths: readonly number[],
  brick: Parameters<typeof middleOf>[0],
  start: number,
  altitudeM: number,
): Way | undefined {
  const before = lengths.slice(0, -1).reduce((sum, length) => sum + length, 0);
  // Most are tender within a working day; only what is not is followed to the end.
  for (const minutes of [before + DAY_OF_WORK, before + LONGEST]) {
    const surface = surfaceOf(phases, lengths, altitudeM, Math.ceil(minutes / STEP) + 1, STEP);
    if (!surface) return undefined;
    const temperature = middleOf(brick, surface, start, STEP);
    const way = new Float64Array(temperature.length);
    for (let i = 1; i < way.length; i += 1) {
      const mean = ((temperature[i] ?? 0) + (temperature[i - 1] ?? 0)) / 2;
      way[i] = (way[i - 1] ?? 0) + tenderingAt(mean) * (STEP / 60);
    }
    if ((way.at(-1) ?? 0) >= FAR || minutes > before + DAY_OF_WORK) return way;
  }
  return undefined;
}

/** How far it has come after so many minutes of the cook; beyond what was followed it goes on as at its end. */
export function farAt(way: Way, minutes: number): number {
  const at = Math.max(0, minutes) / STEP;
  const last = way.length - 1;
  const i = Math.min(Math.floor(at), last - 1);
  const low = way[i] ?? 0;
  return low + ((way[i + 1] ?? low) - low) * (at - i);
}

/** Minutes of the cook after which the way is so long, found by halving; undefined if it never is. */
export function reached(way: Way, far: number): number | undefined {
  let high = way.length - 1;
  if (!((way[high] ?? 0) >= far)) return undefined;
  let low = 0;
  while (high - low > 1) {
    const half = (low + high) >> 1;
    if ((way[half] ?? 0) >= far) high = half;
    else low = half;
  }
  const [from = 0, to = 0] = [way[low], way[high]];
  return (low + (to > from ? Math.min(1, (far - from) / (to - from)) : 0)) * STEP;
}
