import { quoted } from '../../quantity/index.ts';
import { DEPTH_MOST } from '../bounds.ts';
import { firstFault } from './faults.ts';
import { mealFile, type Batch, type Entry, type Kitchen, type Meal, type MealFile } from '../schema.ts';

/** A file larger than this is not a meal: 200 lots with all their entries are under 1 MB. */
export const MAX_FILE_BYTES = 20_000_000;
const VERSION = 1;

export type FileReading =
  { readonly ok: true; readonly file: MealFile } | { readonly ok: false; readonly error: string };

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
  if (depthOf(text) > DEPTH_MOST)
    return refused('This file is nested deeper than any meal is; choose one that was exported from here.');
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    return refused('This file is broken or not JSON: it may have been cut off; export the meal again.');
  }
  const head: { format?: unknown; version?: unknown } = typeof json === 'object' && json !== null ? json : {};
  if (head.format !== 'slow-spoon meal')
    return refused('This is not a Slow Spoon meal; choose a file that was exported from here.');
  if (typeof head.version === 'number' && head.version > VERSION) {
    return refused(
      `This file is version ${head.version} and this program reads up to ${VERSION}; bring Slow Spoon up to date.`,
    );
  }
  const parsed = mealFile.safeParse(json);
  if (!parsed.success) return refused(firstFault(parsed.error, json));
  const loose = looseEnd(parsed.data);
  return loose === undefined ? { ok: true, file: parsed.data } : refused(loose);
}

/** How deep brackets stand in one another, outside of texts: told before anything is made of them. */
function depthOf(text: string): number {
  let depth = 0;
  let deepest = 0;
  let inText = false;
  for (let i = 0; i < text.length && deepest <= DEPTH_MOST; i += 1) {
    const sign = text[i];
    if (inText) {
      if (sign === '\\') i += 1;
      else if (sign === '"') inText = false;
    } else if (sign === '"') inText = true;
    else if (sign === '{' || sign === '[') deepest = Math.max(deepest, (depth += 1));
    else if (sign === '}' || sign === ']') depth -= 1;
  }
  return deepest;
}

/** An id that is named but not there, or there twice. */
function looseEnd({ meal, batches, entries }: MealFile): string | undefined {
  const twice = (what: string, ids: readonly string[]) => {
    const again = ids.find((id, i) => ids.indexOf(id) !== i);
    return again === undefined ? undefined : `This file has ${what} ${quoted(again)} twice.`;
  };
  const ids = batches.map((batch) => batch.id);
  const missing =
    meal.batches.find((id) => !ids.includes(id)) ??
    entries.find((entry) => !ids.includes(entry.batch))?.batch;
  const unasked = ids.find((id) => !meal.batches.includes(id));
  return (
    twice('batch', ids) ??
    twice('batch', meal.batches) ??
    twice(
      'dish',
      meal.dishes.map((dish) => dish.id),
    ) ??
    twice(
      'lot',
      batches.flatMap((batch) => batch.lots.map((lot) => `${batch.id} / ${lot.id}`)),
    ) ??
    twice(
      'entry',
      entries.map((entry) => entry.id),
    ) ??
    (missing === undefined
      ? undefined
      : `This file speaks of batch ${quoted(missing)}, which is not in it.`) ??
    (unasked === undefined
      ? undefined
      : `This file holds batch ${quoted(unasked)}, which its meal does not name.`)
  );
}

/** A meal with all that its reckoning needs, as a file of this version. */
export const mealFileOf = (
  parts: {
    readonly meal: Meal;
    readonly batches: readonly Batch[];
    readonly entries: readonly Entry[];
    readonly kitchen: Kitchen;
  },
  reference: string,
): MealFile => ({
  format: 'slow-spoon meal',
  version: VERSION,
  reference,
  meal: parts.meal,
  batches: [...parts.batches],
  entries: [...parts.entries],
  kitchen: parts.kitchen,
});

/** The file as text: keys sorted, so that the same meal is the same to the byte. */
export const writeMealFile = (file: MealFile): string => `${JSON.stringify(sorted(file), null, 2)}\n`;

function sorted(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(sorted);
  if (typeof value !== 'object' || value === null) return value;
  const entries = Object.entries(value).filter(([, v]) => v !== undefined);
  return Object.fromEntries(entries.sort(([a], [b]) => (a < b ? -1 : 1)).map(([k, v]) => [k, sorted(v)]));
}
