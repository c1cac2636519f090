import { type Measure, type Quantity, readAny, wordsToNumbers } from '../../quantity/index.ts';

/** A line of a recipe taken apart: how much, of what, and how it is done. */
export interface RecipeLine {
  readonly text: string;
  readonly amount: Quantity | undefined;
  readonly measure: Measure | undefined;
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
    .replace(/(\d)-(oz|ounce|lb|pound|g|ml|cup)\b/gi, '$1 $2')
    .replace(/[()]/g, ' ')
    .trim();
  const parts = wordsToNumbers(packed).split(' ').filter(Boolean);
  for (let n = Math.min(MOST_WORDS, parts.length); n > 0; n -= 1) {
    const reading = readAny(parts.slice(0, n).join(' '), MEASURES);
    if (!reading.ok) continue;
    const { quantity, measure } = reading;
    return done(line, { ...quantity, text: parts.slice(0, n).join(' ') }, measure, parts.slice(n), notes);
  }
  return done(line, undefined, undefined, parts, notes);
}

function done(
  text: string,
  amount: Quantity | undefined,
  measure: Measure | undefined,
  rest: readonly string[],
  notes: readonly string[],
): RecipeLine {
  const all = rest.map((word) => word.toLowerCase().replace(/[^\p{L}\p{N}%'-]/gu, '')).filter(Boolean);
  const named = all.filter((word) => !NOISE.has(word));
  const canned = all.some((word) => /^(tins?|cans?)$/.test(word)) ? ['canned'] : [];
  const words = [...(named.length > 0 ? named : all).map(singular), ...canned];
  // "3 bay leaves", "2 garlic cloves": the piece belongs to the name.
  const piece = all.find((word) => /^(leaf|leaves|cloves?|sprigs?|sticks?|cubes?)$/.test(word));
  return {
    text,
    amount,
    measure,
    words: piece !== undefined && named.length > 0 ? [...words, singular(piece)] : words,
    note: notes.map((note) => note.trim()).join(', '),
  };
}
