import type { Batch } from '../../meal/index.ts';
import { isStep, THICKENER_IDS } from '../../work/index.ts';
import type { Ingredient } from '@/reference/types.ts';
import { itemsOf } from './items.ts';

/** What the cook named is not known until its label was read; so is what is made in many ways. */
export const isNotKnown = ({
  unsure,
  holds,
  source,
}: Pick<Ingredient, 'unsure' | 'holds' | 'source'>): boolean =>
  unsure === true || (source.startsWith('own,') && holds === undefined);

/**
 * The ids of all ingredients of a batch, whenever they go in: what is in its list, what a thing is soaked in, and what is
 * stirred in, added or stretched with at the end. What was left out is not among them.
 */
export function refsIn(batch: Batch): readonly string[] {
  const items = itemsOf(batch).flatMap(({ ref, soak, state }) =>
    state === 'out' ? [] : soak?.in === undefined ? [ref] : [ref, soak.in],
  );
  const after = batch.after.flatMap((step) =>
    isStep('thicken')(step)
      ? [THICKENER_IDS[step.with ?? 'starch']]
      : isStep('stretch')(step) || isStep('add')(step)
        ? (step.ref ?? [])
        : [],
  );
  return [...new Set([...items, ...after])];
}
