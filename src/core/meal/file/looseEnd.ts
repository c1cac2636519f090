import { quoted } from '../../quantity/index.ts';
import type { MealFile } from '../schema.ts';

/**
 * An id that is named but not there, or there twice.
 * @param file what it is, as the sentence begins
 */
export function looseEnd(
  { meal, batches, entries }: Pick<MealFile, 'meal' | 'batches' | 'entries'>,
  file = 'This file',
): string | undefined {
  const twice = (what: string, ids: readonly string[]) => {
    const seen = new Set<string>();
    const again = ids.find((id) => seen.size === seen.add(id).size);
    return again === undefined ? undefined : `${file} has ${what} ${quoted(again)} twice.`;
  };
  const ids = batches.map((batch) => batch.id);
  const known = new Set(ids);
  const missing =
    meal.batches.find((id) => !known.has(id)) ?? entries.find(({ batch }) => !known.has(batch))?.batch;
  const unasked = ids.find((id) => !meal.batches.includes(id));
  return (
    twice('batch', ids) ??
    twice('batch', meal.batches) ??
    twice(
      'dish',
      meal.dishes.map((dish) => dish.id),
    ) ??
    twice(
      'lot',
      batches.flatMap((batch) => batch.lots.map((lot) => `${batch.id} / ${lot.id}`)),
    ) ??
    twice(
      'phase',
      batches.flatMap(({ id, cook }) => cook.map((phase) => `${id} / ${phase.id}`)),
    ) ??
    twice(
      'step',
      batches.flatMap(({ id, after }) => after.map((step) => `${id} / ${step.id}`)),
    ) ??
    twice(
      'entry',
      entries.map((entry) => entry.id),
    ) ??
    (missing === undefined ? undefined : `${file} speaks of batch ${quoted(missing)}, which is not in it.`) ??
    (unasked === undefined
      ? undefined
      : `${file} holds batch ${quoted(unasked)}, which its meal does not name.`)
  );
}
