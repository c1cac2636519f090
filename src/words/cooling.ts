import type { Cooling, CoolWay } from '@/core/meal/index.ts';
import { hotLimits, type HotWatch } from '@/core/keep/index.ts';

export const coolWayWords: Readonly<Record<CoolWay, string>> = {
  'on the counter': 'on the counter',
  fridge: 'in the fridge',
  'ice bath': 'in an ice bath',
  'ice bath, stirred': 'in an ice bath, stirred',
};

export const coolsWords: Readonly<Record<Cooling['what'], string>> = {
  liquid: 'the broth or sauce',
  shred: 'the shred',
  both: 'the meat in its sauce',
};

/** "1 h 36", as hours and minutes. */
export function hoursWords(hours: number | undefined | null): string {
  if (hours === undefined || hours === null) return 'over a day';
  const minutes = Math.round(hours * 60);
  const h = Math.floor(minutes / 60);
  return h === 0 ? `${String(minutes)} min` : `${String(h)} h ${String(minutes % 60).padStart(2, '0')}`;
}

/** So many pans, as deep as that. */
export const pansWords = (pans: number, depthCm: number): string =>
  `${pans === 1 ? 'one pan' : `${String(pans)} pans`}, ${depthCm < 10 ? depthCm.toFixed(1).replace(/\.0$/, '') : String(Math.round(depthCm))} cm deep`;

/** What the last reading of something held hot means, and what is to be done. */
export function hotWords(
  { says, celsius, at, below, isOld }: HotWatch,
  degrees: (celsius: number) => string,
  clock: (at: number) => string,
): string {
  const read = `${degrees(celsius)} at ${clock(at)}`;
  switch (says) {
    case 'too long below':
      return `${read}. Below ${degrees(hotLimits.hold)} since ${clock(below?.since ?? at)}, longer than two hours: throw it away.`;
    case 'below':
      return `${read}. Below ${degrees(hotLimits.hold)} since ${clock(below?.since ?? at)}: heat it right through to ${degrees(hotLimits.reheat)} by ${clock(below?.until ?? at)}, or throw it away.`;
    case 'reheated':
      return `${read}: heated through.${isOld ? ' Read it again.' : ''}`;
    case 'hot':
      return `${read}: hot enough.${isOld ? ' Read it again.' : ''}`;
  }
}
