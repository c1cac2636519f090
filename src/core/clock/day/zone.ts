import { TZDate } from '@date-fns/tz';

/** A wall clock's time in a place: "2026-12-05T18:00" in "Europe/Amsterdam". */
export interface WallTime {
  readonly local: string;
  readonly zone: string;
}

/**
 * The moment of a wall clock's time, epoch ms; undefined if it cannot be read. An hour that summer time skips is
 * taken as the hour after it; of one that comes twice the first counts. Durations are taken between moments,
 * so that no change of the clocks bends them.
 */
export function momentOf({ local, zone }: WallTime): number | undefined {
  const parts = /^(\d{4})-(\d{2})-(\d{2})T(\d{2}):(\d{2})/.exec(local)?.slice(1).map(Number);
  if (!parts) return undefined;
  const [year = 0, month = 1, day = 1, hour = 0, minute = 0] = parts;
  const moment = new TZDate(year, month - 1, day, hour, minute, zone).getTime();
  return Number.isNaN(moment) ? undefined : moment;
}

/** What a wall clock there shows at a moment. */
export function wallTimeOf(moment: number, zone: string): WallTime {
  const at = new TZDate(moment, zone);
  const two = (n: number) => String(n).padStart(2, '0');
  const date = `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`;
  return { local: `${date}T${two(at.getHours())}:${two(at.getMinutes())}`, zone };
}

/** Minutes since midnight of a wall clock there. */
export function minuteOfDay(moment: number, zone: string): number {
  const at = new TZDate(moment, zone);
  return at.getHours() * 60 + at.getMinutes();
}
