import type { ScaleReading } from '../device.ts';

/** How the stand-in scale behaves (estimates, after kitchen scales that bear 15 kg). */
const BEARS_G = 15_000;
const STEP_G = 1;
/** It follows what is put on it with this time constant, s. */
const FOLLOWS = 0.28;
/** Noise at rest, and of what still moves, one standard deviation, g. */
const NOISE = { still: 0.18, moving: 0.03 };
/** It wanders by this much in a minute, g. */
const DRIFT_G = 0.4;
/** It is steady once it has not moved for so long, s. */
const STEADY = 0.9;

/** A stand-in for a kitchen scale: what is put on it settles, wavers a little, drifts, and can be too much. */
export interface StandInScale {
  readonly stepG: number;
  /** What lies on it now, g, in all. */
  readonly load: number;
  /** Puts so much more on it; less than nothing takes it off, down to the empty plate. */
  readonly put: (grams: number) => void;
  readonly clear: () => void;
  readonly tare: () => void;
  /** The figure at a moment, epoch ms; moments must not go back. */
  readonly read: (at: number) => ScaleReading;
}

/**
 * @param random numbers from 0 to 1, so that a test can hold them
 */
export function standInScale(random: () => number): StandInScale {
  let load = 0;
  let felt = 0;
  let drift = 0;
  let zero = 0;
  let last: number | undefined;
  /** Shown, and since when it has been the same to a step. */
  let shown = 0;
  let since = -Infinity;
  const normal = () => Math.sqrt(-2 * Math.log(Math.max(1e-12, random()))) * Math.cos(2 * Math.PI * random());
  return {
    stepG: STEP_G,
    get load() {
      return load;
    },
    put: (grams) => {
      load = Math.max(0, load + grams);
    },
    clear: () => {
      load = 0;
    },
    tare: () => {
      zero = felt + drift;
    },
    read: (at) => {
      const dt = last === undefined ? 1 : Math.max(0, (at - last) / 1000);
      last = at;
      felt += (load - felt) * (1 - Math.exp(-dt / FOLLOWS));
      drift += normal() * DRIFT_G * Math.sqrt(dt / 60);
      const noise = normal() * (NOISE.still + NOISE.moving * Math.abs(load - felt));
      const gross = felt + drift + noise;
      const next = Math.round((gross - zero) / STEP_G) * STEP_G;
      if (Math.abs(next - shown) > STEP_G) {
        shown = next;
        since = at;
      }
      if (felt > BEARS_G) return { at, grams: null, stable: false };
      const stable = (at - since) / 1000 >= STEADY;
      // Once steady it holds its figure: a step to and fro is its own noise.
      if (!stable) shown = next;
      return { at, grams: shown + 0, stable };
    },
  };
}
