import type { Item } from '../../meal/index.ts';
import type { Ingredient } from '@/reference/types.ts';
import { WITHOUT_FIGURES } from './own.ts';

/** Something that some guests must not have, and what in the pot holds it. */
export interface Held {
  readonly what: string;
  readonly from: readonly string[];
}

/**
 * What is in a pot that some guests must not have, by what the tables say of each ingredient, and
 * the ingredients of which nobody knows: their packet decides, as it does for all.
 */
export function heldIn(
  items: readonly Item[],
  ingredients: readonly Ingredient[],
): { readonly held: readonly Held[]; readonly unknown: readonly string[] } {
  const byWhat = new Map<string, string[]>();
  const unknown: string[] = [];
  // What a thing was soaked in goes in with it.
  const refs = items.flatMap(({ ref, soak, state }) =>
    state === 'out' ? [] : soak?.in === undefined ? [ref] : [ref, soak.in],
  );
  for (const ref of refs) {
    const known = ingredients.find(({ id }) => id === ref);
    if (!known) continue;
    if (known.source === WITHOUT_FIGURES) unknown.push(known.name);
    for (const what of known.holds ?? []) {
      const from = byWhat.get(what) ?? [];
      byWhat.set(what, from.includes(known.name) ? from : [...from, known.name]);
    }
  }
  return { held: [...byWhat].map(([what, from]) => ({ what, from })), unknown };
}
