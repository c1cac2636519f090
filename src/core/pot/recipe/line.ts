import {
  endsOf,
  type Measure,
  numberOf,
  type Quantity,
  readAny,
  withFractions,
  withSigns,
  wordsToNumbers,
} from '../../quantity/index.ts';
import { pieceWords } from '../../meal/index.ts';
import { plainWords } from './plainWords.ts';

/** A line of a recipe taken apart: how much, of what, and how it is done. */
export interface RecipeLine {
  readonly text: string;
  readonly amount: Quantity | undefined;
  readonly measure: Measure | undefined;
  /** How much, as it was written, with its size and what it is sold in or counted by: "2 tins", "½ bottle", "5", "2 large". */
  readonly howMuch: string | undefined;
  /** Plain words that name the thing, with what it is counted by and "tinned" behind them. */
  readonly words: readonly string[];
  /** The same as they were written. */
  readonly name: string;
  readonly note: string;
}

const MEASURES: readonly Measure[] = ['mass', 'volume', 'count'];
const WEIGHED: readonly Measure[] = ['mass', 'volume'];
/** The most words that an amount takes: "2 lb 3 oz", "1 heaped tsp", "4 to 5 pounds". */
const MOST_WORDS = 6;
const ONE = String.raw`(?:\d+ )?\d+(?:[./,]\d+)?`;
const NUMBER = `${ONE}(?: ?(?:-|–|to) ?${ONE})?`;
const SIZE = '(?:(?:extra )?(?:small|medium|large|big|fat|plump|thick|thin|whole)(?:-sized)?)';
const many = (word: string) => `${word.replace(/(?<=lea)f$/, '(?:f|ve)')}(?:e?s)?`;
const UNIT = `(?:${[...pieceWords, 'clove', 'pod', 'stick', 'stalk', 'rib', 'cube', 'berr(?:y|ie)', 'thread', 'pack', 'packet', 'pouch', 'box', 'tub', 'block'].map(many).join('|')})`;
/** So many of what it is sold in or counted by. */
const SOLD = new RegExp(`^(${NUMBER}) (?:${SIZE} )?(${UNIT})$`, 'i');
const SIZED = new RegExp(`^(${NUMBER}) ${SIZE}$`, 'i');
/** "small bundle of thyme". */
const ONE_OF = new RegExp(`^(${SIZE} )?(${UNIT}) of `, 'i');
/** As some write their spoons and cups. */
const SHORT: readonly (readonly [RegExp, string])[] = [
  [/^([\d ./–-]+) ?(?:T|Tbs|Tbl|Tblsp|tbs|tbls)\.? (?=[a-z])/, '$1 tbsp '],
  [/^([\d ./–-]+) ?t\.? (?=[a-z])/, '$1 tsp '],
  [/^([\d ./–-]+) ?[cC]\. ?(?=[a-z])/, '$1 cup '],
];
/** What is told of it behind its name. */
const TOLD =
  / (?:mixed with|dissolved in|whisked with|plus|such as|preferably|as needed|for (?!stew|brais|pull|roast)|to (?:taste|serve|garnish|finish)).*$/i;
const PACK = 'tins?|cans?|jars?|cartons?|packs?|packets?|bottles?|tubes?|bags?|box(?:es)?|tubs?|pouch(?:es)?';
const WEIGHT = String.raw`\d+(?:[.,]\d+)? ?-?(?:fl\.? ?oz|oz|ounces?|g|kg|ml|cl|l|lbs?|pounds?|grams?)\.?`;
/** "1 (28-oz) can", "2 x 400g tins", "1 14-oz can", "1 tin (400 g)", "1 bottle (750 ml)". */
const EACH_BEFORE = new RegExp(
  String.raw`^(\d+)(?: ?\(| ?x ?\(?| (?=\d))(${WEIGHT})\)?[ -]+(?=(?:${PACK})\b)`,
  'i',
);
/** "1 3-lb roast". */
const EACH = /^(\d+) (\d+(?:[.,]\d+)?)-(lb|pound|kg|g|oz|ounce)s?\b/i;
const EACH_BEHIND = new RegExp(String.raw`^(\d+) ((?:${PACK})\b)(.*?)\(?\b(${WEIGHT})(?=\)|$| )\)?`, 'i');
/** "2-inch piece of ginger", "5 cm piece". */
const LONG = new RegExp(`^(${NUMBER})[- ]?(inch|in|cm)[- ](?:piece|knob|thumb|length|stick)s? (?:of )?`, 'i');
const OUT_OF =
  /^(?:the |finely |freely |freshly |grated |squeezed )*(juice|zest|peel|rind)(?: and (?:juice|zest))? (?:of|from) /i;

/** Takes one line apart: "2 large onions, sliced", "800 g tin tomatoes", "1 (28-oz) can tomatoes", "onions, 3". */
export function readLine(text: string): RecipeLine {
  const line = text
    .replace(/^[\s•*\-–·▢☐]+/, '')
    .replace(/\s+/g, ' ')
    .trim();
  const made = OUT_OF.exec(line);
  const { main, notes } = parted(made ? line.slice(made[0].length) : line);
  const taken = amountIn(main) ?? amountBehind(main, notes);
  const beside = notes.filter((note) => note !== taken.from);
  const whole = withTotal(taken, beside);
  const juiced = beside.some((note) => /^(?:juice|juice of|juiced)\b/i.test(note)) ? ' juice' : '';
  const told = TOLD.exec(whole.rest)?.[0] ?? '';
  const name = whole.rest
    .slice(0, whole.rest.length - told.length)
    .replace(/^of /i, '')
    .trim();
  const howMuch = whole.howMuch === undefined ? undefined : asWritten(whole.howMuch, line);
  return {
    text: line,
    amount: whole.amount && { ...whole.amount, text: howMuch ?? '' },
    measure: whole.measure,
    howMuch,
    words: plainWords(`${name} ${made?.[1] ?? ''}${juiced} ${whole.unit ?? ''}`),
    name: made ? `${name} ${made[1] ?? ''}` : name,
    note: [told.trim(), ...whole.notes].filter(Boolean).join(', '),
  };
}

/** With "½" where the line has it. */
const asWritten = (howMuch: string, line: string): string =>
  withFractions(line) === line ? howMuch : withSigns(howMuch);

/** What stands before the first comma, and what stands behind it and in brackets. */
function parted(line: string): { readonly main: string; readonly notes: readonly string[] } {
  const figures = SHORT.reduce(
    (words, [from, to]) => words.replace(from, to),
    wordsToNumbers(line.replace(/^(?:about|approximately|roughly|around|approx\.?|ca\.?) (?=\d)/i, '')),
  ).replace(ONE_OF, '1 $1$2 of ');
  const packed = figures
    .replace(EACH_BEFORE, '$1 x $2 ')
    .replace(EACH, '$1 x $2 $3')
    .replace(
      EACH_BEHIND,
      (_, n: string, pack: string, between: string, each: string) => `${n} x ${each} ${pack}${between}`,
    )
    .replace(/(\d)-(oz|ounce|lb|pound|g|kg|ml|cup|litre|liter)\b/gi, '$1 $2');
  const inside: string[] = [];
  const outside = packed.replace(/\(([^)]*)\)?/g, (_, some: string) => {
    inside.push(some.trim());
    return ' ';
  });
  const [main = '', ...behind] = outside.split(/,(?!\d)|;| – | - /);
  return {
    main: main.replace(/\s+/g, ' ').trim(),
    notes: [...inside, ...behind].map((note) => note.trim()).filter(Boolean),
  };
}

interface Taken {
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
function amountIn(main: string): Taken | undefined {
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
function amountBehind(main: string, notes: readonly string[]): Taken {
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
function withTotal(taken: Taken, notes: readonly string[]): Taken & { readonly notes: readonly string[] } {
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
