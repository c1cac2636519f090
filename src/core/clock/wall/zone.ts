import { MINUTE_MS } from '../../quantity/index.ts';
import { tzOffset } from '@date-fns/tz/tzOffset';

/** A wall clock's time in a place: "2026-12-05T18:00" in "Europe/Amsterdam". */
export interface WallTime {
  readonly local: string;
  readonly zone: string;
}

const HALF_DAY = 12 * 60 * MINUTE_MS;

/** How far a zone's clocks are ahead of UTC at a moment, ms. */
const ahead = (zone: string, moment: number) => tzOffset(zone, new Date(moment)) * MINUTE_MS;

/**
 * The moment of a wall clock's time, epoch ms; undefined if it cannot be read. An hour that summer time skips is
 * taken as the hour after it; of one that comes twice the first counts. Durations are taken between moments,
 * so that no change of the clocks bends them.
 */
export function momentOf({ local, zone }: WallTime): number | undefined {
  const parts = /^(\d{4})-(\d{2})-(\d{2})T(\d{2}):(\d{2})/.exec(local)?.slice(1).map(Number);
  if (!parts) return undefined;
  const [year = 0, month = 1, day = 1, hour = 0, minute = 0] = parts;
  const shown = Date.UTC(year, month - 1, day, hour, minute);
  // The clocks are changed at most once in a day: one of these two offsets holds.
  const before = shown - ahead(zone, shown - HALF_DAY);
  const after = shown - ahead(zone, shown + HALF_DAY);
  const shows = (moment: number) => moment + ahead(zone, moment) === shown;
  const found = [before, after].filter(shows).sort((a, b) => a - b)[0] ?? before;
  return Number.isNaN(found) ? undefined : found;
}

/** What a wall clock there shows at a moment. */
export function wallTimeOf(moment: number, zone: string): WallTime {
  return { local: new Date(moment + ahead(zone, moment)).toISOString().slice(0, 16), zone };
}

/** Minutes since midnight of a wall clock there. */
export function minuteOfDay(moment: number, zone: string): number {
  const [hours = 0, minutes = 0] = wallTimeOf(moment, zone).local.slice(11).split(':').map(Number);
  return hours * 60 + minutes;
}
