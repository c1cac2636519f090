import { entryAt } from '../../columns/index.ts';
import { type AnyReading, midpoint } from '../../quantity/index.ts';
import type { Ingredient } from '@/reference/types.ts';
import { amountOfLine } from '../recipe/amountOfLine.ts';
import { readLine, type RecipeLine } from '../recipe/line.ts';
import { namesBegun, type NameTable, thingNamed } from '../recipe/names.ts';
import { saysNothing, singular } from '../recipe/plainWords.ts';

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

/** An ingredient with so much of it as a line says. */
export function offerOf(ingredient: Ingredient, line: RecipeLine): Offer {
  const amount = amountOfLine(line, ingredient);
  const howMuch = (amount?.ok ? amount.quantity.text : line.howMuch) ?? '';
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

/** What a line is looked up in. */
export interface Shelves {
  /** The short table and what the kitchen has added to it. */
  readonly usual: readonly Ingredient[];
  readonly large: readonly Ingredient[];
  readonly names: NameTable;
}

/**
 * What a typed line may mean, the best first: what cooks call so, what is begun so, then what only has the words in the table's
 * name. "2 l water", "3 onions", "onions, 3" and "½ bottle red wine" are read as a line of a recipe is; a word that nothing is
 * called by is left out, and shown.
 */
export function searchLine(
  typed: string,
  { usual, large, names }: Shelves,
  most: number,
): { readonly line: RecipeLine; readonly offers: readonly Offer[]; readonly left: readonly string[] } {
  const line = readLine(typed);
  const thing = thingNamed(line.words, names);
  const said = line.words.filter((word) => !saysNothing(word));
  const asked = said.length > 0 ? said : line.words;
  if (asked.length === 0) return { line, offers: [], left: [] };
  const begun = namesBegun(line.words, names, most);
  const all = [...usual.map((one) => [one, true] as const), ...large.map((one) => [one, false] as const)];
  const known = asked.filter((word) =>
    all.some(([one]) => partsOf(one).parts.some((part) => part.startsWith(word))),
  );
  const byName = known.length > 0 ? rankedBy(known, all) : [];
  const byId = new Map(all.map(([one]) => [one.id, one]));
  const ids = thing && thing.left.length === 0 ? [...thing.ids, ...begun] : [...begun, ...(thing?.ids ?? [])];
  const named = [...new Set(ids)].flatMap((id) => byId.get(id) ?? []);
  const found = [...new Set([...named, ...byName])].slice(0, most);
  return {
    line,
    offers: found.map((ingredient) => offerOf(ingredient, line)),
    left: thing?.left ?? asked.filter((word) => !known.includes(word)),
  };
}

/** Those that have all these words in their name: what is called just so, the short table before the large one, the short name. */
function rankedBy(
  asked: readonly string[],
  all: readonly (readonly [Ingredient, boolean])[],
): readonly Ingredient[] {
  const first = asked[0] ?? '';
  return all
    .flatMap(([ingredient, short]) => {
      const { parts, head } = partsOf(ingredient);
      if (!asked.every((word) => parts.some((part) => part.startsWith(word)))) return [];
      const whole = (word: string) => parts.some((part) => part === word || singular(part) === word);
      const exact = asked.every(whole) && head.every((part) => asked.some((word) => part.startsWith(word)));
      const begins = (parts[0] ?? '').startsWith(first);
      const key = [Number(exact), Number(short), Number(begins), -ingredient.name.length];
      return [{ ingredient, key }];
    })
    .sort((a, b) => b.key.reduce((found, value, i) => found || value - entryAt(a.key, i), 0))
    .map(({ ingredient }) => ingredient);
}
