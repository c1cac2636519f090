import { firstFault } from './faults.ts';
import { looseEnd } from './looseEnd.ts';
import { newer } from '../older.ts';
import { sorted } from '../canonical.ts';
import { parse } from './text.ts';
import {
  mealFile,
  type Batch,
  type Entry,
  type Kitchen,
  type Meal,
  type Learned,
  type MealFile,
} from '../schema.ts';

/** A file larger than this is not a meal: 200 lots with all their entries are under 1 MB. */
export const MAX_FILE_BYTES = 20_000_000;
const VERSION = 1;

export type FileReading =
  | { readonly ok: true; readonly file: MealFile }
  | { readonly ok: false; readonly error: string };

const refused = (error: string): FileReading => ({ ok: false, error });

/** The one sentence for a file that is too large to be read at all. */
export function tooLarge(bytes: number): string | undefined {
  if (bytes <= MAX_FILE_BYTES) return undefined;
  return `This file is ${Math.round(bytes / 1e6)} MB, and a meal is never more than ${MAX_FILE_BYTES / 1e6} MB; choose another.`;
}

/**
 * Reads a meal file whole, or says in one sentence why it cannot be one. Nothing is taken from a
 * file with a fault in it.
 */
export function readMealFile(text: string): FileReading {
  const large = tooLarge(text.length);
  if (large !== undefined) return refused(large);
  const parsing = parse(text);
  if (!parsing.ok) return refused(parsing.error);
  const { json } = parsing;
  const head: { format?: unknown; version?: unknown } = typeof json === 'object' && json !== null ? json : {};
  if (head.format !== 'slow-spoon meal')
    return refused('This is not a Slow Spoon meal; choose a file that was exported from here.');
  if (typeof head.version === 'number' && head.version > VERSION) {
    return refused(
      `This file is version ${head.version} and this program reads up to ${VERSION}; bring Slow Spoon up to date.`,
    );
  }
  const now = newer(json);
  const parsed = mealFile.safeParse(now);
  if (!parsed.success) return refused(firstFault(parsed.error, now));
  const loose = looseEnd(parsed.data);
  return loose === undefined ? { ok: true, file: parsed.data } : refused(loose);
}

/** A meal's file names those who cook it and nobody else. */
function withCooksOf({ day }: Meal, { hands, ...kitchen }: Kitchen): Kitchen {
  const named = new Set([...(day?.cooks ?? [])]);
  const those = (hands ?? []).filter(({ id }) => named.has(id));
  return those.length > 0 ? { ...kitchen, hands: those } : kitchen;
}

/** A meal with all that its reckoning needs, as a file of this version. */
export const mealFileOf = (
  parts: {
    readonly meal: Meal;
    readonly batches: readonly Batch[];
    readonly entries: readonly Entry[];
    readonly kitchen: Kitchen;
    readonly learned?: Learned | undefined;
    readonly gone?: readonly string[] | undefined;
    readonly versions?: readonly string[] | undefined;
  },
  reference: string,
): MealFile => ({
  format: 'slow-spoon meal',
  version: VERSION,
  reference,
  meal: parts.meal,
  batches: [...parts.batches],
  entries: [...parts.entries],
  kitchen: withCooksOf(parts.meal, parts.kitchen),
  ...(parts.learned && { learned: parts.learned }),
  ...(parts.gone && { gone: [...parts.gone] }),
  ...(parts.versions && { versions: [...parts.versions] }),
});

/** The file as text: keys sorted, so that the same meal is the same to the byte. */
export const writeMealFile = (file: MealFile): string => `${JSON.stringify(sorted(file), null, 2)}\n`;
