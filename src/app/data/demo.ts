import supper from '../../../examples/lantern-supper.json';
import { readMealFile, shifted } from '@/core/batch/file/index.ts';
import { momentOf, wallTimeOf } from '@/core/clock/index.ts';
import type { SlowSpoonDb } from '@/store/db.ts';
import { importMeal } from '@/store/files.ts';

const MADE = Date.UTC(2026, 10, 28);
/** The moment at which the scene stands: one pot on the bench, two on the heat, three hours before serving. */
const SCENE = Date.parse('2026-12-05T14:00:00Z');
const STEP = 300_000;

/** The demo's meal, if its database has none yet. */
export async function ensureDemo(db: SlowSpoonDb): Promise<void> {
  if ((await db.meals.count()) > 0) return;
  await putDemoBack(db);
  // Nobody did that, so there is nothing to take back yet.
  await db.acts.clear();
}

/** Puts the demo's meal back as it was shipped, at the moment of its scene; it comes in like any file. */
export async function putDemoBack(db: SlowSpoonDb): Promise<void> {
  const reading = readMealFile(JSON.stringify(supper));
  if (!reading.ok) throw new Error(reading.error);
  const by = Math.round((Date.now() - SCENE) / STEP) * STEP;
  const { timeZone } = Intl.DateTimeFormat().resolvedOptions();
  const wallTime = { read: momentOf, write: (moment: number) => wallTimeOf(moment, timeZone) };
  await importMeal(db, shifted(reading.file, by, wallTime), MADE);
}
