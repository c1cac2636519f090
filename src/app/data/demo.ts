import supper from '../../../examples/lantern-supper.json';
import { readMealFile } from '@/core/batch/file.ts';
import type { SlowSpoonDb } from '@/store/db.ts';
import { importMeal } from '@/store/files.ts';

const MADE = Date.UTC(2026, 10, 28);

/** The demo's meal, if its database has none yet. */
export async function ensureDemo(db: SlowSpoonDb): Promise<void> {
  if ((await db.meals.count()) > 0) return;
  await putDemoBack(db);
  // Nobody did that, so there is nothing to take back yet.
  await db.acts.clear();
}

/** Puts the demo's meal back as it was shipped; it comes in like any file. */
export async function putDemoBack(db: SlowSpoonDb): Promise<void> {
  const reading = readMealFile(JSON.stringify(supper));
  if (!reading.ok) throw new Error(reading.error);
  await importMeal(db, reading.file, MADE);
}
