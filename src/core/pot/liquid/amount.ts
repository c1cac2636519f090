import {
  type AnyReading,
  type Measure,
  endsOf,
  numberOf,
  quoted,
  readAny,
  wordsToNumbers,
} from '../../quantity/index.ts';
import type { Ingredient } from '@/reference/types.ts';
import { largeTinOf, pieceWords, saidOf } from '../../meal/index.ts';
import { SIZE } from './size.ts';

/** What a thing is sold in: so many times what one of them usually holds. */
const PACKS = new RegExp(
  String.raw`^(.*?\d[\d\s./]*)\s*(?:${SIZE} )?(tin|can|jar|bottle|carton|pack|packet|pouch|box|tub|tube|block|bag)(?:es|s)?$`,
  'i',
);
/** What is counted by its own word. */
const PIECES = new RegExp(
  String.raw`^(.*?\d[\d\s./–-]*(?:to [\d\s./]+)?)\s*(?:${SIZE} )?(${[...pieceWords, 'cm'].join('|').replace('leaf', 'lea[fv]e?').replace('berry', 'berr(?:y|ie)')})(?:es|s)?$`,
  'i',
);
/** So many of one size. */
const SIZED = new RegExp(String.raw`^(\d[\d\s./–-]*(?:to [\d\s./]+)?) ${SIZE}$`, 'i');

/** A small tin or bottle holds half of a usual one, a large one as much again (estimates). */
const SIZES: readonly (readonly [RegExp, number])[] = [
  [/\bsmall\b/i, 0.5],
  [/\b(large|big)\b/i, 2],
];
/** A small onion weighs .64 and a large one 1.36 of a medium one (published: SR24 11282, 70, 110 and 150 g); so does all else (estimate). */
const GROWN: readonly (readonly [RegExp, number])[] = [
  [/\bsmall\b/i, 0.64],
  [/\b(large|big)\b/i, 1.36],
];
const CM_PER_INCH = 2.54;

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
export function packsSaid(
  text: string,
  { packG, pieces, tinned }: Pick<Ingredient, 'packG' | 'pieces' | 'tinned'>,
): Packs | undefined {
  const plain = wordsToNumbers(text.trim());
  const pack = PACKS.exec(plain);
  const count = numberOf(pack?.[1] ?? '');
  const usual = pieces?.[pack?.[2]?.toLowerCase() ?? ''] ?? packG;
  if (!pack || usual === undefined || !Number.isFinite(count)) return undefined;
  if (tinned && /\b(large|big)\b/i.test(plain)) return { count, each: largeTinOf(usual) };
  return { count, each: usual * (SIZES.find(([word]) => word.test(plain))?.[1] ?? 1) };
}

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
      error: `${quoted(text)}: write the weight of the ${name}.`,
    };
  if (pack)
    return {
      ok: false,
      error: `${quoted(text)}: write the weight of the ${name}.`,
    };
  const pieces = PIECES.exec(plain);
  const sized = SIZED.exec(plain);
  const bare = /^\d+(?: \d+)?(?:[./]\d+)?$/.test(plain) ? plain : undefined;
  const said = pieces?.[1] ?? sized?.[1] ?? bare;
  if (said !== undefined) {
    const each = eachOf(pieces?.[2]?.toLowerCase(), ingredient);
    const grown = (pieces ?? sized) ? (GROWN.find(([word]) => word.test(plain))?.[1] ?? 1) : 1;
    const ends = endsOf(said);
    if (each !== undefined && ends) return weighing(text, ends.lo * grown * each, ends.hi * grown * each);
    if (bare === undefined || !read.choices)
      return {
        ok: false,
        error: `${quoted(text)}: write the weight of the ${name}.`,
      };
  }
  return read;
}

/**
 * What one weighs, counted by this word or by itself; undefined where nobody says: a slice of lemon is no lemon, a leaf no cabbage.
 * What is called by the word ("bay leaf", "garlic clove") is its own piece.
 */
function eachOf(word: string | undefined, ingredient: Ingredient): number | undefined {
  const { pieceG, pieces } = ingredient;
  if (word === undefined || word === 'piece') return pieces?.['piece'] ?? pieceG;
  if (word === 'cm') return pieces?.['inch'] === undefined ? undefined : pieces['inch'] / CM_PER_INCH;
  const one = word.replace(/^lea.*/, 'leaf').replace(/^berr.*/, 'berry');
  return pieces?.[one] ?? (new RegExp(`\\b${one}`, 'i').test(saidOf(ingredient)) ? pieceG : undefined);
}

/** A spoon or a cup of it has a weight: a liquid, what the table has a cup of, and what the cook brought along. */
const weighsByVolume = ({ role, density, section }: Ingredient) =>
  role === 'liquid' || density !== undefined || section === 'own';

const MEASURES: readonly Measure[] = ['mass', 'volume', 'count'];

const weighing = (text: string, lo: number, hi = lo): AnyReading => ({
  ok: true,
  quantity: { text, lo, hi },
  measure: 'mass',
});
