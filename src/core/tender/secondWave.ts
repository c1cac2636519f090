import type { Composition } from '@/reference/types.ts';
import { valueAt } from '../columns/index.ts';
import type { Range } from '../quantity/index.ts';
import { phi } from './checks.ts';
import { tenderingAt, tenderness } from './constants.ts';
import { diffusivityOf, LONGEST, minutesTo, STEP } from './curve.ts';
import { coreTemperature } from './heat/coreTemperature.ts';

/** What lay on the bench is so warm in the middle when it goes back, °C (estimate). */
const FROM_BENCH = 50;
/** Pieces of a lot come along this much apart, of the log of their rate (estimate). */
const PIECES = 0.15;
const TENTH = 1.2816;

/** A hand sends back what gives but holds: hardly more of the way than this (estimate), give or take so much. */
const SENT_BACK = 0.9;
const HAND = 0.07;

/** How far the pieces have come that do not pull yet, where the lot's middle piece has come so far: 1 is tender. */
export function farOfSlow(lotFar: number): number {
  return Math.min(SENT_BACK, meanBelow(lotFar));
}

function meanBelow(lotFar: number): number {
  // The mean of a log-normal below one.
  const mean = Math.log(Math.max(1e-6, lotFar));
  const z = -mean / PIECES;
  const share = phi(z);
  if (share < 1e-4) return 1;
  return Math.min(1, Math.exp(mean + PIECES ** 2 / 2) * (phi(z - PIECES) / share));
}

/** Pieces that go back into a hot pot. */
export interface Again {
  /** cm. */
  readonly sides: readonly [number, number, number];
  readonly flesh: Composition;
  /** Of the liquid, °C. */
  readonly celsius: number;
  /** How far they have come, and what they need in all on the curve of a rate of one. */
  readonly far: number;
  readonly total: number;
  /** Spread of the log of what is not known of their rate. */
  readonly spread: number;
}

/**
 * How long until pieces that went back are tender, min from a simmering pot: heat into their middle first, from what they
 * had on the bench, then what was left of their way to tender there.
 */
export function secondWaveMinutes({ sides, flesh, celsius, far, total, spread }: Again): Range {
  const surface = new Float64Array(LONGEST / STEP + 1).fill(celsius);
  const middle = coreTemperature({ sides, diffusivity: diffusivityOf(flesh) }, surface, FROM_BENCH, STEP);
  const curve = new Float64Array(middle.length);
  for (let i = 1; i < curve.length; i += 1)
    curve[i] =
      valueAt(curve, i - 1) + (tenderingAt((valueAt(middle, i) + valueAt(middle, i - 1)) / 2) * STEP) / 60;
  const left = Math.max(0, 1 - far) * total;
  const at = (z: number) => minutesTo(curve, left * Math.exp(z * spread)) ?? LONGEST;
  return { mid: at(0), p10: at(-TENTH), p50: at(0), p90: at(TENTH) };
}

/** The spread of what is left of the way: that of the rate, and of how far the slow ones had come. */
export const leftSpread = (far: number): number =>
  Math.hypot(tenderness.lots, tenderness.heat, HAND / Math.max(HAND, 1 - far));
