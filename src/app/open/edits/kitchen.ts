import { type Kitchen, usualKitchen } from '@/core/meal/index.ts';
import type { Settings } from '@/store/kinds.ts';
import type { Deed } from '@/store/rows.ts';
import { change } from '../memory.ts';

/** The kitchen and the units. */

/** The kitchen of a meal that came with its own, or the one that all others share. */
export function editKitchen(words: string, recipe: (kitchen: Kitchen) => Kitchen, mealId?: string): void {
  change(mealId, { words }, (deed) => editKitchenIn(deed, mealId, recipe));
}

export function editKitchenIn(
  deed: Deed,
  mealId: string | undefined,
  recipe: (kitchen: Kitchen) => Kitchen,
): void {
  const row = mealId === undefined ? undefined : deed.get('meals', mealId);
  if (row?.kitchen) {
    const { kitchen } = row;
    deed.edit('meals', row.id, (meal) => ({ ...meal, kitchen: recipe(kitchen) }));
    return;
  }
  const kept = deed.get('kept', 'kitchen');
  deed.put('kept', {
    id: 'kitchen',
    kitchen: recipe(kept?.id === 'kitchen' ? kept.kitchen : usualKitchen),
  });
}

export function changeSettings(settings: Settings): void {
  change(undefined, { words: 'the units' }, (deed) => deed.put('kept', { id: 'settings', settings }));
}
