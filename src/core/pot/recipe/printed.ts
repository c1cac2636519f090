import type { Ingredient } from '@/reference/types.ts';
import { midpoint } from '../../quantity/index.ts';
import { readLine, type RecipeLine } from './line.ts';
import { type LineMatch, matchLine, type Tables } from './match.ts';
import { offerOf } from '../liquid/searchLine.ts';

/** A line of a recipe as it is understood; nothing that was not said is filled in. */
export interface PrintedLine {
  readonly line: string;
  /** A thing for the pot, meat, words that name nothing to put in, or what the cook is asked about. */
  readonly kind: 'ingredient' | 'cut' | 'note' | 'asked';
  readonly name: string | null;
  readonly grams: number | null;
  readonly ml: number | null;
  /** The answers that are offered, the best first. */
  readonly asks: readonly string[];
}

interface Named {
  readonly id: string;
  readonly name: string;
}

/** Lines of a recipe as `slow-spoon read` prints them, by the same code as the field's. */
export function printedLines(text: string, tables: Tables): readonly PrintedLine[] {
  const { usual, large, cuts } = tables;
  const named = new Map<string, Named>([...cuts, ...large, ...usual].map((one) => [one.id, one]));
  const things = new Map([...large, ...usual].map((one) => [one.id, one]));
  return text
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '')
    .map((line) => printed(line, matchLine(readLine(line), tables), named, things));
}

function printed(
  line: string,
  { kind, sure, several, found, line: read }: LineMatch,
  named: ReadonlyMap<string, Named>,
  things: ReadonlyMap<string, Ingredient>,
): PrintedLine {
  const { amount, measure } = read;
  const middle = midpoint(amount);
  const plain = {
    line,
    grams: measure === 'mass' ? (middle ?? null) : null,
    ml: measure === 'volume' ? (middle ?? null) : null,
  };
  if (kind === 'salt') return { ...plain, kind: 'ingredient', name: 'salt', asks: [] };
  const [best] = found;
  const name = best === undefined ? null : (named.get(best)?.name ?? null);
  // Words without an amount that name nothing sure: a heading, a word of how it is done.
  if ((name === null || !sure) && amount === undefined && (/:$/.test(line) || kind === 'unknown'))
    return { ...plain, kind: 'note', name: null, asks: [] };
  const asks = found.flatMap((id) => named.get(id)?.name ?? []);
  if (!sure) return { ...plain, kind: 'asked', name: null, asks };
  // One that covers several asks which, once it is in.
  if (kind === 'meat') return { ...plain, kind: 'cut', name, asks: several ? asks.slice(1) : [] };
  const thing = best === undefined ? undefined : things.get(best);
  return { ...plain, kind: 'ingredient', name, ...(thing ? weighed(read, thing) : {}), asks: [] };
}

/** What a line says of an ingredient: ml of what is poured by volume, else g, by the piece where it is counted. */
function weighed(read: RecipeLine, thing: Ingredient): Pick<PrintedLine, 'grams' | 'ml'> {
  const { amount, grams = null } = offerOf(thing, read);
  const ml = amount?.ok && amount.measure === 'volume' ? (midpoint(amount.quantity) ?? null) : null;
  return { grams, ml };
}
