import {
  cookAgain,
  forPlates,
  type Meal,
  type MealFile,
  usualBatch,
  usualKitchen,
  usualLot,
  usualMeal,
} from '@/core/meal/index.ts';
import { canonical } from '@/core/meal/index.ts';
import { act, type ActOptions, rowsIn } from './acts.ts';
import { alsoGone } from './gone.ts';
import { entriesIn } from './readings.ts';
import { loadedOf, rowsFrom, type RowEdits, type LoadedMeal, type Rows } from './rows.ts';
import { nameOf, summarizeMeal } from './summaries.ts';
import type { SlowSpoonDb } from './db.ts';
import type { BatchRow, EntryRow, MealRow, ReadingsRow } from './kinds.ts';
import type { EntityTable } from 'dexie';

export type { LoadedMeal } from './rows.ts';

/** The rows of a meal; undefined if there is no such meal. */
export async function loadRows(db: SlowSpoonDb, mealId: string): Promise<Rows | undefined> {
  const rows = await db.transaction('r', db.meals, db.batches, db.entries, db.kept, db.gone, (tx) =>
    rowsIn(tx, mealId),
  );
  return rows.meals.size > 0 ? rows : undefined;
}

export async function loadMeal(db: SlowSpoonDb, mealId: string): Promise<LoadedMeal | undefined> {
  const rows = await loadRows(db, mealId);
  return rows && loadedOf(rows);
}

/** So many meals are read at a time: the page gets its breath between. */
const AT_A_TIME = 40;

/** Meals as they were read; of one that cannot be, its name: one damaged row must not take the others with it. */
export interface LoadedMeals {
  readonly meals: readonly LoadedMeal[];
  readonly damaged: readonly Damaged[];
}

/** A meal that cannot be read or reckoned, and why. */
export interface Damaged {
  readonly id: string;
  readonly name: string;
  readonly why: string;
}

/** A fault in words. */
export const whyOf = (error: unknown): string => (error instanceof Error ? error.message : String(error));

/** Meals of these ids, in their order, without those that are gone. */
export async function loadMeals(db: SlowSpoonDb, ids: readonly string[]): Promise<LoadedMeals> {
  const kept = await db.kept.toArray();
  const meals: LoadedMeal[] = [];
  const damaged: Damaged[] = [];
  for (let from = 0; from < ids.length; from += AT_A_TIME) {
    const some = ids.slice(from, from + AT_A_TIME);
    const [rows, batches, readings] = await rowsOf(db, some);
    for (const meal of rows) {
      if (!meal) continue;
      const own = <T extends { readonly mealId: string }>(all: readonly T[]) =>
        all.filter(({ mealId }) => mealId === meal.id);
      try {
        const entries = own(readings).flatMap(entriesIn);
        const loaded = loadedOf(rowsFrom({ meals: [meal], batches: own(batches), entries, kept }));
        // A row need not hold what its type says.
        if (typeof (loaded?.meal as unknown) !== 'object' || !loaded?.meal)
          throw new Error('it holds no meal.');
        meals.push(loaded);
      } catch (error) {
        damaged.push({ id: meal.id, name: nameOf(meal.meal), why: whyOf(error) });
      }
    }
  }
  return { meals, damaged };
}

/** Meals in the order of their ids here, with their batches and readings. */
async function rowsOf(db: SlowSpoonDb, ids: readonly string[]) {
  const of = await asked(db, ids);
  return Promise.all([
    db.meals.bulkGet([...ids]),
    of(db.batches).toArray(),
    of(db.entries).toArray(),
  ] as const);
}

/** Meals that lie beside each other are read in one piece, which costs half of walking from one to the next. */
async function asked(db: SlowSpoonDb, ids: readonly string[]) {
  const inOrder = ids.toSorted();
  const [first = '', last = ''] = [inOrder[0], inOrder.at(-1)];
  const between = await db.meals.where('id').between(first, last, true, true).count();
  return <T extends BatchRow | ReadingsRow>(table: EntityTable<T, 'id'>) =>
    between === ids.length
      ? table.where('mealId').between(first, last, true, true)
      : table.where('mealId').anyOf(ids);
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
  await act(db, { words: 'a new meal' }, undefined, (edits) => {
    edits.put('meals', { id: mealId, meal: usualMeal(mealId, name, dishId, batchId), made: Date.now() });
    const batch = { ...usualBatch(batchId, 'Pot one'), lots: [usualLot(lotId)] };
    edits.put('batches', { id: batchId, mealId, batch });
  });
  return { mealId, batchId };
}

/** What went wrong then stands in front of the cook's own notes; said once, however often it is cooked again. */
function withNote(meal: Meal, lastTime: string): Meal {
  if (lastTime === '' || meal.notes?.includes(lastTime)) return meal;
  return {
    ...meal,
    notes: [lastTime, meal.notes ?? '']
      .filter((one) => one !== '')
      .join('\n')
      .slice(0, NOTES_MOST),
  };
}
const NOTES_MOST = 4000;

/** Makes a meal once more from one that was cooked, for as many plates or for so many, as one act; undefined if it is gone. Returns where it can be opened. */
export async function mealAgain(
  db: SlowSpoonDb,
  mealId: string,
  { plates, lastTime = '' }: { readonly plates?: number | undefined; readonly lastTime?: string } = {},
): Promise<{ mealId: string; batchId: string } | undefined> {
  const rows = await loadRows(db, mealId);
  const row = rows?.meals.get(mealId);
  if (!rows || !row) return undefined;
  const old = [...rows.batches.values()].map(({ batch }) => batch);
  const again = cookAgain(row.meal, old, () => crypto.randomUUID());
  const { meal: planned, batches } = plates === undefined ? again : forPlates(again, plates);
  const meal = withNote(planned, lastTime);
  await act(db, { words: `cooking “${row.meal.name}” again` }, undefined, (edits) => {
    edits.put('meals', {
      id: meal.id,
      meal,
      made: Date.now(),
      ...(row.kitchen && { kitchen: row.kitchen }),
    });
    for (const batch of batches) edits.put('batches', { id: batch.id, mealId: meal.id, batch });
  });
  return { mealId: meal.id, batchId: meal.batches[0] ?? '' };
}

/** Takes a meal and all its rows out, as one act. */
export async function deleteMeal(db: SlowSpoonDb, mealId: string, name: string): Promise<void> {
  await act(db, { words: `deleting “${name}”` }, mealId, (edits) => deleteMealRows(edits, mealId));
}

export function deleteMealRows(edits: RowEdits, mealId: string): void {
  for (const table of ['batches', 'entries'] as const) {
    for (const id of edits.idsOf(table, mealId)) edits.remove(table, id);
  }
  edits.remove('meals', mealId);
}

/** Puts a meal of the bin back, as one act; does nothing where it has been emptied meanwhile. */
export async function putBack(db: SlowSpoonDb, mealId: string): Promise<void> {
  const row = await db.bin.get(mealId);
  if (!row) return;
  await act(db, { words: `putting “${row.name}” back` }, mealId, (edits) => {
    edits.put('meals', row.row);
    for (const batch of row.batches) edits.put('batches', batch);
    for (const entry of row.entries) edits.put('entries', entry);
  });
}

/** What would go with a meal: said before it does. */
export interface Going {
  readonly pots: number;
  readonly readings: number;
  readonly closed: number;
}

/** Counts what would go with a meal. */
export async function goingWith(db: SlowSpoonDb, mealId: string): Promise<Going> {
  const [batches, readings] = await Promise.all([
    db.batches.where({ mealId }).toArray(),
    db.entries.where({ mealId }).toArray(),
  ]);
  return {
    pots: batches.length,
    // A damaged row holds something that nobody can count.
    readings: readings.reduce((sum, { entries }) => sum + (Array.isArray(entries) ? entries.length : 1), 0),
    closed: batches.filter(({ batch }) => (batch as Partial<typeof batch> | undefined)?.closed).length,
  };
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
  return db.transaction('rw', db.meals, db.batches, db.kept, db.summaries, async (tx) => {
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
    await summarizeMeal(tx, mealId);
    return { meal: mealId, batch: batchId };
  });
}

/**
 * Takes a file that was read in, as one act; a meal with its id is replaced. A kitchen other than the one here stays
 * with it, so that its figures stay what they were; cooked in this one, it goes on to teach it.
 */
export async function importMeal(db: SlowSpoonDb, file: MealFile, made = Date.now()): Promise<void> {
  const { meal, kitchen, learned, gone = [] } = file;
  const mealId = meal.id;
  const [here, known] = await Promise.all([db.kept.get('kitchen'), db.meals.get(mealId)]);
  const isOwn = canonical(kitchen) === canonical(here?.id === 'kitchen' ? here.kitchen : usualKitchen);
  const row: MealRow = {
    id: mealId,
    meal,
    made,
    ...(!isOwn && { kitchen }),
    // A meal that was cooked here goes by what this kitchen knows, as it did.
    ...(learned && !(isOwn && known && !known.kitchen) && { learned }),
  };
  const batches = file.batches.map((batch): BatchRow => ({ id: batch.id, mealId, batch }));
  const entries = file.entries.map((entry): EntryRow => ({ id: entry.id, mealId, entry }));
  const options: ActOptions = { words: `bringing in “${meal.name}”`, ofNoMeal: true };
  const bringIn = (edits: RowEdits) => {
    deleteMealRows(edits, mealId);
    edits.put('meals', row);
    for (const batch of batches) edits.put('batches', batch);
    for (const entry of entries) edits.put('entries', entry);
  };
  await act(db, options, mealId, bringIn, (tx) => alsoGone(tx, mealId, gone, [row, ...batches, ...entries]));
  if (!file.versions) return;
  // What it was taken from is found by what it is now; without room for that it is in all the same.
  const { keepVersion } = await import('./versions.ts');
  await keepVersion(db, file, { before: file.versions.slice(0, -1) }).catch(() => undefined);
}
