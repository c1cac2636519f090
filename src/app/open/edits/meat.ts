import { type Lot, usualLot } from '@/core/meal/index.ts';
import { id, withOne } from './act.ts';
import { editBatch } from './batch.ts';

/** The lots. */

export function editLot(
  batchId: string,
  lotId: string,
  words: string,
  changes: Partial<Lot>,
  field?: string,
): void {
  changeLot(batchId, lotId, words, (lot) => ({ ...lot, ...changes }), field);
}

/** Changes a lot by a recipe, where something may be taken off it. */
export function changeLot(
  batchId: string,
  lotId: string,
  words: string,
  recipe: (lot: Lot) => Lot,
  field?: string,
): void {
  editBatch(batchId, words, (batch) => ({ ...batch, lots: withOne(batch.lots, lotId, recipe) }), field);
}

export function addLot(batchId: string): void {
  editBatch(batchId, 'a new lot', (batch) => ({ ...batch, lots: [...batch.lots, usualLot(id())] }));
}

export function removeLot(batchId: string, lotId: string): void {
  editBatch(batchId, 'removing a lot', (batch) => ({
    ...batch,
    lots: batch.lots.filter((lot) => lot.id !== lotId),
  }));
}
