import type { Phase } from '../batch/schema.ts';
import { middle, Z90, type Range } from '../quantity/index.ts';
import type { Composition } from '@/reference/types.ts';
import { tenderingAt, tenderness } from './constants.ts';
import { surfaceOf } from './heat/liquid.ts';
import { middleOf } from './heat/middle.ts';
import { propertiesOf } from './heat/properties.ts';

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

export interface Readiness {
  /** Median and spread (of the log) of the minutes until it is tender, from the start of the phase that lasts till then. */
  readonly median: number;
  readonly spread: number;
  /** When one lot in five would pass: the first look. */
  readonly firstCheck: number;
}

/** Nobody waits longer, min. */
const LONGEST = 24 * 60;
const STEP = 4;
/** Conduction is worked out with the properties at the middle of the way, °C. */
const HALF_WAY = 60;
/** z of the first fifth (published, any table of the normal). */
const Z80 = 0.8416212335729143;

/** How far it is to tender at each step, for a rate and a toughness of one. */
type Curve = Float64Array;
const curves = new Map<string, Curve | undefined>();
const MANY = 400;

/** The phase that lasts until the meat is tender: the last one without a time, else the last. */
export function openPhase(cook: readonly Phase[]): Phase | undefined {
  return cook.findLast((phase) => middle(phase.minutes) === undefined) ?? cook.at(-1);
}

/** The way to tender through the phases up to the open one; asked again of the same, the answer is known. */
function curveOf(phases: readonly Phase[], lengths: readonly number[], piece: Piece, altitudeM: number) {
  const { diffusivity } = propertiesOf(piece.flesh, HALF_WAY);
  const asked = phases.map(({ heat, lid, setting }) => [
    heat,
    lid,
    typeof setting === 'object' ? middle(setting) : setting,
  ]);
  const sides = piece.sides.map((cm) => Math.round(cm * 10) / 10) as [number, number, number];
  const alpha = Number(diffusivity.toPrecision(3));
  const key = JSON.stringify([asked, lengths, sides, alpha, piece.start, altitudeM]);
  if (curves.has(key)) return curves.get(key);
  if (curves.size > MANY) curves.clear();
  const before = lengths.slice(0, -1).reduce((sum, length) => sum + length, 0);
  const curve = wayToTender(phases, lengths, { sides, diffusivity: alpha }, piece.start, altitudeM, before);
  curves.set(key, curve);
  return curve;
}

function wayToTender(
  phases: readonly Phase[],
  lengths: readonly number[],
  brick: Parameters<typeof middleOf>[0],
  start: number,
  altitudeM: number,
  before: number,
): Curve | undefined {
  // Most are tender within a working day; only what is not is followed to the end.
  for (const minutes of [before + 10 * 60, before + LONGEST]) {
    const surface = surfaceOf(phases, lengths, altitudeM, Math.ceil(minutes / STEP) + 1, STEP);
    if (!surface) return undefined;
    const temperature = middleOf(brick, surface, start, STEP);
    const way = new Float64Array(temperature.length);
    for (let i = 1; i < way.length; i += 1) {
      const mean = ((temperature[i] ?? 0) + (temperature[i - 1] ?? 0)) / 2;
      way[i] = (way[i - 1] ?? 0) + tenderingAt(mean) * (STEP / 60);
    }
    if ((way.at(-1) ?? 0) >= FAR || minutes > before + 10 * 60) return way;
  }
  return undefined;
}
/** The toughest cut by a slow lot is tender by here. */
const FAR = 2;

/** Minutes after the start at which the way is so long; undefined if it never is. */
function reached(way: Curve, far: number): number | undefined {
  if (!((way.at(-1) ?? 0) >= far)) return undefined;
  const i = way.findIndex((x) => x >= far);
  const [low = 0, high = 0] = [way[i - 1], way[i]];
  return (i - 1 + (high > low ? (far - low) / (high - low) : 0)) * STEP;
}

export type Never = 'never';

/**
 * When a lot is tender: heat into the middle of its piece through the phases, and tenderness by
 * Arrhenius there. Undefined where a phase does not say how hot it is; "never" if it is not tender in
 * 24 hours. Rate and size together make its range.
 * @param lengths of the phases before the open one, min
 */
export function readiness(
  phase: Phase,
  before: readonly Phase[],
  lengths: readonly number[],
  piece: Piece,
  altitudeM = 0,
): Readiness | Never | undefined {
  const phases = [...before, phase];
  const all = [...lengths, LONGEST];
  const way = curveOf(phases, all, piece, altitudeM);
  if (!way) return undefined;
  const gone = lengths.reduce((sum, length) => sum + length, 0);
  const more = (minutes: number | undefined) => Math.max(1, (minutes ?? gone + LONGEST) - gone);
  const at = (z: number) => reached(way, piece.toughness * Math.exp(-z * tenderness.spread));
  const median = at(0);
  if (median === undefined) return 'never';
  const byRate = Math.log(more(at(-1)) / more(at(1))) / 2;
  const larger = piece.sides.map((cm) => cm * (1 + tenderness.sizes)) as [number, number, number];
  const ofLarger = curveOf(phases, all, { ...piece, sides: larger }, altitudeM);
  const bySize = ofLarger ? Math.log(more(reached(ofLarger, piece.toughness)) / more(median)) : 0;
  const spread = Math.hypot(byRate, bySize);
  return { median: more(median), spread, firstCheck: more(median) * Math.exp(-Z80 * spread) };
}

/** Its 10th, 50th and 90th percentile, min. */
export function rangeOfReadiness({ median, spread }: Readiness): Range {
  const at = (z: number) => median * Math.exp(z * spread);
  return { mid: median, p10: at(-Z90), p50: median, p90: at(Z90) };
}

/** Centre of the meat when it goes in, °C: seared, stood out, or from the fridge (common practice, no source). */
export const startOf = ({
  sear,
  stoodOut,
}: {
  readonly sear: boolean;
  readonly stoodOut: boolean;
}): number => (sear ? 25 : stoodOut ? 12 : 5);
