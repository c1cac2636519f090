import { type Kitchen, usualKitchen } from '@/core/meal/index.ts';
import type { Settings } from '@/store/kinds.ts';
import type { RowEdits } from '@/store/rows.ts';
import { change } from '../memory.ts';
import { id } from './act.ts';

/** The kitchen and the units. */

/** The kitchen of a meal that came with its own, or the one that all others share. */
export function editKitchen(words: string, recipe: (kitchen: Kitchen) => Kitchen, mealId?: string): void {
  change(mealId, { words }, (edits) => editKitchenIn(edits, mealId, recipe));
}

export function editKitchenIn(
  edits: RowEdits,
  mealId: string | undefined,
  recipe: (kitchen: Kitchen) => Kitchen,
): void {
  const row = mealId === undefined ? undefined : edits.get('meals', mealId);
  if (row?.kitchen) {
    const { kitchen } = row;
    edits.edit('meals', row.id, (meal) => ({ ...meal, kitchen: recipe(kitchen) }));
    return;
  }
  const kept = edits.get('kept', 'kitchen');
  edits.put('kept', {
    id: 'kitchen',
    kitchen: recipe(kept?.id === 'kitchen' ? kept.kitchen : usualKitchen),
  });
}

export function changeSettings(settings: Settings): void {
  change(undefined, { words: 'the units' }, (edits) => edits.put('kept', { id: 'settings', settings }));
}

/** Names somebody who cooks this meal: a name of the kitchen, and of its day, as one act. */
export function addCook(mealId: string, name: string, at?: string): void {
  const cook = { id: id(), name, ...(at !== undefined && { at }) };
  change(mealId, { words: `${name} cooks too` }, (edits) => {
    editKitchenIn(edits, mealId, (kitchen) => ({ ...kitchen, hands: [...(kitchen.hands ?? []), cook] }));
    edits.edit('meals', mealId, (row) => {
      const { day } = row.meal;
      return { ...row, meal: { ...row.meal, day: { ...day, cooks: [...(day?.cooks ?? []), cook.id] } } };
    });
  });
}
