import { type NewEntry, type Taken, withNotes } from '@/core/handout/index.ts';
import type { HandBack } from '@/core/meal/index.ts';
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
