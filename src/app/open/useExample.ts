import { reckonAtOnce } from '@/core/reckoning/index.ts';
import { useMemo } from 'react';
import { exampleMeal } from '@/core/meal/index.ts';
import { openMeal } from '@/core/model/index.ts';

import { reference } from '@/reference/index.ts';
import type { Figures, OpenMeal } from './MealContext.ts';
import { usePainted } from '../browser/usePainted.ts';

/** Whether nothing at all has been written in a meal. */
export const isBlank = ({ loaded }: Pick<OpenMeal, 'loaded'>): boolean =>
  loaded.entries.length === 0 &&
  loaded.meal.dishes.every(({ count, guests }) => count.text === '' && !guests) &&
  loaded.batches.every(
    ({ lots, items }) => items === undefined && lots.every(({ weight }) => weight.text === ''),
  );

/**
 * Until the first key the example of the placeholders stands in for a meal in which nothing is written; undefined once
 * something is.
 */
export function useExample(
  open: OpenMeal,
): { readonly open: OpenMeal; readonly figures: Figures } | undefined {
  const painted = usePainted();
  const { kitchen } = open.loaded;
  const blank = painted && isBlank(open);
  const example = useMemo(() => {
    if (!blank) return undefined;
    const input = { ...exampleMeal(kitchen), reference };
    const opened = openMeal(input);
    const reckoning = reckonAtOnce(opened);
    const [batch] = input.batches;
    const [batchReckoning] = reckoning.batches;
    return batch && batchReckoning
      ? { ofBatch: { batch, opened }, figures: { reckoning, batchReckoning, working: false } }
      : undefined;
  }, [blank, kitchen]);
  return example && { open: { ...open, ...example.ofBatch }, figures: example.figures };
}
