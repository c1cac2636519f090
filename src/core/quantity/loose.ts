import { withFractions } from './fractions.ts';
import { unitNamed } from './units.ts';

/** ml of what cooks measure by hand: a range, p10 to p90 (estimates). */
const byHand: Readonly<Record<string, readonly [number, number]>> = {
  pinch: [0.3, 0.7],
  dash: [0.5, 1.2],
  splash: [10, 25],
  glug: [20, 45],
  knob: [10, 25],
  handful: [40, 80],
};
/** How a spoon is filled, against a level one (estimates). */
const filled: Readonly<Record<string, readonly [number, number]>> = {
  level: [1, 1],
  scant: [0.8, 0.95],
  rounded: [1.2, 1.6],
  heaped: [1.5, 2.2],
  heaping: [1.5, 2.2],
  generous: [1.1, 1.4],
};
/** Numbers as words; "a" and "an" are one. */
export const numberWords: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
};

/** "a", "two", "half a" in front of a text as figures. */
export function wordsToNumbers(text: string): string {
  const half = withFractions(text)
    .trim()
    .replace(/^half (a |an )?/i, '1/2 ');
  return half.replace(/^([a-z]+)(?= )/i, (word) => String(numberWords[word.toLowerCase()] ?? word));
}

const LOOSE = /^(\d+\/\d+|\d+ \d+\/\d+|\d*[.,]?\d+)? ?(small |large |big |good )?([a-z]+)( [a-z]+\.?)?$/i;

/**
 * "a heaped tsp", "2 handfuls", "a splash": a volume that nobody can know, ml, as a range.
 * Undefined if the text is no such thing.
 */
export function readLoose(text: string): { readonly lo: number; readonly hi: number } | undefined {
  const found = LOOSE.exec(wordsToNumbers(text.trim()));
  if (!found) return undefined;
  const times = number(found[1] ?? '1');
  const first = (found[3] ?? '').toLowerCase();
  const second = (found[4] ?? '').trim().toLowerCase();
  const hand = byHand[first] ?? byHand[first.replace(/(?<=sh)es$|s$/, '')];
  if (hand && second === '') return { lo: times * hand[0], hi: times * hand[1] };
  const how = filled[first];
  const unit = unitNamed(second);
  if (!how || unit?.measure !== 'volume') return undefined;
  return { lo: times * how[0] * unit.si, hi: times * how[1] * unit.si };
}

/** "2", "½", "1/2", "1 1/2", "0,5" as a number; NaN if it is none. */
export const numberOf = (text: string): number => number(withFractions(text).trim());

/** "3", "½", "3-4", "1 to 2" as both ends; undefined if it is none. */
export function endsOf(text: string): { readonly lo: number; readonly hi: number } | undefined {
  const [lo = NaN, hi = lo] = text
    .trim()
    .split(/ ?(?:-|–|—|\bto\b) ?/)
    .map(numberOf);
  return Number.isFinite(lo) && Number.isFinite(hi) && lo <= hi ? { lo, hi } : undefined;
}

function number(text: string): number {
  return text.split(' ').reduce((sum, part) => {
    const [over = '0', under = '1'] = part.split('/');
    return sum + Number(over.replace(',', '.')) / Number(under);
  }, 0);
}
