import supper from '../../../examples/lantern-supper.json';
import { readMealFile, shifted } from '@/core/batch/file/index.ts';
import { dateOf, momentOf, wallTimeOf } from '@/core/clock/index.ts';
import type { KeptRow, SlowSpoonDb } from '@/store/db.ts';
import { importMeal } from '@/store/files.ts';
import { setClock } from './clock.ts';
import { demoShelf } from './demoShelf.ts';

const MADE = Date.UTC(2026, 10, 28);
/** The moment at which the scene stands: one pot on the bench, two on the heat, three hours before a supper at six. */
const SCENE = Date.parse('2026-12-05T14:00:00Z');
const SCENE_CLOCK = '15:00';

/** The demo's meal, if its database has none yet. */
export async function ensureDemo(db: SlowSpoonDb): Promise<void> {
  if ((await db.meals.count()) > 0) return;
  await putDemoBack(db);
  // Nobody did that, so there is nothing to take back yet.
  await db.acts.clear();
}

/**
 * Puts the demo's meal back as it was shipped; it comes in like any file. Its kitchen has a clock of its own, which
 * stands at three in the afternoon whatever the hour is here, and runs on from there.
 */
export async function putDemoBack(db: SlowSpoonDb): Promise<void> {
  const reading = readMealFile(JSON.stringify(supper));
  if (!reading.ok) throw new Error(reading.error);
  const { timeZone } = Intl.DateTimeFormat().resolvedOptions();
  const today = dateOf(Date.now(), timeZone);
  const scene = momentOf({ local: `${today}T${SCENE_CLOCK}`, zone: timeZone }) ?? Date.now();
  await setClock(db, scene);
  const wallTime = { read: momentOf, write: (moment: number) => wallTimeOf(moment, timeZone) };
  await importMeal(db, shifted(reading.file, scene - SCENE, wallTime), MADE);
  const shelf: KeptRow = { id: 'shelf', items: demoShelf(scene) };
  await db.kept.put(shelf);
}

/**
 * Brings the supper in beside the cook's own meals, moved so that it stands at this moment as in its scene.
 * @returns the meal's id
 */
export async function bringInSupper(db: SlowSpoonDb): Promise<string> {
  const reading = readMealFile(JSON.stringify(supper));
  if (!reading.ok) throw new Error(reading.error);
  const { timeZone } = Intl.DateTimeFormat().resolvedOptions();
  const wallTime = { read: momentOf, write: (moment: number) => wallTimeOf(moment, timeZone) };
  const file = shifted(reading.file, Math.round((Date.now() - SCENE) / STEP) * STEP, wallTime);
  await importMeal(db, file, MADE);
  return file.meal.id;
}
/** The supper is moved by whole slots of its day. */
const STEP = 300_000;
