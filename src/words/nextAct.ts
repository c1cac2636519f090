import type { NextAct } from '@/core/reckoning/index.ts';
import { writeMinutes } from '@/core/quantity/index.ts';
import { uncapital } from './capital.ts';
import { doingWords } from './doing.ts';

/** What a batch wants next, in a few words: as they stand under its pot. */
export function nextActWords(next: NextAct, now: number, clock: (moment: number) => string): string {
  if (next.what === 'buy') return 'write what you bought';
  if (next.what === 'at the pot') {
    const act = uncapital(doingWords(next.does));
    return next.at <= now ? `now: ${act}` : `${act} at ${clock(next.at)}`;
  }
  if (next.what !== 'look' && next.what !== 'lift') return next.what;
  const act = next.what === 'look' ? 'test' : 'lift it';
  if (next.at === undefined) return `${act} after ${writeMinutes(next.afterMin).value}`;
  return next.at <= now ? `${act} now` : `${act} at ${clock(next.at)}`;
}
