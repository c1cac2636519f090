import { usualBatch, usualKitchen, usualLot, usualMeal } from '@/core/batch/usual.ts';
import type { Batch, Entry, Kitchen, Meal } from '@/core/batch/schema.ts';
import { act, type Deed } from './acts.ts';
import type { BatchRow, MealRow, SlowSpoonDb } from './db.ts';

/** A meal with all that its reckoning needs. */
export interface LoadedMeal {
  readonly meal: Meal;
  readonly batches: readonly Batch[];
  readonly entries: readonly Entry[];
  readonly kitchen: Kitchen;
}

export async function loadMeal(db: SlowSpoonDb, mealId: string): Promise<LoadedMeal | undefined> {
  const [row, batchRows, entryRows, kept] = await Promise.all([
    db.meals.get(mealId),
    db.batches.where('mealId').equals(mealId).toArray(),
    db.entries.where('mealId').equals(mealId).toArray(),
    db.kept.get('kitchen'),
  ]);
  if (!row) return undefined;
  const order = (id: string) => row.meal.batches.indexOf(id);
  return {
    meal: row.meal,
    batches: batchRows.map(({ batch }) => batch).sort((a, b) => order(a.id) - order(b.id)),
    entries: entryRows.map(({ entry }) => entry).sort((a, b) => a.at - b.at || (a.id < b.id ? -1 : 1)),
    kitchen: row.kitchen ?? (kept?.id === 'kitchen' ? kept.kitchen : usualKitchen),
  };
}

const newIds = () =>
  Array.from({ length: 4 }, () => crypto.randomUUID()) as unknown as readonly [
    string,
    string,
    string,
    string,
  ];

/** An empty meal with one pot and one lot to fill in. Returns where it can be opened. */
export async function newMeal(db: SlowSpoonDb, name: string): Promise<{ mealId: string; batchId: string }> {
  const [mealId, batchId, dishId, lotId] = newIds();
  await act(db, { words: 'a new meal' }, async (deed) => {
    await deed.put('meals', { id: mealId, meal: usualMeal(mealId, name, dishId, batchId), made: Date.now() });
    const batch = { ...usualBatch(batchId, 'Pot one'), lots: [usualLot(lotId)] };
    await deed.put('batches', { id: batchId, mealId, batch });
  });
  return { mealId, batchId };
}

/** Takes a meal and all its rows out, as one act. */
export async function deleteMeal(db: SlowSpoonDb, mealId: string, name: string): Promise<void> {
  await act(db, { words: `deleting “${name}”` }, (deed) => deleteMealRows(deed, mealId));
}

export async function deleteMealRows(deed: Deed, mealId: string): Promise<void> {
  for (const table of ['batches', 'entries'] as const) {
    for (const id of await deed.idsOf(table, mealId)) await deed.remove(table, id);
  }
  await deed.remove('meals', mealId);
}

/**
 * The meal of that id, or the newest. On an empty start one is made to write in: nobody did that, so
 * it is no act to be taken back.
 */
export async function firstMeal(
  db: SlowSpoonDb,
  name: string,
  wanted?: string,
): Promise<{ readonly meal: string; readonly batch: string }> {
  return db.transaction('rw', db.meals, db.batches, async (tx) => {
    const meals = tx.table<MealRow, string>('meals');
    const row =
      (wanted === undefined ? undefined : await meals.get(wanted)) ?? (await meals.orderBy('made').last());
    const [first] = row?.meal.batches ?? [];
    if (row && first !== undefined) return { meal: row.id, batch: first };
    const [mealId, batchId, dishId, lotId] = newIds();
    await meals.add({ id: mealId, meal: usualMeal(mealId, name, dishId, batchId), made: Date.now() });
    await tx.table<BatchRow, string>('batches').add({
      id: batchId,
      mealId,
      batch: { ...usualBatch(batchId, 'Pot one'), lots: [usualLot(lotId)] },
    });
    return { meal: mealId, batch: batchId };
  });
}
