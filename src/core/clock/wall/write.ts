import { wallTimeOf } from './zone.ts';

let weekday: Intl.DateTimeFormat | undefined;

/** How a kitchen writes its times of day: 18:00, or 6 pm. */
export type Hours = '24' | '12';

/** A time of day, "18:00", in the kitchen's own form: "18:00", or "6 pm" and "6:15 pm". */
export function writeTime(time: string, hours: Hours = '24'): string {
  if (hours === '24') return time;
  const [h = 0, m = 0] = time.split(':').map(Number);
  const minutes = m === 0 ? '' : `:${String(m).padStart(2, '0')}`;
  return `${h % 12 === 0 ? 12 : h % 12}${minutes} ${h < 12 ? 'am' : 'pm'}`;
}

/** A moment as a wall clock shows it: "14:20", or "2:20 pm". */
export const writeClock = (moment: number, zone: string, hours?: Hours): string =>
  writeTime(wallTimeOf(moment, zone).local.slice(11), hours);

/** Its day, "2026-12-05". */
export const dateOf = (moment: number, zone: string): string => wallTimeOf(moment, zone).local.slice(0, 10);

export function weekdayOf(moment: number, zone: string): string {
  const [year = 0, month = 1, day = 1] = dateOf(moment, zone).split('-').map(Number);
  // Made when a day is first written: at the start of a page it would take longer than the page's own figures.
  weekday ??= new Intl.DateTimeFormat('en-GB', { weekday: 'long', timeZone: 'UTC' });
  return weekday.format(Date.UTC(year, month - 1, day));
}

/** A moment as it is told of another: its clock, with its day where that is not the same. */
function writeMoment(moment: number, zone: string, beside: number, hours?: Hours): string {
  const clock = writeClock(moment, zone, hours);
  return dateOf(moment, zone) === dateOf(beside, zone) ? clock : `${weekdayOf(moment, zone)} ${clock}`;
}

/** The clock on the wall of a place: how it writes a moment. */
export interface Wall {
  readonly zone: string;
  readonly clock: (moment: number) => string;
  /** With its day where that is not the day of the other moment. */
  readonly moment: (moment: number, beside: number) => string;
}

/** The clock on the wall of a place, in the kitchen's own form. */
export const wallOf = (zone: string, hours?: Hours): Wall => ({
  zone,
  clock: (moment) => writeClock(moment, zone, hours),
  moment: (moment, beside) => writeMoment(moment, zone, beside, hours),
});
