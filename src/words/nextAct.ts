import type { NextAct } from '@/core/questions/index.ts';
import { writeMinutes } from '@/core/quantity/index.ts';

/** What a batch wants next, in a few words: as they stand under its pot. */
export function nextActWords(next: NextAct, now: number, clock: (moment: number) => string): string {
  if (next.what === 'buy') return 'write what you bought';
  if (next.what !== 'look') return next.what;
  if (next.at === undefined) return `look after ${writeMinutes(next.afterMin).value}`;
  return next.at <= now ? 'look now' : `look at ${clock(next.at)}`;
}
