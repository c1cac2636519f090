import { type Entry, standingEntries } from '../meal/index.ts';
import { midpoint } from '../quantity/index.ts';

/** What went out of a dish: counted at a tap, and weighed out one by one, g. */
export interface WentOut {
  readonly counted: number;
  readonly plated: readonly { readonly id: string; readonly grams: number }[];
}

/** What went out, by dish; what came back is off it. */
export function wentOut(entries: readonly Entry[]): ReadonlyMap<string, WentOut> {
  const out = new Map<string, { counted: number; plated: { id: string; grams: number }[] }>();
  for (const { id, measures, value } of standingEntries(entries)) {
    if (measures.what !== 'served' && measures.what !== 'came back' && measures.what !== 'plated') continue;
    const of = out.get(measures.dish) ?? { counted: 0, plated: [] };
    out.set(measures.dish, of);
    const n = midpoint(value ?? undefined) ?? 0;
    if (measures.what === 'plated') of.plated.push({ id, grams: n });
    else of.counted += measures.what === 'served' ? n : -n;
  }
  return out;
}

/** Servings of a dish that are out: never fewer than none. */
export const servedOf = (entries: readonly Entry[], dish: string): number => {
  const of = wentOut(entries).get(dish);
  return of ? Math.max(0, of.counted + of.plated.length) : 0;
};
