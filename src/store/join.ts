import { joined, kitchenWith, type Whole } from '@/core/event/index.ts';
import { usualKitchen } from '@/core/meal/index.ts';
import { act } from './acts.ts';
import type { SlowSpoonDb } from './db.ts';
import type { BatchRow, EntryRow } from './kinds.ts';
import type { RowEdits } from './rows.ts';

/**
 * Another meal becomes a part of this one, which is an event from then on: one act, undone in one.
 * @throws if either is not there any more
 */
export async function joinMeals(db: SlowSpoonDb, mealId: string, other: string, name: string): Promise<void> {
  const words = `bringing “${name}” in as a sitting`;
  await act(db, { words }, mealId, (edits) => join(edits, mealId, other), undefined, other);
}

function join(edits: RowEdits, mealId: string, other: string): void {
  const [first, second] = [wholeIn(edits, mealId), wholeIn(edits, other)];
  const { meal, batches, entries } = joined(first, second, () => crypto.randomUUID());
  edits.edit('meals', mealId, (row) => ({ ...row, meal }));
  for (const batch of batches) edits.put('batches', { id: batch.id, mealId, batch });
  for (const entry of entries) edits.put('entries', { id: entry.id, mealId, entry });
  const brought = edits.get('meals', other)?.kitchen;
  edits.remove('meals', other);
  if (brought) keepKitchenOf(edits, mealId, brought);
}

function wholeIn(edits: RowEdits, mealId: string): Whole {
  const row = edits.get('meals', mealId);
  if (!row) throw new Error('That meal is not here any more.');
  const batches = edits.idsOf('batches', mealId).map((id) => edits.get('batches', id));
  const entries = edits.idsOf('entries', mealId).map((id) => edits.get('entries', id));
  return {
    meal: row.meal,
    batches: batches.filter((one): one is BatchRow => one !== undefined).map(({ batch }) => batch),
    entries: entries.filter((one): one is EntryRow => one !== undefined).map(({ entry }) => entry),
  };
}

/** What the other came with, its pots go on naming: it goes into the kitchen that the meal here has. */
function keepKitchenOf(edits: RowEdits, mealId: string, brought: Parameters<typeof kitchenWith>[1]): void {
  const own = edits.get('meals', mealId)?.kitchen;
  if (own) {
    edits.edit('meals', mealId, (row) => ({ ...row, kitchen: kitchenWith(own, brought) }));
    return;
  }
  const kept = edits.get('kept', 'kitchen');
  const kitchen = kitchenWith(kept?.id === 'kitchen' ? kept.kitchen : usualKitchen, brought);
  edits.put('kept', { id: 'kitchen', kitchen });
}
