import {
  endsOf,
  type Measure,
  numberOf,
  type Quantity,
  readAny,
  wordsToNumbers,
} from '../../quantity/index.ts';
import { pieceWords } from '../../meal/index.ts';
import { SIZE } from '../liquid/size.ts';

const MEASURES: readonly Measure[] = ['mass', 'volume', 'count'];
const WEIGHED: readonly Measure[] = ['mass', 'volume'];
/** The most words that an amount takes: "2 lb 3 oz", "1 heaped tsp", "4 to 5 pounds". */
const MOST_WORDS = 6;
const ONE = String.raw`(?:\d+ )?\d+(?:[./,]\d+)?`;
const NUMBER = `${ONE}(?: ?(?:-|–|to) ?${ONE})?`;
const many = (word: string) =>
  `${word.replace(/(?<=lea)f$/, '(?:f|ve)').replace(/(?<=berr)y$/, '(?:y|ie)')}(?:e?s)?`;
export const UNIT = `(?:${[...pieceWords, 'pack', 'packet', 'pouch', 'box', 'tub', 'block'].map(many).join('|')})`;
/** So many of what it is sold in or counted by. */
const SOLD = new RegExp(`^(${NUMBER}) (?:${SIZE} )?(${UNIT})$`, 'i');
const SIZED = new RegExp(`^(${NUMBER}) ${SIZE}$`, 'i');
/** "2-inch piece of ginger", "5 cm piece". */
const LONG = new RegExp(`^(${NUMBER})[- ]?(inch|in|cm)[- ](?:piece|knob|thumb|length|stick)s? (?:of )?`, 'i');

/** How much a line says, and what is left of its words. */
export interface Taken {
  readonly amount: Quantity | undefined;
  readonly measure: Measure | undefined;
  readonly howMuch: string | undefined;
  /** What it is counted by. */
  readonly unit?: string;
  readonly rest: string;
  /** The note that it stood in. */
  readonly from?: string;
}

/** The amount that a text begins with, the longest that can be read. */
export function amountIn(main: string): Taken | undefined {
  const long = LONG.exec(main);
  if (long) {
    const howMuch = `${long[1] ?? ''} ${/cm/i.test(long[2] ?? '') ? 'cm' : 'inch'}`;
    return {
      amount: { text: howMuch },
      measure: 'count',
      howMuch,
      unit: 'inch',
      rest: main.slice(long[0].length),
    };
  }
  const parts = main.split(' ').filter(Boolean);
  for (let n = Math.min(MOST_WORDS, parts.length); n > 0; n -= 1) {
    const said = parts.slice(0, n).join(' ');
    const rest = parts.slice(n).join(' ');
    const sold = SOLD.exec(said) ?? SIZED.exec(said);
    // "2 cloves" are the spice, "2 cloves garlic" are not: what it is counted by needs a thing behind it.
    if (sold && rest !== '') {
      const counted = endsOf(sold[1] ?? '') ?? {};
      return {
        howMuch: said,
        amount: { text: said, ...counted },
        measure: 'count',
        rest,
        ...(sold[2] && { unit: sold[2] }),
      };
    }
    const reading = readAny(said, MEASURES, [], true);
    if (reading.ok)
      return { howMuch: said, amount: { ...reading.quantity, text: said }, measure: reading.measure, rest };
    if (n === 1 && rest !== '' && /^\d*[./]?\d+$/.test(said)) {
      const value = numberOf(said);
      return { howMuch: said, amount: { text: said, lo: value, hi: value }, measure: 'count', rest };
    }
  }
  return undefined;
}

/** One that stands behind the thing: "onions, 3", "tomatoes 2 tins"; none where there is none. */
export function amountBehind(main: string, notes: readonly string[]): Taken {
  for (const from of notes) {
    const found = alone(from, MEASURES);
    if (found) return { ...found, rest: main, from };
  }
  const parts = main.split(' ').filter(Boolean);
  for (let n = 1; n < parts.length; n += 1) {
    const said = parts.slice(n).join(' ');
    if (!/^\d/.test(said)) continue;
    const found = alone(said, MEASURES);
    if (found) return { ...found, rest: parts.slice(0, n).join(' ') };
  }
  return { amount: undefined, measure: undefined, howMuch: undefined, rest: main };
}

/** A text that is an amount and nothing else. */
function alone(text: string, measures: readonly Measure[]): Omit<Taken, 'rest' | 'from'> | undefined {
  const said = wordsToNumbers(
    text
      .replace(/^(?:about|approx(?:imately)?\.?|around|roughly|ca\.?) /i, '')
      .replace(/ (?:each|total|in all|in total)$/i, ''),
  );
  const sold = measures.includes('count') ? SOLD.exec(said) : null;
  if (sold) {
    return {
      howMuch: said,
      amount: { text: said, ...endsOf(sold[1] ?? '') },
      measure: 'count',
      ...(sold[2] && { unit: sold[2] }),
    };
  }
  const reading = readAny(said, measures);
  return reading.ok
    ? { howMuch: said, amount: { ...reading.quantity, text: said }, measure: reading.measure }
    : undefined;
}

/** So many that weigh so much together ("4 lamb shanks, about 1.6 kg") are that much. */
export function withTotal(
  taken: Taken,
  notes: readonly string[],
): Taken & { readonly notes: readonly string[] } {
  if (taken.measure !== undefined && taken.measure !== 'count') return { ...taken, notes };
  for (const note of notes) {
    const total = alone(note, WEIGHED);
    const count = midCount(taken);
    if (!total || !total.amount) continue;
    const each = / each$/i.test(note) ? count : 1;
    const { lo, hi } = total.amount;
    const amount =
      lo === undefined || hi === undefined
        ? total.amount
        : { text: total.amount.text, lo: lo * each, hi: hi * each };
    const howMuch = each === 1 ? total.howMuch : `${String(each)} x ${total.howMuch ?? ''}`;
    return {
      ...taken,
      ...total,
      amount: { ...amount, text: howMuch ?? '' },
      howMuch,
      notes: notes.filter((one) => one !== note),
    };
  }
  return { ...taken, notes };
}
const midCount = ({ amount }: Taken) => amount?.lo ?? 1;
