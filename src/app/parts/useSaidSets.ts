import type { LessonSets } from '@/core/meal/index.ts';
import { ingredientsById } from '@/core/model/index.ts';
import { reference } from '@/reference/index.ts';
import { skimWords, toolWords } from '@/words/index.ts';
import { useOpenMeal } from '../open/MealContext.ts';

/** What a lesson sets, in words: "2 bay leaf", "oven". */
export function useSaidSets(): (sets: LessonSets) => string {
  const { loaded } = useOpenMeal();
  return (sets) => {
    switch (sets.what) {
      case 'amount': {
        const known = ingredientsById({ kitchen: loaded.kitchen, reference }).get(sets.ref);
        return `${sets.amount.text} ${known?.name ?? sets.ref}`;
      }
      case 'heat':
        return `the ${sets.heat}`;
      case 'tool':
        return toolWords[sets.tool];
      case 'way':
        return `fat ${skimWords[sets.way]}`;
    }
  };
}
