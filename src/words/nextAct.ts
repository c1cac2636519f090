import type { NextAct } from '@/core/reckoning/index.ts';
import { MINUTE_MS, writeMinutes } from '@/core/quantity/index.ts';
import { uncapital } from './capital.ts';
import { doingWords } from './doing.ts';

/** What a batch wants next, in a few words. */
export function wantWords(next: NextAct): string {
  if (next.what === 'buy') return 'write what you bought';
  if (next.what === 'at the pot') return uncapital(doingWords(next.does));
  return next.what === 'look' ? 'test' : next.what === 'lift' ? 'lift it' : next.what;
}

/** What a batch wants next and when, as they stand under its pot. */
export function nextActWords(next: NextAct, now: number, clock: (moment: number) => string): string {
  const act = wantWords(next);
  if (next.what === 'at the pot') return next.at <= now ? `now: ${act}` : `${act} at ${clock(next.at)}`;
  if (next.what !== 'look' && next.what !== 'lift') return act;
  if (next.at === undefined) return `${act} after ${writeMinutes(next.afterMin).value}`;
  return next.at <= now ? `${act} now` : `${act} at ${clock(next.at)}`;
}

/** The hour of what is wanted, or “now”; undefined where no hour says so. */
export const whenWords = (
  at: number | undefined,
  now: number,
  clock: (moment: number) => string,
): string | undefined => (at === undefined ? undefined : at <= now ? 'now' : clock(at));

/** Further off than this the hour says more than the minutes, min. */
const SOON = 90;

/** How long until what is wanted, as a cook says it: “in 20 min”, or the hour where it is far off. */
export function untilWords(
  at: number | undefined,
  now: number,
  clock: (moment: number) => string,
): string | undefined {
  const minutes = at === undefined ? undefined : (at - now) / MINUTE_MS;
  return minutes !== undefined && minutes > 0 && minutes <= SOON
    ? `in ${writeMinutes(Math.max(1, minutes)).value}`
    : whenWords(at, now, clock);
}

/** Whose act it is, and how soon: “Joss has it, in 20 min.” */
export const handsWords = (names: readonly string[], until: string | undefined): string =>
  `${names.join(' and ')} ${names.length === 1 ? 'has' : 'have'} it${until === undefined ? '' : `, ${until}`}.`;
