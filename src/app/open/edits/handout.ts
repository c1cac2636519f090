import { type NewEntry, type Taken, withNotes } from '@/core/handout/index.ts';
import type { HandBack, Version } from '@/core/meal/index.ts';
import { Refused } from '../../lists/data/refused.ts';
import { clockNow } from '../../browser/clock.ts';
import { deviceNow } from '../../browser/device.ts';
import { change } from '../memory.ts';
import { id } from './act.ts';

/** What comes back from other hands. */

/** Takes up what was handed back, its readings and its notes, as one act. */
export function takeHandBack(
  mealId: string,
  { who }: HandBack,
  { entries }: Pick<Taken, 'entries'>,
  notes: readonly string[],
): void {
  change(mealId, { words: `what ${who.name} handed back` }, (edits) => {
    for (const entry of entries) edits.append({ id: entry.id, mealId, entry });
    if (notes.length > 0)
      edits.edit('meals', mealId, (row) => ({
        ...row,
        meal: { ...row.meal, notes: withNotes(row.meal.notes, notes) },
      }));
  });
}

/** Settles what two have said otherwise, as one act. */
export function settleClash(mealId: string, entries: readonly NewEntry[]): void {
  const now = clockNow();
  const fresh = entries.map((entry, i) => ({
    ...entry,
    id: id(),
    at: now + i,
    source: 'typed' as const,
    by: { device: deviceNow() },
  }));
  change(mealId, { words: 'which reading is right' }, (edits) => {
    for (const entry of fresh) edits.append({ id: entry.id, mealId, entry });
  });
}

/** Chooses one of what two copies have written of a field, as one act: it stands alone. */
export async function chooseHeld(mealId: string, { meal, batches }: Version, words: string): Promise<void> {
  // It came in beside a meal that was read: whether it is one itself with this in it is seen here.
  const { mealFile } = await import('@/core/meal/file/index.ts');
  const { meal: asMeal, batches: asPots } = mealFile.shape;
  if (!asMeal.safeParse(meal).success || !asPots.safeParse(batches).success)
    throw new Refused(`“${words}” cannot be written there; choose the other.`);
  change(mealId, { words: 'which of two is right' }, (edits) => {
    edits.edit('meals', mealId, (row) => ({ ...row, meal }));
    for (const batch of batches) edits.edit('batches', batch.id, (row) => ({ ...row, batch }));
  });
}
