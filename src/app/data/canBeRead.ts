import { openMeal } from '@/core/model/index.ts';
import { shoppingList } from '@/core/questions/index.ts';
import { reference } from '@/reference/index.ts';
import type { LoadedMeal } from '@/store/meals.ts';

const known = new WeakMap<LoadedMeal, boolean>();

function opens(meal: LoadedMeal): boolean {
  try {
    shoppingList([openMeal({ ...meal, reference })]);
    return true;
  } catch {
    return false;
  }
}

/** Whether a kept meal can be shopped for at all: one damaged row must not take the other meals with it. */
export function canBeRead(meal: LoadedMeal): boolean {
  const before = known.get(meal);
  if (before !== undefined) return before;
  const can = opens(meal);
  known.set(meal, can);
  return can;
}
