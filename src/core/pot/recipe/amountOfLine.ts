import type { Ingredient } from '@/reference/types.ts';
import { saidOf } from '../../meal/index.ts';
import type { AnyReading } from '../../quantity/index.ts';
import { readAmount } from '../liquid/amount.ts';
import type { RecipeLine } from './line.ts';
import { singular } from './plainWords.ts';

/** What of a thing is counted, behind its name: "2 cabbage leaves" are no two cabbages. */
const PART = /\S (leaf|leaves|slices?|wedges?|strips?|sprigs?)$/i;
/** The ounces on a can or a bottle of what is drunk are fluid ones. */
const OUNCES = /(?<!fl\.? ?)\b(?:oz|ounces?)\b/i;

/** How much of an ingredient a line names, as it was written, and as it is read; undefined where it names none. */
export function amountOfLine(
  { howMuch, measure, name }: Pick<RecipeLine, 'howMuch' | 'measure' | 'name'>,
  ingredient: Ingredient,
): AnyReading | undefined {
  if (howMuch === undefined) return undefined;
  const part = measure === 'count' ? PART.exec(name)?.[1] : undefined;
  // A bay leaf is its own piece.
  const isOwn = part === undefined || saidOf(ingredient).toLowerCase().includes(singular(part.toLowerCase()));
  const isBare = /^[\d\s./½¼¾⅓⅔–-]+$/.test(howMuch);
  const text = isBare && !isOwn ? `${howMuch} ${part}` : howMuch;
  const drunk = ingredient.role === 'liquid' && ingredient.section === 'wine and beer';
  const read = readAmount(drunk ? text.replace(OUNCES, 'fl oz') : text, ingredient);
  return read.ok ? { ...read, quantity: { ...read.quantity, text } } : read;
}
