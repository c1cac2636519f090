import type { Lid, Phase } from '../../meal/index.ts';
import { valueBetween } from '../../columns/index.ts';
import { bisect, midpoint } from '../../quantity/index.ts';
import { saturationKPa } from './boiling.ts';
import type { PotHeat } from './pot.ts';

/** J to drive off a gram of water at 100 °C (published, steam tables). */
export const LATENT = 2257;
/** Air of a kitchen, °C (estimate). */
const ROOM = 20;

/**
 * Heat through the outside of a pot, W/m²/K, by its lid; in an oven's air, and lost to a kitchen's. Fitted once to the rates of
 * steam: 3.0 W/K covered and 4.5 open for the .25 m² of a 28 cm pot; ajar half way between them (common practice, no source:
 * about half of open, and nearer the middle than to covered).
 */
const OUTER: Readonly<Record<Lid, number>> = { on: 12.2, ajar: 15, off: 18.3 };
/**
 * Heat that open water spends on steam for each kPa of its vapour, W/m²/kPa: the Lewis relation at 5 W/m²/K
 * (published: h/k = .066 kPa/K). Under a lid a share of that (fitted to the rates of steam).
 */
const EVAPORATION = 75;
const UNDER: Readonly<Record<Lid, number>> = { on: 0.23, ajar: 0.6, off: 1 };
/** The same by how the lid lies on it (estimates): heavy and sealed, foil over parchment, or tilted and worn. */
const FITS: Readonly<Record<NonNullable<Phase['fit']>, number>> = { tight: 0.1, foil: 0.15, loose: 0.38 };
/** A slow cooker's heavy lid, in its water's seal (fitted to .03 l/h). */
const UNDER_SLOW_LID = 0.069;

/** Through the double wall of a slow cooker, W/m²/K, with its lid on or ajar (fitted, with its power). */
const SLOW_OUTER = 5.5;

/** What of a burner's power reaches the pot, W (estimate). */
export const BURNER = 1300;
/** Liquid on a stove is kept at, °C (common practice, no source); a boil is as hot as it gets. */
const KEPT = { 'bare simmer': 88, simmer: 95 } as const;
/** What a hard boil spends on steam in an open 28 cm pot, W: 2 l/h (common practice, no source). */
const HARD_BOIL = 1250;

/** A slow cooker: W for each litre that it holds, and where its thermostat keeps it, °C (fitted to the readiness table and
 * makers' times for 1.5 kg: low comes to the same simmer hours later). */
const SLOW = { low: { power: 16.09, kept: 92.8 }, high: { power: 26.5, kept: 96 } } as const;

/**
 * Meat in the open smoke: heat from the air to its surface, W/m²/K, and the share of it that is wet (fitted: 64 to 70 °C
 * at 105 to 135 °C of dry air); water in the air, kPa, dry or over a pan of water (estimates).
 */
const SMOKE = { outer: 10, wet: 0.26, dryKPa: 2, humidKPa: 9 } as const;
/** Its surface gets there by this, h (fitted). */
const SMOKE_HOURS = 0.5;

/** Settings where nobody has written one, for the steam of a cook that is timed (estimates). */
const ASSUMED = { oven: 150, smoker: 120 } as const;

/** Saturation pressure, kPa, read off a table: thousands of steps ask for it. */
const TABLE = Float64Array.from({ length: 1301 }, (_, i) => saturationKPa(i / 10));
export const vapourKPa = (celsius: number): number => valueBetween(TABLE, Math.min(130, celsius) * 10);

/** In the open smoke there is no pot. */
export const inSmoke = ({ heat, lid }: Pick<Phase, 'heat' | 'lid'>): boolean =>
  heat === 'smoker' && lid === 'off';

/** Heat that a pot's steam takes at a temperature below the boil, W. */
export function evaporationW(
  { heat, lid, fit }: Pick<Phase, 'heat' | 'lid' | 'fit'>,
  pot: PotHeat,
  celsius: number,
): number {
  const covered = fit === undefined ? UNDER.on : FITS[fit];
  const under = lid !== 'on' ? UNDER[lid] : heat === 'slow cooker' ? UNDER_SLOW_LID : covered;
  return under * EVAPORATION * pot.openM2 * vapourKPa(celsius);
}

/** What happens to a pot just now: the heat that warms it, W, and its steam, g/s. */
export interface Rate {
  readonly netW: number;
  readonly steam: number;
  /** What it is kept at, or where it boils: it gets no hotter, °C. */
  readonly most: number;
}

/**
 * The heat balance C·dT/dt = heat in − L·ṁ of a pot in a phase at a temperature: below the boil its surface steams by
 * the vapour over it, at the boil all heat that comes in goes into steam. Undefined where the phase does not
 * say how hot it is.
 */
export function rateOf(phase: Phase, pot: PotHeat, celsius: number, boils: number): Rate | undefined {
  const steams = evaporationW(phase, pot, celsius);
  if (phase.heat === 'stove') return onStove(phase, pot, celsius, boils, steams);
  if (phase.heat === 'slow cooker') return inSlowCooker(phase, pot, celsius, boils, steams);
  const air = airOf(phase);
  if (air === undefined) return undefined;
  if (bathOf(phase) !== undefined) {
    const lost = lossW(pot, OUTER.on, celsius) + steams;
    // What comes in hotter cools down to it.
    return keptAt(air, celsius > air ? -lost : BURNER - lost, celsius, steams);
  }
  const heat = OUTER[phase.lid] * pot.outerM2 * (air - celsius);
  if (celsius >= boils && heat > steams) return { netW: 0, steam: heat / LATENT, most: boils };
  return { netW: heat - steams, steam: steams / LATENT, most: boils };
}

/** Under a lid a setting below this is the liquid's own: a bath, or an oven that its probe governs (common practice, no source). */
const BATH = 90;
/** The temperature at which a phase holds its liquid, °C, where it is set so low; undefined of all else. */
export function bathOf(phase: Phase | undefined): number | undefined {
  const celsius = phase?.heat === 'oven' && phase.lid === 'on' ? airOf(phase) : undefined;
  return celsius !== undefined && celsius < BATH ? celsius : undefined;
}

/** The hottest oven at which a pot under its lid stays below the boil, °C: what comes in no more than its steam takes. */
export function belowTheBoil(phase: Phase, pot: PotHeat, boils: number): number | undefined {
  if (phase.heat !== 'oven' && phase.heat !== 'smoker') return undefined;
  return boils + evaporationW(phase, pot, boils) / (OUTER[phase.lid] * pot.outerM2);
}

/** Temperature of an oven or a smoker, °C. */
export const airOf = ({ setting }: Phase): number | undefined =>
  typeof setting === 'object' ? midpoint(setting) : undefined;

const lossW = (pot: PotHeat, outer: number, celsius: number) => outer * pot.outerM2 * (celsius - ROOM);

/** The cook turns the burner down once it is where it should be. */
function onStove(phase: Phase, pot: PotHeat, celsius: number, boils: number, steams: number): Rate {
  const { setting } = phase;
  if (setting === 'boil') {
    if (celsius < boils)
      return {
        netW: BURNER - lossW(pot, OUTER[phase.lid], celsius) - steams,
        steam: steams / LATENT,
        most: boils,
      };
    // Under a lid it is turned down to what keeps it boiling.
    return { netW: 0, steam: Math.max(steams, UNDER[phase.lid] * HARD_BOIL) / LATENT, most: boils };
  }
  const kept = Math.min(boils, KEPT[setting === 'bare simmer' ? 'bare simmer' : 'simmer']);
  return keptAt(kept, BURNER - lossW(pot, OUTER[phase.lid], celsius) - steams, celsius, steams);
}

function inSlowCooker(
  phase: Phase,
  pot: PotHeat,
  celsius: number,
  boils: number,
  steams: number,
): Rate | undefined {
  const { setting } = phase;
  if (setting !== 'low' && setting !== 'high') return undefined;
  const { power, kept } = SLOW[setting];
  return keptAt(
    Math.min(boils, kept),
    power * pot.litres - lossW(pot, SLOW_OUTER, celsius) - steams,
    celsius,
    steams,
  );
}

/** What is left of its power warms it until it is where it is kept; it cools where there is not as much. */
function keptAt(kept: number, net: number, celsius: number, steams: number): Rate {
  return {
    netW: celsius >= kept ? Math.min(0, net) : net,
    steam: steams / LATENT,
    most: Math.max(kept, celsius),
  };
}

/**
 * Where the surface of meat stands in an open smoker, °C: heat from the air = heat of what dries off it. Humid air lets less
 * dry off, so it gets hotter.
 */
export function smokeSurface({ setting, air }: Phase): number {
  const hot = typeof setting === 'object' ? (midpoint(setting) ?? ASSUMED.smoker) : ASSUMED.smoker;
  const kPa = air === 'humid' ? SMOKE.humidKPa : SMOKE.dryKPa;
  const over = (t: number) =>
    SMOKE.outer * (hot - t) - SMOKE.wet * EVAPORATION * Math.max(0, vapourKPa(t) - kPa);
  return bisect((t) => over(t) > 0, 0, Math.max(1, hot), 0.05)[0];
}

/** One step of that surface, °C. */
export const smokeStep = (phase: Phase, now: number, minutes: number): number => {
  const to = smokeSurface(phase);
  return to + (now - to) * Math.exp(-minutes / 60 / SMOKE_HOURS);
};

/** The phase with a setting where it has none: its steam is asked for, not its time. */
export function assumed(phase: Phase): Phase {
  if (phase.setting !== undefined && (phase.heat !== 'slow cooker' || typeof phase.setting !== 'object'))
    return phase;
  if (phase.heat === 'oven' || phase.heat === 'smoker') {
    const celsius = ASSUMED[phase.heat];
    return { ...phase, setting: { text: '', lo: celsius, hi: celsius } };
  }
  return phase.heat === 'slow cooker' ? { ...phase, setting: 'low' } : phase;
}
