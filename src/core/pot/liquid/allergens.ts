import type { Batch } from '../../meal/index.ts';
import { isStep, THICKENER_IDS } from '../../work/index.ts';
import type { Ingredient } from '@/reference/types.ts';
import { itemsOf } from './items.ts';

/** Something that some guests must not have, and what in the pot holds it. */
export interface Held {
  readonly what: string;
  readonly from: readonly string[];
}

/** What is in a pot that some guests must not have, and what of it nobody knows: its packet decides, as it does for all. */
export interface HeldInPot {
  readonly held: readonly Held[];
  readonly unknown: readonly string[];
}

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

/** What is in a pot that some guests must not have, by what the tables say of each ingredient. */
export function heldIn(batch: Batch, ingredients: ReadonlyMap<string, Ingredient>): HeldInPot {
  const byWhat = new Map<string, string[]>();
  const unknown: string[] = [];
  for (const ref of refsIn(batch)) {
    const known = ingredients.get(ref);
    if (!known || isNotKnown(known)) unknown.push(known?.name ?? ref);
    for (const what of known?.holds ?? []) {
      const from = byWhat.get(what) ?? [];
      byWhat.set(what, known && !from.includes(known.name) ? [...from, known.name] : from);
    }
  }
  return { held: [...byWhat].map(([what, from]) => ({ what, from })), unknown };
}
