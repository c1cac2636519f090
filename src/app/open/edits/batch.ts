import { type Batch, usualBatch, usualLot } from '@/core/meal/index.ts';
import { change, changeBatch } from '../memory.ts';
import { id, named } from './act.ts';

/** A pot as a whole. */

export function editBatch(
  batchId: string,
  words: string,
  recipe: (batch: Batch) => Batch,
  field?: string,
): void {
  changeBatch(batchId, named(words, field), (edits) =>
    edits.edit('batches', batchId, (row) => ({ ...row, batch: recipe(row.batch) })),
  );
}

export function addBatch(mealId: string, name: string): string {
  const batchId = id();
  const lots = [usualLot(id())];
  change(mealId, { words: 'a new pot' }, (edits) => {
    edits.put('batches', { id: batchId, mealId, batch: { ...usualBatch(batchId, name), lots } });
    edits.edit('meals', mealId, (row) => ({
      ...row,
      meal: { ...row.meal, batches: [...row.meal.batches, batchId] },
    }));
  });
  return batchId;
}

export function removeBatch(mealId: string, batchId: string): void {
  change(mealId, { words: 'deleting a pot' }, (edits) => {
    for (const entryId of edits.idsOf('entries', mealId))
      if (edits.get('entries', entryId)?.entry.batch === batchId) edits.remove('entries', entryId);
    edits.remove('batches', batchId);
    edits.edit('meals', mealId, (row) => ({
      ...row,
      meal: { ...row.meal, batches: row.meal.batches.filter((other) => other !== batchId) },
    }));
  });
}
