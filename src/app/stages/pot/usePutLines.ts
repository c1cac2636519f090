import { putRecipeIn, type Tables } from '@/core/pot/index.ts';
import { puttingIn } from '@/words/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { putLines } from '../../open/edits/index.ts';
import type { Settled } from './RecipeLineRow.tsx';

/** Puts settled lines into the open pot as one act, beside what is left of the usual one. */
export function usePutLines({ usual, large }: Tables): (lines: readonly Settled[]) => void {
  const { loaded, batch } = useOpenMeal();
  return (lines) => {
    if (lines.length === 0) return;
    const all = [...usual, ...large];
    const names = lines.map(({ match: { line }, choice }) => {
      const chosen = choice && 'id' in choice ? choice.id : undefined;
      return all.find(({ id }) => id === chosen)?.name ?? line.name;
    });
    putLines(loaded.meal.id, batch.id, puttingIn(names), (before) =>
      putRecipeIn(before, lines, usual, large, () => crypto.randomUUID(), 'beside the usual'),
    );
  };
}
