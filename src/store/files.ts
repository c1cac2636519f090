import { mealFileOf, readMealFile, tooLarge, writeMealFile } from '@/core/meal/file/index.ts';
import { type Compared, compared, type MealFile } from '@/core/meal/index.ts';
import { begunAt, learnedBefore } from '@/core/log/index.ts';
import { reference } from '@/reference/index.ts';
import type { SlowSpoonDb } from './db.ts';
import { taughtBy } from './digests.ts';
import { loadMeal, type LoadedMeal } from './meals.ts';
import { baseOf, versionsFor } from './versions.ts';

/** The meal as a file: the same meal is the same to the byte, whenever it is written. */
export async function exportMeal(db: SlowSpoonDb, mealId: string): Promise<string> {
  const loaded = await withLearned(db, mealId);
  if (!loaded) throw new Error(`There is no meal “${mealId}” any more.`);
  // Where there is no room for a version the file goes out all the same.
  const versions = await versionsFor(db, loaded).catch(() => undefined);
  return writeMealFile({ ...asFile(loaded), ...(versions && { versions: [...versions] }) });
}

/** A meal with what its kitchen had learned by then, of which its file says all. */
async function withLearned(db: SlowSpoonDb, mealId: string): Promise<LoadedMeal | undefined> {
  const loaded = await loadMeal(db, mealId);
  if (!loaded || loaded.learned || (await db.meals.get(mealId))?.kitchen) return loaded;
  const learned = learnedBefore(await taughtBy(db), loaded.meal, begunAt(loaded.batches));
  return learned ? { ...loaded, learned } : loaded;
}

/** A meal as it stands in memory, as a file. */
export const fileOf = (loaded: LoadedMeal): string => writeMealFile(asFile(loaded));
export const asFile = (loaded: LoadedMeal): MealFile => mealFileOf(loaded, reference.version);

/** A meal as a file, or, where that could not be brought in again, its rows as they lie in the store. */
export async function exportWhatIsThere(
  db: SlowSpoonDb,
  mealId: string,
): Promise<{ readonly text: string; readonly readable: boolean }> {
  const text = await exportMeal(db, mealId).catch(() => undefined);
  if (text !== undefined && readMealFile(text).ok) return { text, readable: true };
  const [meal, batches, entries] = await Promise.all([
    db.meals.get(mealId),
    db.batches.where({ mealId }).toArray(),
    db.entries.where({ mealId }).toArray(),
  ]);
  return { text: `${JSON.stringify({ meal, batches, entries }, null, 2)}\n`, readable: false };
}

export type Incoming =
  | { readonly ok: true; readonly file: MealFile; readonly known: Compared | undefined }
  | { readonly ok: false; readonly error: string };

/** Reads a file whole before anything changes; holds its meal against the copy that is here, if one is. */
export async function readIncoming(
  db: SlowSpoonDb,
  source: { size: number; text(): Promise<string> },
): Promise<Incoming> {
  const large = tooLarge(source.size);
  if (large !== undefined) return { ok: false, error: large };
  const reading = readMealFile(await source.text());
  if (!reading.ok) return reading;
  const other = await batchesElsewhere(db, reading.file);
  if (other !== undefined)
    return { ok: false, error: `Batch “${other}” of this file belongs to another meal here.` };
  const here = await loadMeal(db, reading.file.meal.id);
  const base = here && (await baseOf(db, here, reading.file));
  return { ok: true, file: reading.file, known: here && compared(here, reading.file, base) };
}

async function batchesElsewhere(db: SlowSpoonDb, file: MealFile): Promise<string | undefined> {
  const rows = await db.batches.bulkGet(file.batches.map((batch) => batch.id));
  return rows.find((row) => row && row.mealId !== file.meal.id)?.id;
}
