import { wallTimeOf } from './zone.ts';

let weekday: Intl.DateTimeFormat | undefined;

/** A moment as a wall clock shows it: "14:20". */
export const writeClock = (moment: number, zone: string): string => wallTimeOf(moment, zone).local.slice(11);

/** Its day, "2026-12-05". */
export const dateOf = (moment: number, zone: string): string => wallTimeOf(moment, zone).local.slice(0, 10);

export function weekdayOf(moment: number, zone: string): string {
  const [year = 0, month = 1, day = 1] = dateOf(moment, zone).split('-').map(Number);
  // Made when a day is first written: at the start of a page it would take longer than the page's own figures.
  weekday ??= new Intl.DateTimeFormat('en-GB', { weekday: 'long', timeZone: 'UTC' });
  return weekday.format(Date.UTC(year, month - 1, day));
}

/** A moment as it is told of another: its clock, with its day where that is not the same. */
export function writeMoment(moment: number, zone: string, beside: number): string {
  const clock = writeClock(moment, zone);
  return dateOf(moment, zone) === dateOf(beside, zone) ? clock : `${weekdayOf(moment, zone)} ${clock}`;
}
