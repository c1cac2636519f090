import type { ProbeReading } from '../device.ts';

/** A thin probe follows what it is stuck into with this time constant, s (estimate). */
const FOLLOWS = 3;
const NOISE = 0.05;
/** Steady once it moves less than this in a second, °C. */
const STEADY = 0.15;

/** A stand-in for a probe: it goes towards what it is stuck into. */
export interface StandInProbe {
  /** Into something of so many °C. */
  readonly into: (celsius: number) => void;
  readonly read: (at: number) => ProbeReading;
}

export function standInProbe(random: () => number, air = 21): StandInProbe {
  let target = air;
  let felt = air;
  let last: number | undefined;
  return {
    into: (celsius) => {
      target = celsius;
    },
    read: (at) => {
      const dt = last === undefined ? 0 : Math.max(0, (at - last) / 1000);
      last = at;
      const moves = (target - felt) * (1 - Math.exp(-dt / FOLLOWS));
      felt += moves;
      const celsius = Math.round(10 * (felt + NOISE * (random() - 0.5))) / 10;
      return { at, celsius, stable: dt > 0 && Math.abs(moves) / dt < STEADY };
    },
  };
}
