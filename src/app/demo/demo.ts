import supper from '../../../examples/lantern-supper.json';
import { dateOf, momentOf, wallTimeOf } from '@/core/clock/index.ts';
import type { SlowSpoonDb } from '@/store/db.ts';
import type { KeptRow } from '@/store/kinds.ts';
import { type Kitchen, type MealFile, shifted } from '@/core/meal/index.ts';
import { startLogger } from '@/workers/logger.ts';
import { reference } from '@/reference/index.ts';
import { mendDigests, stampOf } from '@/store/digests.ts';
import { byBatch } from '@/store/readings.ts';
import { summarizeMeal } from '@/store/summaries.ts';
import { importMeal } from '@/store/meals.ts';
import { setClock } from '../browser/clock.ts';
import { demoLog } from './demoLog.ts';
import { demoShelf } from './demoShelf.ts';

/** It ships with the program, which has tried it: read once more as anybody's file it would bring the reader of files along. */
const shipped = supper as unknown as MealFile;

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
  // In a thread, which loads while the meal comes in: what makes digests is not among what a first visit loads.
  const logger = startLogger();
  logger.digester([]).catch(() => undefined);
  const { timeZone } = Intl.DateTimeFormat().resolvedOptions();
  const today = dateOf(Date.now(), timeZone);
  const scene = momentOf({ local: `${today}T${SCENE_CLOCK}`, zone: timeZone }) ?? Date.now();
  await setClock(db, scene);
  const wallTime = { read: momentOf, write: (moment: number) => wallTimeOf(moment, timeZone) };
  const supperNow = shifted(shipped, scene - SCENE, wallTime);
  await importMeal(db, supperNow, MADE);
  await putWeekend(db, scene, wallTime);
  const { kitchen } = supperNow;
  await makeItsKitchen(db, supperNow.meal.id, kitchen);
  await putPast(db, demoLog(scene, timeZone));
  const shelf: KeptRow = { id: 'shelf', items: demoShelf(scene) };
  await db.kept.put(shelf);
  try {
    const { digester } = logger;
    await mendDigests(db, { stamp: stampOf(reference.version, kitchen), digester });
  } finally {
    logger.stop();
  }
}

/** The weekend after it, an event that is still planned: two sittings and three pots. No first look asks for it. */
async function putWeekend(
  db: SlowSpoonDb,
  scene: number,
  wallTime: Parameters<typeof shifted>[2],
): Promise<void> {
  const { default: weekend } = await import('../../../examples/lantern-weekend.json');
  await importMeal(db, shifted(weekend as unknown as MealFile, scene - SCENE, wallTime), MADE - 1);
}

/** The hall's kitchen is the demo's own: what its past cooks have taught counts for the supper. */
async function makeItsKitchen(db: SlowSpoonDb, mealId: string, kitchen: Kitchen): Promise<void> {
  const row: KeptRow = { id: 'kitchen', kitchen };
  await db.kept.put(row);
  await db.meals
    .where('id')
    .equals(mealId)
    .modify((row: { kitchen?: Kitchen }) => {
      delete row.kitchen;
    });
}

async function putPast(db: SlowSpoonDb, past: ReturnType<typeof demoLog>): Promise<void> {
  await db.transaction('rw', db.meals, db.batches, db.entries, db.summaries, db.kept, async (tx) => {
    for (const { meal, batches, entries } of past) {
      await db.meals.put({ id: meal.id, meal, made: Math.min(MADE, batches[0]?.lidOn ?? MADE) });
      await db.batches.bulkPut(batches.map((batch) => ({ id: batch.id, mealId: meal.id, batch })));
      await db.entries.bulkPut([
        ...byBatch(entries.map((entry) => ({ id: entry.id, mealId: meal.id, entry }))),
      ]);
      await summarizeMeal(tx, meal.id);
    }
  });
}

/**
 * Brings the supper in beside the cook's own meals, moved so that it stands at this moment as in its scene.
 * @returns the meal's id
 */
export async function bringInSupper(db: SlowSpoonDb): Promise<string> {
  const { timeZone } = Intl.DateTimeFormat().resolvedOptions();
  const wallTime = { read: momentOf, write: (moment: number) => wallTimeOf(moment, timeZone) };
  const file = shifted(shipped, Math.round((Date.now() - SCENE) / STEP) * STEP, wallTime);
  await importMeal(db, file, MADE);
  return file.meal.id;
}
/** The supper is moved by whole slots of its day. */
const STEP = 300_000;
