import {
  type AnyReading,
  type Measure,
  numberOf,
  quoted,
  readAny,
  wordsToNumbers,
} from '../../quantity/index.ts';
import type { Ingredient } from '@/reference/types.ts';

/** What a thing is sold in: so many times what one of them usually holds. */
const PACKS =
  /^(.*?\d[\d\s./]*)\s*(?:small |large |big )?(tins?|cans?|jars?|bottles?|cartons?|packs?|packets?|pouch(?:es)?|box(?:es)?|tubs?|blocks?|bags?)$/i;
/** What is counted by its own word. */
const PIECES =
  /^(.*?\d[\d\s./]*)\s*(?:small |large |big |whole )?(cloves?|leaf|leaves|berr(?:y|ies)|pods?|sticks?|sprigs?|bulbs?|heads?|stalks?|pieces?|slices?|cubes?|threads?|peppercorns?|bunch(?:es)?)$/i;

/** A small tin or bottle holds half of a usual one, a large one as much again (estimates). */
const SIZES: readonly (readonly [RegExp, number])[] = [
  [/\bsmall\b/i, 0.5],
  [/\b(large|big)\b/i, 2],
];

/** So many packs of one size. */
export interface Packs {
  readonly count: number;
  /** g in one. */
  readonly each: number;
}

/**
 * The packs that an amount names ("2 small tins", "½ bottle"), each with what it holds.
 * @returns undefined where it names none, or nobody says what one holds
 */
export function packsSaid(text: string, { packG }: Pick<Ingredient, 'packG'>): Packs | undefined {
  const plain = wordsToNumbers(text.trim());
  const pack = PACKS.exec(plain);
  const count = numberOf(pack?.[1] ?? '');
  if (!pack || packG === undefined || !Number.isFinite(count)) return undefined;
  return { count, each: packG * (SIZES.find(([word]) => word.test(plain))?.[1] ?? 1) };
}

/** Named pieces of a thing that is not counted by them: a head of garlic is ten cloves, a leek is no leaf (estimate). */
const CLOVES_OF_A_HEAD = 10;

/**
 * Reads how much of an ingredient goes in, as people write it: a weight, a volume or a number, and beside those what
 * it is sold in ("2 tins", "½ bottle") and what it is counted by ("5 berries", "3 sprigs"). What has no weight here is
 * asked for, never taken to be the usual. "0" is an amount.
 * @param units offered for a bare number of what is not counted
 */
export function readAmount(text: string, ingredient: Ingredient, units: readonly string[] = []): AnyReading {
  const { pieceG, name } = ingredient;
  const counted = pieceG !== undefined;
  const plain = wordsToNumbers(text.trim());
  const pack = PACKS.exec(plain);
  const packs = packsSaid(text, ingredient);
  if (packs) return weighing(text, packs.count * packs.each);
  const read = readAny(text, counted ? MEASURES : MEASURES.slice(0, 2), counted ? [] : units, true);
  if (read.ok && (read.measure !== 'volume' || weighsByVolume(ingredient))) return read;
  if (read.ok)
    return {
      ok: false,
      error: `${quoted(text)}: nobody knows here what that weighs; write the weight of the ${name}.`,
    };
  if (pack)
    return {
      ok: false,
      error: `${quoted(text)}: nobody says here what one holds; write the weight of the ${name}.`,
    };
  const pieces = PIECES.exec(plain);
  const bare = /^\d+$/.test(plain) ? plain : undefined;
  if (pieces ?? bare) {
    const n = numberOf(pieces?.[1] ?? bare ?? '');
    const heads =
      ingredient.id === 'garlic' && /^(head|bulb)/i.test(pieces?.[2] ?? '') ? CLOVES_OF_A_HEAD : 1;
    const isBunch = /^bunch/i.test(pieces?.[2] ?? '');
    if (counted && Number.isFinite(n) && !isBunch) return weighing(text, n * heads * pieceG);
    if (bare === undefined || !read.choices)
      return {
        ok: false,
        error: `${quoted(text)}: one of them has no weight here; write the weight of the ${name}.`,
      };
  }
  return read;
}

/** A spoon or a cup of it has a weight: a liquid, what the table has a cup of, and what the cook brought along. */
const weighsByVolume = ({ role, density, section }: Ingredient) =>
  role === 'liquid' || density !== undefined || section === 'own';

const MEASURES: readonly Measure[] = ['mass', 'volume', 'count'];

const weighing = (text: string, grams: number): AnyReading => ({
  ok: true,
  quantity: { text, lo: grams, hi: grams },
  measure: 'mass',
});
