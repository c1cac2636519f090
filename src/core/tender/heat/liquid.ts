import type { Lid, Phase } from '../../batch/index.ts';
import { valueAt, midpoint } from '../../quantity/index.ts';
import { boilingAt, saturationKPa } from './boiling.ts';

/**
 * How the liquid's temperature runs through each method (estimates, found by fitting the readiness
 * table with one set of constants for tenderness).
 */
const stove = { from: 65, to: 95, hours: 0.3 };
const slowCooker = { from: 25, high: { to: 96.5, hours: 1.1 }, low: { to: 92.8, hours: 2 } };
/** A pot that comes from the burner stands so warm in the oven; its heat goes in by this time constant. */
const oven = { from: 65, hours: 1.65 };
/** K of cooling for each kPa of vapour, by the lid. */
const vapour: Readonly<Record<Lid, number>> = { on: 0.33, ajar: 0.64, off: 0.95 };
/** In the open smoke the surface dries and stays cool. */
const smoke = { from: 5, to: 68, hours: 0.5 };
/** Warm liquid is poured over what comes out of the smoke. */
const AFTER_SMOKE = 85;

const towards = (now: number, to: number, hours: number, minutes: number) =>
  to + (now - to) * Math.exp(-minutes / 60 / hours);

/** What is around the piece: liquid, or the air of an open smoker. */
type Medium = 'pot' | 'smoke';
const mediumOf = ({ heat, lid }: Phase): Medium => (heat === 'smoker' && lid === 'off' ? 'smoke' : 'pot');

function firstOf({ heat, lid }: Phase): number {
  if (heat === 'stove') return stove.from;
  if (heat === 'slow cooker') return slowCooker.from;
  return heat === 'smoker' && lid === 'off' ? smoke.from : oven.from;
}

/** One step further; undefined if the phase does not say how hot it is. */
function stepOf(
  { heat, lid, setting }: Phase,
  now: number,
  boils: number,
  minutes: number,
): number | undefined {
  if (heat === 'stove') return towards(now, Math.min(stove.to, boils), stove.hours, minutes);
  if (heat === 'slow cooker') {
    if (setting !== 'low' && setting !== 'high') return undefined;
    const { to, hours } = slowCooker[setting];
    return towards(now, Math.min(to, boils), hours, minutes);
  }
  if (heat === 'smoker' && lid === 'off') return towards(now, smoke.to, smoke.hours, minutes);
  const air = typeof setting === 'object' ? midpoint(setting) : undefined;
  if (air === undefined) return undefined;
  const rate = (air - now - vapour[lid] * saturationKPa(now)) / oven.hours / 60;
  return Math.min(boils, now + rate * minutes);
}

/**
 * Temperature around the meat, °C, at each step of the phases one after the other; undefined if one
 * of them does not say how hot it is. The last lasts to the end.
 * @param lengths of each phase, min
 */
export function surfaceOf(
  phases: readonly Phase[],
  lengths: readonly number[],
  altitudeM: number,
  steps: number,
  minutes: number,
): Float64Array | undefined {
  const boils = boilingAt(altitudeM);
  const surface = new Float64Array(steps);
  let at = 0;
  let left = valueAt(lengths, 0);
  let phase = phases[0];
  if (!phase) return undefined;
  let now = firstOf(phase);
  for (let i = 0; i < steps; i += 1) {
    surface[i] = now;
    while (left <= 0 && at < phases.length - 1) {
      const before: Phase = phase;
      at += 1;
      phase = phases[at] ?? before;
      left += valueAt(lengths, at);
      // From one heat to another the pot keeps its own.
      if (mediumOf(before) !== mediumOf(phase)) now = AFTER_SMOKE;
    }
    const next = stepOf(phase, now, boils, minutes);
    if (next === undefined) return undefined;
    now = next;
    left -= minutes;
  }
  return surface;
}
