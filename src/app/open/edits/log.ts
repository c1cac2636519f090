import { change } from '../memory.ts';

/** What the log learns from. */

/** Leaves a past batch out of the learning, or takes it in again. */
export function leaveOut(mealId: string, batchId: string, out: boolean): void {
  change(
    mealId,
    { words: out ? 'leaving a batch out' : 'taking a batch in again', ofNoMeal: true },
    (edits) =>
      edits.edit('batches', batchId, (row) => {
        const { leftOut: _, ...batch } = row.batch;
        return { ...row, batch: out ? { ...batch, leftOut: true } : batch };
      }),
  );
}
