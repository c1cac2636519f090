import type { Ingredient } from '@/reference/types.ts';
import type { AnyReading } from '../../quantity/index.ts';
import { namedCuts } from '../../meat/index.ts';
import { readAmount } from '../liquid/amount.ts';
import type { RecipeLine } from './line.ts';

/** What a line may be: salt, one of the ingredients, or meat of a cut; the best first. */
export interface LineMatch {
  readonly line: RecipeLine;
  readonly kind: 'ingredient' | 'meat' | 'salt' | 'unknown';
  /** Ids of ingredients or cuts, the best first. */
  readonly found: readonly string[];
  /** Nobody has to look at it: every word of the line is in the name. */
  readonly sure: boolean;
  /** Of meat, where the line says it. */
  readonly bone?: 'in' | 'out';
}

interface Named {
  readonly id: string;
  readonly name: string;
}

/** Words of recipes for what the tables call otherwise (common practice, no source). */
const alias: Readonly<Record<string, string>> = {
  scallion: 'onion spring',
  'spring onion': 'onion spring',
  chilli: 'chilli',
  chili: 'chilli',
  cilantro: 'coriander',
  broth: 'stock',
  bouillon: 'bouillon',
  passata: 'tomato purée',
  'tomato puree': 'tomato purée',
  cornflour: 'cornstarch',
  'plain flour': 'wheat flour',
  flour: 'wheat flour',
  stock: 'stock',
  'chopped tomato': 'tomato canned',
};
const COUNTED = /^(berry|leaf|sprig|stick|clove|cube|canned)$/;
const MEAT = /^(beef|chuck|brisket|shank|shin|oxtail|rib|lamb|mutton|pork|veal|goat|venison|bison|blade)$/;
const NOT_MEAT = /^(stock|broth|bouillon|cube|fat|gravy|consomme)$/;

const wordsOf = (name: string) =>
  name
    .toLowerCase()
    .split(/[^\p{L}\p{N}%]+/u)
    .filter(Boolean);

/** How well a name answers to the words of a line: each word found counts, each that is too much a little against it. */
function score(words: readonly string[], name: string, preferred: boolean): number {
  const parts = wordsOf(name);
  const hits = words.filter((word) =>
    parts.some((part) => part === word || (word.length > 3 && part.startsWith(word))),
  );
  // A berry, a leaf or a sprig tells how it is counted, not what it is.
  const counts = words.filter((word) => !COUNTED.test(word) || hits.includes(word)).length;
  if (hits.length === 0) return 0;
  const fromTin = hits.includes('canned') ? 0.1 : 0;
  return (
    hits.length / Math.max(1, counts) -
    0.04 * Math.max(0, parts.length - hits.length) +
    (preferred ? 0.15 : 0) +
    fromTin
  );
}

/** How much of an ingredient a line names; undefined where it names none. */
export const amountOfLine = ({ howMuch }: RecipeLine, ingredient: Ingredient): AnyReading | undefined =>
  howMuch === undefined ? undefined : readAmount(howMuch, ingredient);

const none = { cuts: [] as readonly string[], whole: false };
const SHOWN = 6;
/** Under this a name has too little to do with the line. */
const LEAST = 0.35;

/**
 * Finds what a line names.
 * @param usual the short table, preferred to the large one where both answer
 */
export function matchLine(
  line: RecipeLine,
  usual: readonly Ingredient[],
  large: readonly Ingredient[],
  cuts: readonly Named[],
): LineMatch {
  const said = line.words.join(' ');
  if (/\bsalt$/.test(said) && !/unsalted|low/.test(said))
    return { line, kind: 'salt', found: [], sure: true };
  const isMade = line.words.some((word) => NOT_MEAT.test(word));
  const meaty = line.words.some((word) => MEAT.test(word)) && !isMade;
  const { cuts: named, whole } = isMade ? none : namedCuts(said);
  const { bone } = namedCuts(line.text);
  const words = wordsOf(alias[said] ?? line.words.map((word) => alias[word] ?? word).join(' '));
  if (meaty || (named.length > 0 && whole)) {
    const others = ranked(words, cuts, new Set()).filter((id) => !named.includes(id));
    // Of a name that covers several the cook says which; and what is not weighed is no lot yet.
    const sure = named.length === 1 && whole && line.amount !== undefined && line.measure === 'mass';
    const found = named.length > 0 ? [...named, ...others].slice(0, SHOWN) : others;
    return { line, kind: 'meat', found, sure, ...(bone && { bone }) };
  }
  const found = ranked(words, [...usual, ...large], new Set(usual.map(({ id }) => id)));
  const best = [...usual, ...large].find(({ id }) => id === found[0]);
  const sure =
    best !== undefined &&
    // What has no weight yet is for the cook to settle.
    amountOfLine(line, best)?.ok === true &&
    words.every(
      (word) =>
        word === 'canned' || word === 'berry' || wordsOf(best.name).some((part) => part.startsWith(word)),
    );
  return { line, kind: found.length > 0 ? 'ingredient' : 'unknown', found, sure };
}

function ranked(words: readonly string[], names: readonly Named[], preferred: ReadonlySet<string>): string[] {
  return names
    .map(({ id, name }) => ({ id, of: score(words, name, preferred.has(id)) }))
    .filter(({ of }) => of >= LEAST)
    .sort((a, b) => b.of - a.of)
    .slice(0, SHOWN)
    .map(({ id }) => id);
}
