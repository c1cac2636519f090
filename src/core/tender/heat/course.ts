import type { Phase } from '../../meal/index.ts';
import { entryAt } from '../../columns/index.ts';
import { midpoint } from '../../quantity/index.ts';
import { BURNER, inSmoke, rateOf, smokeStep } from './balance.ts';
import { boilingAt } from './boiling.ts';
import type { PotHeat } from './pot.ts';

/** A pot that comes from the burner stands so warm in the oven (common practice, no source); the burner's own time is the day's. */
const FROM_BURNER = 65;
/** A slow cooker is filled with seared meat and what stands in the kitchen (common practice, no source). */
const FILLED_COLD = 25;
/** Meat from the fridge, on its way into the smoke, °C (common practice, no source). */
const FROM_FRIDGE = 5;
/** What is poured over meat that comes out of the smoke (common practice, no source). */
const POURED_HOT = 98;
/** The balance is stepped through so finely, s. */
const FINE = 60;

/** Just off the boil by the time it stands in the oven, °C (estimate). */
const BOILED = 95;
/** Out of the kitchen and the fridge, mixed, °C (estimate). */
const FILLED = 15;

/** How warm a pot goes into its oven, °C: as usual, brought to the boil, or straight from the board. */
const startC = ({ start }: PotHeat): number =>
  start === 'boiled' ? BOILED : start === 'straight in' ? FILLED : FROM_BURNER;

/** Until a pot is hot on its burner, min; none where it goes straight in. */
export const minutesOnBurner = (pot: PotHeat): number =>
  (pot.heatCapacity * (startC(pot) - FILLED)) / BURNER / 60;

/** Temperature around the meat, °C, and steam of the pot since its start, g, at each step. */
export interface Course {
  readonly temperature: Float64Array;
  readonly steam: Float64Array;
  /** Where it first boils under a lid: the step, and the phase by its place; undefined if it never does. */
  readonly boilsCovered: { readonly step: number; readonly phase: number } | undefined;
}

function firstOf(phase: Phase, pot: PotHeat): number {
  if (phase.heat === 'slow cooker') return FILLED_COLD;
  return inSmoke(phase) ? FROM_FRIDGE : startC(pot);
}

/**
 * What a pot goes through in the phases one after the other, by its heat balance stepped forward; undefined if a
 * phase does not say how hot it is. The last phase lasts to the end. From one heat to another the pot keeps its own; meat
 * from the smoke is mixed with what is poured over it.
 * @param lengths of each phase, min
 * @param minutes of a step
 */
export function courseOf(
  phases: readonly Phase[],
  lengths: readonly number[],
  pot: PotHeat,
  altitudeM: number,
  steps: number,
  minutes: number,
): Course | undefined {
  // Asked at every keystroke, by time, by cold and by steam: what is known is kept. The last phase goes on to the end, so
  // that a shorter course is the beginning of a longer one.
  const before = lengths.slice(0, phases.length - 1);
  const key = `${keyOfPhases(phases)} ${before.join()} ${keyOfPot(pot)} ${altitudeM} ${minutes}`;
  const known = kept.get(key);
  if (known === NEVER) return undefined;
  if (known && known.temperature.length >= steps) return upTo(known, steps);
  if (kept.size > MANY) kept.clear();
  const followed = follow(phases, lengths, pot, altitudeM, Math.max(steps, MOSTLY), minutes);
  kept.set(key, followed ?? NEVER);
  return followed && upTo(followed, steps);
}

const kept = new Map<string, Course | typeof NEVER>();
const NEVER = 'unsaid';
const MANY = 300;
/** As far as is mostly asked, in steps: half a day. */
const MOSTLY = 184;

/** The beginning of a course. */
function upTo(course: Course, steps: number): Course {
  const { temperature, steam, boilsCovered } = course;
  if (temperature.length === steps) return course;
  return {
    temperature: temperature.subarray(0, steps),
    steam: steam.subarray(0, steps),
    boilsCovered: boilsCovered && boilsCovered.step < steps ? boilsCovered : undefined,
  };
}

/** What tells pots apart, and phases: made once for each, since every lot of a pot asks. */
export const keyOfPot = (pot: PotHeat): string => {
  const known = potKeys.get(pot);
  if (known !== undefined) return known;
  const { heatCapacity, meatHeatCapacity, outerM2, openM2, litres, start } = pot;
  const key = `${heatCapacity} ${meatHeatCapacity} ${outerM2} ${openM2} ${litres} ${start ?? ''}`;
  potKeys.set(pot, key);
  return key;
};
const potKeys = new WeakMap<PotHeat, string>();

export const keyOfPhases = (phases: readonly Phase[]): string => {
  const known = phaseKeys.get(phases);
  if (known !== undefined) return known;
  const key = phases
    .map(
      ({ heat, lid, setting, air = '', fit = '' }) =>
        `${heat} ${lid} ${air} ${fit} ${typeof setting === 'object' ? (midpoint(setting) ?? '') : (setting ?? '')}`,
    )
    .join();
  phaseKeys.set(phases, key);
  return key;
};
const phaseKeys = new WeakMap<readonly Phase[], string>();

function follow(
  ...[phases, lengths, pot, altitudeM, steps, minutes]: Parameters<typeof courseOf>
): Course | undefined {
  const boils = boilingAt(altitudeM);
  const temperature = new Float64Array(steps);
  const steam = new Float64Array(steps);
  let boilsCovered: Course['boilsCovered'];
  let at = 0;
  let left = entryAt(lengths, 0);
  let phase = phases[0];
  if (!phase) return undefined;
  let now = firstOf(phase, pot);
  let gone = 0;
  for (let i = 0; i < steps; i += 1) {
    temperature[i] = now;
    steam[i] = gone;
    while (left <= 0 && at < phases.length - 1) {
      const before: Phase = phase;
      at += 1;
      phase = phases[at] ?? before;
      left += entryAt(lengths, at);
      if (inSmoke(before) !== inSmoke(phase)) {
        const meat = pot.meatHeatCapacity / pot.heatCapacity;
        now = inSmoke(phase) ? now : meat * now + (1 - meat) * POURED_HOT;
      }
    }
    if (inSmoke(phase)) now = smokeStep(phase, now, minutes);
    else {
      for (let s = 0; s < minutes * 60; s += FINE) {
        const rate = rateOf(phase, pot, now, boils);
        if (!rate) return undefined;
        gone += rate.steam * FINE;
        now = Math.min(rate.most, now + (rate.netW / pot.heatCapacity) * FINE);
      }
      if (boilsCovered === undefined && phase.lid === 'on' && phase.setting !== 'boil' && now >= boils)
        boilsCovered = { step: i, phase: at };
    }
    left -= minutes;
  }
  return { temperature, steam, boilsCovered };
}
