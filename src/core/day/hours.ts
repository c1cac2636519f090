import { minuteOfDay } from '../clock/index.ts';
import { MINUTE_MS } from '../quantity/index.ts';
import type { DayFacts } from './facts.ts';

/** Two mornings are of one day where their midnights lie no further apart: a change of the clocks moves them by an hour, ms. */
const NEAR = 3 * 60 * MINUTE_MS;

/**
 * When somebody works on the day of a moment, minutes of the day: the hours that are written, and until all go home where nobody is
 * served that day.
 */
export function hoursOn({
  awake: [from, to],
  home,
  zone,
  sittings,
}: Pick<DayFacts, 'awake' | 'home' | 'zone' | 'sittings'>): (at: number) => readonly [number, number] {
  if (home === undefined || home >= to) return () => [from, to];
  const midnight = (at: number) => at - minuteOfDay(at, zone) * MINUTE_MS;
  const served = sittings.flatMap(({ serving }) => (serving === undefined ? [] : [midnight(serving)]));
  return (at) => {
    const day = midnight(at);
    return [from, served.some((one) => Math.abs(one - day) < NEAR) ? to : home];
  };
}
