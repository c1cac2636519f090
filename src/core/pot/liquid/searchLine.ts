import { entryAt } from '../../columns/index.ts';
import { type AnyReading, midpoint } from '../../quantity/index.ts';
import type { Ingredient } from '@/reference/types.ts';
import { readLine, type RecipeLine } from '../recipe/line.ts';
import { readAmount } from './amount.ts';

/** An ingredient that a typed line may mean, with how much of it would go in. */
export interface Offer {
  readonly ingredient: Ingredient;
  /** As it was typed: "2 tins", "½ bottle"; empty where nothing was. */
  readonly howMuch: string;
  /** Undefined where no amount was typed. */
  readonly amount: AnyReading | undefined;
  /** What it weighs, g, where it was typed by the piece or the pack. */
  readonly grams: number | undefined;
}

/** An ingredient with so much of it as was typed. */
export function offerOf(ingredient: Ingredient, howMuch = ''): Offer {
  const amount = howMuch === '' ? undefined : readAmount(howMuch, ingredient);
  const typed = amount?.ok ? midpoint(amount.quantity) : undefined;
  const each = amount?.ok && amount.measure === 'count' ? ingredient.pieceG : 1;
  const byVolume = amount?.ok === true && amount.measure === 'volume';
  const grams = typed === undefined || each === undefined || byVolume ? undefined : typed * each;
  return { ingredient, howMuch, amount, grams };
}

const wordsOf = (name: string) =>
  name
    .toLowerCase()
    .split(/[^\p{L}\p{N}%]+/u)
    .filter(Boolean);
/** Words of other kitchens for what the table calls otherwise (common practice, no source). */
const alias: Readonly<Record<string, string>> = {
  scallion: 'onion',
  broth: 'stock',
  cilantro: 'coriander',
  cornflour: 'cornstarch',
  chili: 'chilli',
  passata: 'purée',
};
/** They tell how a thing is counted or sold, not what it is. */
const COUNTED = /^(berry|leaf|sprig|stick|clove|cube|canned|pod|piece)$/;
const plain = (word: string) => word.normalize('NFD').replace(/\p{M}/gu, '');

/** Of each ingredient the words of its name, and of what stands before its comma: found once. */
const known = new WeakMap<
  Ingredient,
  { readonly parts: readonly string[]; readonly head: readonly string[] }
>();
function partsOf(ingredient: Ingredient) {
  const before = known.get(ingredient);
  if (before) return before;
  const of = (name: string) => wordsOf(name).map(plain);
  const made = { parts: of(ingredient.name), head: of(ingredient.name.split(',')[0] ?? '') };
  known.set(ingredient, made);
  return made;
}

/**
 * What a typed line may mean, the best first: what is called just so before what only holds the word, the short table
 * before the large one, what begins with the word before what has it somewhere, a short name before a long one.
 * "2 l water", "3 onions", "2 tins tomatoes" and "½ bottle red wine" are read as a line of a recipe is.
 * @param usual the short table and what the kitchen has added to it
 */
export function searchLine(
  typed: string,
  usual: readonly Ingredient[],
  large: readonly Ingredient[],
  most: number,
): { readonly line: RecipeLine; readonly offers: readonly Offer[] } {
  const line = readLine(typed);
  const { howMuch = '' } = line;
  const words = line.words.map((word) => plain(alias[word] ?? word));
  const said = words.filter((word) => !COUNTED.test(word));
  const asked = said.length > 0 ? said : words;
  const first = asked[0];
  if (first === undefined) return { line, offers: [] };
  const rank = (ingredient: Ingredient, short: boolean) => {
    const { parts, head } = partsOf(ingredient);
    const meets = (word: string) => parts.some((part) => part.startsWith(word));
    if (!asked.every(meets)) return undefined;
    const whole = (word: string) =>
      parts.some((part) => part === word || part === `${word}s` || part === `${word}es`);
    const exact = asked.every(whole) && head.every((part) => words.some((word) => part.startsWith(word)));
    const extra = words.filter((word) => COUNTED.test(word) && meets(word)).length;
    return [
      Number(exact),
      Number(short),
      extra,
      Number((parts[0] ?? '').startsWith(first)),
      -ingredient.name.length,
    ];
  };
  const ranked = [...usual.map((one) => [one, true] as const), ...large.map((one) => [one, false] as const)]
    .flatMap(([ingredient, short]) => {
      const key = rank(ingredient, short);
      return key ? [{ ingredient, key }] : [];
    })
    .sort((a, b) => b.key.reduce((found, value, i) => found || value - entryAt(a.key, i), 0))
    .slice(0, most);
  return {
    line,
    offers: ranked.map(({ ingredient }) => offerOf(ingredient, howMuch)),
  };
}
