import { type Measure, type Quantity, readAny, wordsToNumbers } from '../../quantity/index.ts';

/** A line of a recipe taken apart: how much, of what, and how it is done. */
export interface RecipeLine {
  readonly text: string;
  readonly amount: Quantity | undefined;
  readonly measure: Measure | undefined;
  /** How much, as it was written, with what it is sold in or counted by: "2 tins", "½ bottle", "5". */
  readonly howMuch: string | undefined;
  /** Words that name the thing, in the singular and without its size or its tin. */
  readonly words: readonly string[];
  readonly note: string;
}

const MEASURES: readonly Measure[] = ['mass', 'volume', 'count'];
/** The most words that an amount takes: "2 lb 3 oz", "1 heaped tsp". */
const MOST_WORDS = 6;
/** Words that say how large it is or what it is sold in. */
const NOISE = new Set(
  'of a an the large medium small big good-quality fresh freshly whole about approximately roughly plus extra more to taste tin tins can cans jar jars carton cartons pack packs packet packets bag bottle piece pieces head heads bunch bunches stalk stalks sprig sprigs clove cloves stick sticks slice slices leaf leaves cube cubes x optional your and or finely coarsely thinly chopped sliced diced minced grated peeled drained'.split(
    ' ',
  ),
);
/** What is sold in these is named by them where nothing else is left: "2 cloves garlic", "3 bay leaves". */
const singular = (word: string) =>
  word
    .replace(/(?<=[a-z])ves$/, (end) =>
      word === 'olives' || word === 'cloves' || word === 'chives' ? end : 'f',
    )
    .replace(/oes$/, 'o')
    .replace(/ies$/, word === 'chilies' || word === 'chillies' ? 'i' : 'y')
    .replace(/(?<![su])s$/, '');

/** Takes one line apart: "2 large onions, sliced", "800 g tin tomatoes", "1 (28-oz) can tomatoes". */
export function readLine(text: string): RecipeLine {
  const line = text
    .replace(/^[\s•*\-–·▢☐]+/, '')
    .replace(/\s+/g, ' ')
    .trim();
  const [main = '', ...notes] = line
    .replace(/\(([^)]*[a-z]{4}[^)]*)\)/gi, (_, inside: string) => `, ${inside}`)
    .split(/,(?!\d)|;/);
  const packed = main
    .replace(
      /^(\d+)(?: ?\(| )(\d+(?:[.,]\d+)?)[ -]?(oz|ounces?|g|kg|ml|l|lb)\.?\)? (?=can|tin|jar|carton|pack|bottle)/i,
      '$1 x $2 $3 ',
    )
    .replace(
      /^(\d+) (?:tins?|cans?|jars?|cartons?|packs?|packets?|bottles?) \(?(\d+(?:[.,]\d+)?) ?(oz|g|kg|ml|l|lb)\)?\b/i,
      '$1 x $2 $3 tin ',
    )
    .replace(/(\d)-(oz|ounce|lb|pound|g|ml|cup)\b/gi, '$1 $2')
    .replace(/[()]/g, ' ')
    .trim();
  const parts = wordsToNumbers(packed).split(' ').filter(Boolean);
  for (let n = Math.min(MOST_WORDS, parts.length); n > 0; n -= 1) {
    const said = parts.slice(0, n).join(' ');
    const rest = parts.slice(n);
    const sold = SOLD.exec(said);
    // "2 cloves" are the spice, "2 cloves garlic" are not: what it is counted by needs a thing behind it.
    if (sold && rest.length > 0) {
      const count = readAny(sold[1] ?? '', ['count']);
      const amount = count.ok ? { ...count.quantity, text: said } : { text: said };
      return done(
        { line, howMuch: said, amount, measure: count.ok ? 'count' : undefined },
        rest,
        notes,
        parts,
      );
    }
    const reading = readAny(said, MEASURES, [], true);
    if (!reading.ok) continue;
    const { quantity, measure } = reading;
    return done({ line, howMuch: said, amount: { ...quantity, text: said }, measure }, rest, notes);
  }
  return done({ line, howMuch: undefined, amount: undefined, measure: undefined }, parts, notes);
}

/** So many of what it is sold in or counted by. */
const SOLD =
  /^((?:\d+ )?\d+(?:[./,]\d+)?) (?:(?:small|large|big) )?(?:tins?|cans?|jars?|bottles?|cartons?|packs?|packets?|pouch(?:es)?|box(?:es)?|tubs?|blocks?|cloves?|leaf|leaves|berr(?:y|ies)|pods?|sticks?|sprigs?|bulbs?|heads?|stalks?|pieces?|slices?|cubes?|threads?|bunch(?:es)?)$/i;

interface Taken {
  readonly line: string;
  readonly howMuch: string | undefined;
  readonly amount: Quantity | undefined;
  readonly measure: Measure | undefined;
}

function done(
  { line: text, howMuch, amount, measure }: Taken,
  rest: readonly string[],
  notes: readonly string[],
  whole: readonly string[] = rest,
): RecipeLine {
  const clean = (words: readonly string[]) =>
    words.map((word) => word.toLowerCase().replace(/[^\p{L}\p{N}%'-]/gu, '')).filter(Boolean);
  // What it was sold in or counted by still names it: "2 tins tomatoes", "3 leaves bay".
  const all = clean(rest);
  const counted = clean(whole);
  const named = all.filter((word) => !NOISE.has(word));
  const canned = counted.some((word) => /^(tins?|cans?)$/.test(word)) ? ['canned'] : [];
  const words = [...(named.length > 0 ? named : all).map(singular), ...canned];
  // "3 bay leaves", "2 garlic cloves": the piece belongs to the name.
  const piece = counted.find((word) =>
    /^(leaf|leaves|cloves?|sprigs?|sticks?|cubes?|berr(?:y|ies))$/.test(word),
  );
  return {
    text,
    amount,
    measure,
    howMuch,
    words: piece !== undefined && named.length > 0 ? [...words, singular(piece)] : words,
    note: notes.map((note) => note.trim()).join(', '),
  };
}
