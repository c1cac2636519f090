import { dateOf, type Wall, weekdayOf } from '@/core/clock/index.ts';

const HOUR = 3_600_000;
/** Fewer px between two hours, and only some are written. */
const HOUR_ROOM = 20;
/** Nearer than this two words at the left stand on one another, px. */
const WORD = 15;

export interface WrittenHour {
  readonly at: number;
  readonly words: string;
  /** It begins a day. */
  readonly bold: boolean;
}

/** The hours that there is room for, each day's first with its name. */
export function hoursOf(
  from: number,
  to: number,
  { zone, clock }: Wall,
  y: (moment: number) => number,
  now: number,
): readonly WrittenHour[] {
  const found: WrittenHour[] = [{ at: from, words: weekdayOf(from, zone).slice(0, 3), bold: true }];
  let last = y(from);
  for (let at = Math.ceil(from / HOUR) * HOUR; at < to - HOUR / 4; at += HOUR) {
    const bold = dateOf(at, zone) !== dateOf(at - HOUR, zone);
    if (!bold && (y(at) - last < HOUR_ROOM || y(to) - y(at) < HOUR_ROOM)) continue;
    found.push({ at, words: bold ? weekdayOf(at, zone).slice(0, 3) : clock(at), bold });
    last = y(at);
  }
  // This moment goes before an hour, and a day before the hour that it falls on.
  const told = now > from && now < to ? y(now) : -Infinity;
  return found.filter(
    ({ at, bold }, i) =>
      Math.abs(y(at) - told) >= WORD &&
      (bold || found.every((other, j) => j === i || !other.bold || Math.abs(y(other.at) - y(at)) >= WORD)),
  );
}
