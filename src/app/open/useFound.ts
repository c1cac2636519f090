import type { ComesOut } from '@/core/pot/index.ts';
import { weigh } from './edits/index.ts';
import { useOpenMeal } from './MealContext.ts';

/** Sets how many of a thing have come out again. */
export function useFound({ thing, name }: Pick<ComesOut, 'thing' | 'name'>): (n: number) => void {
  const { loaded, batch, standing } = useOpenMeal();
  const before = standing.find(({ measures }) => measures.what === 'back' && measures.thing === thing);
  return (n) =>
    weigh(loaded.meal.id, `${name}, found`, {
      batch: batch.id,
      measures: { what: 'back', thing },
      value: n <= 0 ? null : { text: String(n), lo: n, hi: n },
      measure: 'count',
      ...(before && { replaces: before.id }),
    });
}
