import { celsiusAt, coolingCurve, type CoolingCurve, type Cools } from './cool.ts';

export interface ThermometerReading {
  /** Since it began to cool. */
  readonly minutes: number;
  readonly celsius: number;
}

/** How far the rate is off before anything was read, of its log; and a thermometer in a pan, °C (estimates). */
const PRIOR = 0.25;
const NOISE = 1.5;
const NODES = 41;
const REACH = 3;

/** The curve by what was read: its middle, and where one in ten is faster or slower. */
export interface Fitted {
  readonly mid: CoolingCurve;
  readonly fast: CoolingCurve;
  readonly slow: CoolingCurve;
  /** Of the usual rate. */
  readonly rate: number;
}

/**
 * Fits the rate of cooling to the readings: what is left of the prior where they speak, on a grid of rates. Time goes
 * faster or slower along one curve, so that it is worked out once.
 * @param prior of the logarithm of its rate, as the log has taught
 */
export function fitCooling(
  cools: Cools,
  readings: readonly ThermometerReading[],
  { mean, sd }: { readonly mean: number; readonly sd: number } = { mean: 0, sd: PRIOR },
): Fitted {
  const usual = coolingCurve(cools);
  const logs = Array.from({ length: NODES }, (_, i) => mean + sd * REACH * (-1 + (2 * i) / (NODES - 1)));
  const weights = logs.map((log) => {
    const misses = readings.reduce((sum, { minutes, celsius }) => {
      const off = (celsius - celsiusAt(usual, minutes * Math.exp(log))) / NOISE;
      return sum + off * off;
    }, 0);
    return Math.exp(-(((log - mean) / sd) ** 2) / 2 - misses / 2);
  });
  const all = weights.reduce((sum, w) => sum + w, 0);
  const at = (share: number): number => {
    let sum = 0;
    for (const [i, weight] of weights.entries()) {
      const next = sum + weight / all;
      if (next >= share) {
        const [low = 0, high = 0] = [logs[i - 1] ?? logs[i], logs[i]];
        return low + ((high - low) * (share - sum)) / Math.max(1e-12, next - sum);
      }
      sum = next;
    }
    return logs.at(-1) ?? 0;
  };
  const rate = all > 0 ? Math.exp(at(0.5)) : 1;
  return {
    rate,
    mid: coolingCurve(cools, rate),
    fast: coolingCurve(cools, all > 0 ? Math.exp(at(0.9)) : rate),
    slow: coolingCurve(cools, all > 0 ? Math.exp(at(0.1)) : rate),
  };
}
