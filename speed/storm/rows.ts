import type { Page } from '@playwright/test';

/** What does not fit together in the store, in words; none of it may ever be there. */
export const loose = (page: Page): Promise<readonly string[]> =>
  page.evaluate(async () => {
    interface Row {
      readonly id: string;
      readonly mealId: string;
      readonly meal: { readonly batches: readonly string[] };
      readonly entries: readonly { readonly batch: string }[];
    }
    const open = indexedDB.open('slow-spoon');
    const db = await new Promise<IDBDatabase>((resolve, reject) => {
      open.onsuccess = () => resolve(open.result);
      open.onerror = () => reject(new Error('the store cannot be opened'));
    });
    const names = ['meals', 'batches', 'entries', 'summaries'] as const;
    const tx = db.transaction([...names]);
    const [meals = [], batches = [], packs = [], summaries = []] = await Promise.all(
      names.map(
        (name) =>
          new Promise<Row[]>((resolve) => {
            const all = tx.objectStore(name).getAll();
            all.onsuccess = () => resolve(all.result as Row[]);
          }),
      ),
    );
    db.close();
    const found: string[] = [];
    for (const { id, meal } of meals) {
      const own = batches.filter(({ mealId }) => mealId === id).map((batch) => batch.id);
      if ([...own].sort().join() !== [...meal.batches].sort().join())
        found.push(`meal ${id} names ${meal.batches.join()} and has ${own.join()}`);
    }
    // No function with a name in here: the loader that runs this would name it with a helper of its own.
    const [inMeals, inBatches] = [new Set(meals.map(({ id }) => id)), new Set(batches.map(({ id }) => id))];
    for (const { id, mealId } of batches) if (!inMeals.has(mealId)) found.push(`batch ${id} has no meal`);
    for (const { id, entries } of packs)
      if (!inBatches.has(id) || entries.some(({ batch }) => batch !== id))
        found.push(`readings of ${id} have no batch`);
    for (const { id } of summaries) if (!inMeals.has(id)) found.push(`summary ${id} has no meal`);
    return found;
  });
