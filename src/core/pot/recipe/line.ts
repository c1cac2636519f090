import {
  type Measure,
  type Quantity,
  withFractions,
  withSigns,
  wordsToNumbers,
} from '../../quantity/index.ts';
import { SIZE } from '../liquid/size.ts';
import { amountBehind, amountIn, UNIT, withTotal } from './amountIn.ts';
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
